<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\Cup;
use App\Stock\ShopStock;
use App\Stock\TakenFrom;
use App\Words\Formatter;
use OakGloss\Plan\Consumption;
use OakGloss\Plan\Taken;

/** The jars of a cup on the shelf: the lot that is poured from next, and what all open coats still need of it. */
final readonly class WeighStock
{
    public function __construct(private Cup $cup, private ShopStock $stock, private TakenFrom $takenFrom, private Formatter $format)
    {
    }

    /** @return list<array{lot: string, args: array<string, string>, isOld: bool, needs: string, short: string|null}> */
    public function jars(): array
    {
        return array_merge(...array_map($this->jar(...), Consumption::resin($this->cup->step)));
    }

    /** @return list<array{lot: string, args: array<string, string>, isOld: bool, needs: string, short: string|null}> */
    private function jar(Taken $taken): array
    {
        $planned = $this->cup->planned;
        $lines = [];
        foreach ($this->takenFrom->jars($planned->part, $planned->plan->log, $this->cup->step->step->key, [$taken]) as $used) {
            $outlook = $this->stock->outlook($used->jar);
            $lot = $this->stock->next($used->jar);
            $lines[] = [
                'lot' => 'stock.weigh.'.($lot !== null ? 'left' : ($this->stock->isKept($used->jar) ? 'no_lot' : 'unknown')),
                'args' => [
                    'jar' => ucfirst((string) __("stock.jars.{$taken->jar}")), 'mark' => (string) $lot?->mark,
                    'left' => $this->format->grams((float) $lot?->left),
                ],
                'isOld' => $lot !== null && $outlook->good <= 0.0,
                'needs' => $lot === null
                    ? $this->format->mixed($outlook->reserved, $this->cup->batch->ratio, $taken->jar)
                    : $this->format->grams($outlook->reserved),
                'short' => $this->stock->isKept($used->jar) && $outlook->reserved > $outlook->good + 1e-6
                    ? $this->format->grams($outlook->reserved - $outlook->good) : null,
            ];
        }

        return $lines;
    }
}
