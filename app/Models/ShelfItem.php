<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Something on the shelf. A changed sheet makes a new row that supersedes the old one, so that a recorded job can
 * always be recomputed with what it was made of.
 *
 * @property int      $id
 * @property int      $shop_id
 * @property string   $name
 * @property int|null $superseded_by_id
 * @property bool     $made_up          an example that ships with the app, until somebody confirms or replaces it
 */
abstract class ShelfItem extends Model
{
    protected $guarded = ['id'];

    /** @return list<string> fields of its sheet that no label and nobody typed */
    public function assumed(): array
    {
        return isset($this->getAttributes()['assumed']) ? array_values((array) $this->getAttribute('assumed')) : [];
    }

    /** Whether its sheet says something that nobody read off a label. */
    public function isUnproven(): bool
    {
        return $this->getAttribute('made_up') || $this->assumed() !== [];
    }

    /** @param Builder<static> $query */
    #[Scope]
    protected function current(Builder $query): void
    {
        $query->whereNull('superseded_by_id');
    }
}
