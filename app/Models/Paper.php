<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;

/**
 * @property int      $grit
 * @property string   $form
 * @property int|null $sheets null where they are there and nobody counts them
 */
final class Paper extends ShelfItem
{
    /** @param Builder<static> $query */
    #[Scope]
    protected function thereAtAll(Builder $query): void
    {
        $query->where(fn (Builder $any): Builder => $any->whereNull('sheets')->orWhere('sheets', '>', 0));
    }

    protected function casts(): array
    {
        return ['grit' => 'integer', 'sheets' => 'integer', 'made_up' => 'boolean'];
    }
}
