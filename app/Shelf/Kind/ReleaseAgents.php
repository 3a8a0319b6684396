<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Shelf\ShelfKind;
use OakGloss\Quantity\Field;

/** What keeps a laminate from its plate or mould, beside wax and film of a method. */
final class ReleaseAgents extends ShelfKind
{
    public const NAME = 'release-agents';
    public const SINGULAR = 'release agent';
    public const UNIT = 'g';

    public function groups(): array
    {
        return ['Release agent' => [
            Field::choice('form', ['paste' => 'paste wax', 'liquid' => 'wiped on', 'sprayed' => 'sprayed on'])->called('Is'),
            Field::number('coats', 1, 12)->called('Coats on a new form'),
            Field::number('dry_min', 1, 1440)->called('Dry between coats', 'min'),
            Field::number('bears_c', 20, 300)->called('Bears', '°C'),
            Field::number('covers_m2', 0.1, 200)->called('One coat of 100 g covers', 'm²'),
        ]];
    }
}
