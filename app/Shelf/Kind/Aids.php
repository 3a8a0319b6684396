<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\ShelfItem;
use App\Shelf\FromShelf;
use App\Shelf\ShelfKind;
use App\Words\Formatter;
use OakGloss\Material\AidKind;
use OakGloss\Quantity\Field;

/** What goes on without being film: wax, release film, primer, body filler, adhesive, paint, each with its waits. */
final class Aids extends ShelfKind
{
    public const NAME = 'aids';
    public const SINGULAR = 'aid';
    public const UNIT = 'g';
    public const SLOT_COLUMN = 'item_id';

    public function groups(): array
    {
        return [
            'Aid' => [
                Field::choice('what', array_map(strval(...), (array) __('shelf.aids')))->called('Is'),
                Field::number('coats', 1, 8)->called('Coats'),
                Field::number('between_min', 0, 2880)->called('Between coats', 'min'),
                Field::number('ready_min', 0, 10080)->called('Then ready after', 'min'),
                Field::number('holds_min', 0, 20160)->called('Holds for', 'min', 'from its last coat; 0 where it always does'),
            ],
        ];
    }

    public function check(ShelfItem $item): void
    {
        FromShelf::aid($item);
    }

    public function line(ShelfItem $item, Formatter $format): string
    {
        $what = AidKind::tryFrom((string) $item->getAttribute('what'));

        return (string) __('shelf.aid_line', [
            'what' => $what === null ? '' : __("shelf.aids.{$what->value}"),
            'coats' => trans_choice('shelf.aid_coats', (int) $item->getAttribute('coats')),
            'ready' => $format->span((float) $item->getAttribute('ready_min')),
        ]);
    }
}
