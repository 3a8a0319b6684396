<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\Field;
use App\Shelf\ShelfKind;

/** What keeps a laminate from its plate or mould, beside wax and film of a method. */
final class ReleaseAgents extends ShelfKind
{
    public const NAME = 'release-agents';
    public const SINGULAR = 'release agent';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Release agent' => [
            Field::choice('form', 'Is', ['paste' => 'paste wax', 'liquid' => 'wiped on', 'sprayed' => 'sprayed on']),
            Field::number('coats', 'Coats on a new form', '', 1, 12),
            Field::number('dry_min', 'Dry between coats', 'min', 1, 1440),
            Field::number('bears_c', 'Bears', '°C', 20, 300),
            Field::number('covers_m2', 'One coat of 100 g covers', 'm²', 0.1, 200),
        ]];
    }
}
