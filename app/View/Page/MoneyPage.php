<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\KeptQuote;
use App\Models\Shop;
use App\Models\ShopMoney;
use App\Words\Formatter;
use OakGloss\Cost\Bill;
use OakGloss\Cost\BillLine;
use OakGloss\Cost\CostKind;
use OakGloss\Cost\Difference;
use OakGloss\Cost\Material;

/** A part's money as its page shows it. */
final readonly class MoneyPage
{
    /** Width of the longest bar of the causes. */
    public const BAR = 240.0;

    public ShopMoney $money;

    public ?Difference $difference;

    /** What the actual cost is held against: the quote that was kept last, else the plan as it is. */
    public Bill $against;

    public function __construct(
        Shop $shop,
        public Bill $quoted,
        public ?Bill $actual,
        public ?KeptQuote $kept,
        private Formatter $format,
    ) {
        $this->money = $shop->money();
        $this->against = $kept?->bill() ?? $quoted;
        $this->difference = $actual === null ? null : Difference::between($this->against, $actual);
    }

    /** Whether the shop has a rate at all: without one the sums say only what materials cost. */
    public function hasRate(): bool
    {
        return $this->money->handMinor > 0;
    }

    public function quantity(BillLine $line): string
    {
        return match ($line->kind) {
            CostKind::Hands, CostKind::Place, CostKind::Wet => $this->format->span($line->quantity),
            CostKind::Coat, CostKind::SentOut => (string) (int) $line->quantity,
            default => app(InCups::class)->say($line->key, $line->quantity, $line->unit),
        };
    }

    /** `2.74 EUR for 100 g`: the price that a line is reckoned by. */
    public function price(BillLine $line): string
    {
        $pack = in_array($line->unit, ['g', 'ml'], true) ? 100.0 : 1.0;

        return match (true) {
            $line->kind === CostKind::Material && $line->priceMinor === 0 => (string) __('money.no_price'),
            $line->kind === CostKind::Material => (string) __('money.price_for', [
                'price' => $this->money->say((new Material($pack, $line->pack, $line->priceMinor))->minor()),
                'pack' => $this->format->stock($pack, $line->unit),
            ]),
            in_array($line->kind, [CostKind::Coat, CostKind::SentOut], true) => (string) __('money.price_each', [
                'price' => $this->money->say($line->priceMinor),
            ]),
            default => (string) __('money.price_hour', ['price' => $this->money->say($line->priceMinor)]),
        };
    }

    public function say(int $minor): string
    {
        return $this->money->say($minor);
    }

    /**
     * To one scale, from the line of no difference.
     *
     * @return list<array{cause: string, says: string, x: float, width: float, isMore: bool}>
     */
    public function causes(): array
    {
        $causes = $this->difference->byCause ?? [];
        $most = max([1, ...array_map(abs(...), array_values($causes))]);

        return array_map(fn (string $cause, int $minor): array => [
            'cause' => (string) __("money.causes.{$cause}"),
            'says' => ($minor > 0 ? '+' : '').$this->say($minor),
            'x' => round(self::BAR - ($minor < 0 ? self::BAR * -$minor / $most : 0.0), 1),
            'width' => round(self::BAR * abs($minor) / $most, 1),
            'isMore' => $minor > 0,
        ], array_keys($causes), array_values($causes));
    }
}
