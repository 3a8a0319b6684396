<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\ShelfItem;
use App\Shelf\ShelfKind;
use App\Shelf\ShelfKinds;
use App\Stock\Jar;
use App\Stock\ShopStock;
use App\Words\Formatter;
use OakGloss\Stock\Outlook;

/** One jar of the shelf as its row shows it: what is left, what of it is reserved, and when it will be missed. */
final readonly class StockRow
{
    /** Width of its drawing, and of what is asked for at most beside what is there. */
    private const WIDTH = 200.0;

    public Outlook $outlook;

    public bool $isLow;

    /** How many there are stands on its sheet, where no delivery says so. */
    private bool $isCounted;

    public function __construct(private ShopStock $stock, public Jar $jar, public string $unit)
    {
        $this->outlook = $stock->outlook($jar);
        $this->isLow = $stock->isLow($jar);
        $kind = ShelfKinds::named($jar->kind);
        $this->isCounted = $kind !== null && $kind::COUNTED_IN !== null;
    }

    /** @return list<self> of an item: those of which something is known, or asked for */
    public static function of(ShopStock $stock, ShelfKind $kind, ShelfItem $item): array
    {
        $rows = array_map(
            fn (string $jar): self => new self($stock, new Jar($kind::NAME, $item->id, $jar), $kind::UNIT),
            $kind->jars($item),
        );

        return array_values(array_filter($rows, fn (self $r): bool => $stock->isKept($r->jar) || $r->outlook->reserved > 0.0));
    }

    public function isKept(): bool
    {
        return $this->stock->isKept($this->jar);
    }

    public function isMissed(): bool
    {
        return $this->isKept() && $this->outlook->missing > 0.0;
    }

    public function name(): string
    {
        return $this->jar->jar === '' ? '' : (string) __("stock.jars.{$this->jar->jar}");
    }

    /** In its line: what is left, and what will be missing. */
    public function short(Formatter $format): string
    {
        $left = match (true) {
            $this->isKept() => $format->stock($this->outlook->good, $this->unit),
            $this->isCounted => '',
            default => (string) __('stock.not_counted'),
        };
        $missing = $this->isMissed()
            ? (string) __('stock.short', ['missing' => $format->stock($this->outlook->missing, $this->unit)])
            : '';
        $old = $this->outlook->left > $this->outlook->good
            ? (string) __('stock.says.old', ['old' => $format->stock($this->outlook->left - $this->outlook->good, $this->unit)])
            : '';

        return implode(' ', array_filter([$this->name(), $left, $missing, $old]));
    }

    public function said(Formatter $format): string
    {
        $say = fn (float $quantity): string => $this->isKept()
            ? $format->stock($quantity, $this->unit) : app(InCups::class)->say($this->jar->key(), $quantity, $this->unit);
        $args = [
            'left' => $say($this->outlook->good), 'reserved' => $say($this->outlook->reserved), 'missing' => $say($this->outlook->missing),
            'at' => $format->when($this->outlook->firstMiss?->atMin), 'part' => (string) $this->outlook->firstMiss?->for,
            'order' => $this->order($format),
            'old' => $say($this->outlook->left - $this->outlook->good), 'wasted' => $say(array_sum($this->outlook->wasted)),
        ];

        return implode(' · ', array_map(fn (string $line): string => (string) __("stock.says.{$line}", $args), array_keys(array_filter([
            'unknown' => ! $this->isKept() && ! $this->isCounted,
            'left' => $this->isKept(),
            'reserved' => $this->outlook->reserved > 0.0,
            'missed' => $this->isMissed(),
            'low' => ! $this->isMissed() && $this->isLow,
            'old' => $this->outlook->left > $this->outlook->good,
            'wasted' => $this->outlook->wasted !== [],
        ]))));
    }

    private function order(Formatter $format): string
    {
        $late = $this->stock->lateDays($this->jar);
        $by = $this->stock->orderByMin($this->jar);

        return $late > 0
            ? (string) __('stock.shopping.order_late', ['days' => trans_choice('stock.shopping.late_days', $late)])
            : (string) __('stock.shopping.order_by', ['day' => $by === null ? '' : $format->time()->local($by)->format('D j M')]);
    }

    /** @return array{left: float, reserved: float, missing: float} widths of what is free, reserved and missing, one scale */
    public function bar(): array
    {
        $whole = max($this->outlook->good, $this->outlook->reserved, 1e-9);
        $met = max(0.0, $this->outlook->reserved - $this->outlook->missing);

        return [
            'left' => round(self::WIDTH * min(1.0, $this->outlook->good / $whole), 1),
            'reserved' => round(self::WIDTH * min(1.0, $met / $whole), 1),
            'missing' => round(self::WIDTH * min(1.0, $this->outlook->missing / $whole), 1),
        ];
    }
}
