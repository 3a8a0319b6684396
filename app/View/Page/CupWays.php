<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Bench\Cup;
use App\Money\PriceBook;
use App\Words\Formatter;

/** Other ways to mix a coat, each with what it comes to. */
final readonly class CupWays
{
    public function __construct(private Cup $cup, private Formatter $format)
    {
    }

    /**
     * The cups of this coat as they are, in a shallow tray, and with a second pair of hands: what each comes to.
     *
     * @return list<array{name: string, cups: string, grams: string, spread: string, gels: string, peak: string, cost: string}>
     */
    public function all(): array
    {
        $shop = $this->cup->planned->part->shop;

        return array_map(function (string $way) use ($shop): array {
            $cups = $this->cup->spreadBy($way === 'hands' ? 2 : 1, $way === 'tray');
            $none = [
                'cups' => (string) __('weigh.curve.none'),
                'grams' => '–',
                'spread' => '–',
                'gels' => '–',
                'peak' => '–',
                'cost' => '–',
            ];

            return ['name' => (string) __("weigh.curve.ways.{$way}")] + ($cups === null ? $none : [
                'cups' => (string) $cups->cups,
                'grams' => $this->format->mixed($cups->cupG, $this->cup->batch->ratio),
                'spread' => $this->format->span($cups->spreadMin),
                'gels' => $cups->heat->potLifeMin === null ? '–' : $this->format->span($cups->heat->potLifeMin),
                'peak' => $this->format->celsius($cups->heat->peakC),
                'cost' => PriceBook::say(
                    $shop,
                    PriceBook::hands($shop, $cups->spreadMin * $cups->cups * ($way === 'hands' ? 2 : 1)),
                ) ?? '–',
            ]);
        }, ['cup', 'tray', 'hands']);
    }
}
