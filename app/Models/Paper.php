<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property int    $grit
 * @property string $form
 * @property int    $sheets
 */
final class Paper extends ShelfItem
{
    protected function casts(): array
    {
        return ['grit' => 'integer', 'sheets' => 'integer'];
    }
}
