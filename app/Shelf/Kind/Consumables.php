<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\ShelfItem;
use App\Shelf\ShelfKind;
use App\Words\Formatter;
use OakGloss\Quantity\Field;

/** What is used up beside the materials: cups, brushes, gloves, filters, tape. */
final class Consumables extends ShelfKind
{
    public const NAME = 'consumables';
    public const SINGULAR = 'consumable';
    public const COUNTED_IN = 'at_hand';

    public function groups(): array
    {
        return [
            'Consumable' => [
                Field::choice('what', [
                    'cup' => 'mixing cup', 'brush' => 'brush or roller', 'glove' => 'gloves, pairs', 'filter' => 'mask filter',
                    'tape' => 'masking tape', 'cloth' => 'wiping cloth',
                ])->called('Is'),
                Field::number('at_hand', 0, 100000)->called('At hand', 'pieces'),
                Field::number('least', 0, 100000)->called('Buy when fewer than', 'pieces'),
            ],
        ];
    }

    public function isOut(ShelfItem $item): bool
    {
        return (float) $item->getAttribute('at_hand') <= 0.0;
    }

    private function isLow(ShelfItem $item): bool
    {
        return (float) $item->getAttribute('at_hand') < (float) $item->getAttribute('least');
    }

    public function line(ShelfItem $item, Formatter $format): string
    {
        $what = $this->fields()[0]->words[(string) $item->getAttribute('what')] ?? '';

        return __(
            $this->isLow($item) ? 'shelf.consumable_low' : 'shelf.consumable',
            ['n' => (float) $item->getAttribute('at_hand'), 'what' => $what],
        );
    }
}
