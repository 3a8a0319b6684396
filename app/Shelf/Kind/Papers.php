<?php

declare(strict_types=1);

namespace App\Shelf\Kind;

use App\Models\Paper;
use App\Models\ShelfItem;
use App\Shelf\ShelfKind;
use App\Words\Formatter;
use OakGloss\Abrasion\Grit;
use OakGloss\Quantity\Field;

/** Abrasive papers, by their grit. */
final class Papers extends ShelfKind
{
    public const NAME = 'papers';
    public const SINGULAR = 'paper';
    public const MODEL = Paper::class;
    public const ORDER = 'grit';
    public const COUNTED_IN = 'sheets';

    public function grainRadius(ShelfItem $item): float
    {
        $coarsest = max(Grit::MEAN_GRAIN_UM);

        return round((Grit::MEAN_GRAIN_UM[$item->getAttribute('grit')] ?? $coarsest) / $coarsest * 21.0 + 0.6, 2);
    }

    public function groups(): array
    {
        return ['Paper' => [
            Field::whole('grit', choices: array_keys(Grit::MEAN_GRAIN_UM))
                ->called('Grit', 'P', 'of the P series: '.implode(', ', array_keys(Grit::MEAN_GRAIN_UM))),
            Field::choice('form', ['dry sheet' => 'dry sheet', 'wet sheet' => 'wet sheet', 'disc' => 'disc', 'foam pad' => 'foam pad'])
                ->called('Form'),
            Field::number('sheets', 0, 10000)
                ->called('At hand', 'pieces', '0 takes it out of the ladders; empty where nobody counts them')->optional(),
        ]];
    }

    public function title(ShelfItem $item): string
    {
        return $item instanceof Paper ? "P{$item->grit}" : $item->name;
    }

    public function isOut(ShelfItem $item): bool
    {
        return $item instanceof Paper && $item->sheets === 0;
    }

    public function line(ShelfItem $item, Formatter $format): string
    {
        return $item instanceof Paper ? ($item->sheets === null ? '' : "{$item->sheets} × ").$item->form : '';
    }
}
