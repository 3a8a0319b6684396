<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Shop;
use App\Shelf\ShelfKind;
use App\Shelf\ShelfKinds;
use App\Stock\ToBuy;
use App\Words\Formatter;

/** A line of the shopping list in words and as cells of a file. */
final readonly class ShoppingLine
{
    public const COLUMNS = [
        'supplier',
        'order_by',
        'lead_days',
        'needed_by',
        'kind',
        'item',
        'jar',
        'missing',
        'unit',
        'packs',
        'pack_quantity',
        'pack_price',
        'currency',
    ];

    private function __construct(
        public ToBuy $toBuy,
        private ShelfKind $kind,
        public string $name,
        private Shop $shop,
        private Formatter $format,
    ) {
    }

    /**
     * @param list<ToBuy> $list
     *
     * @return list<self>
     */
    public static function all(array $list, Shop $shop, Formatter $format): array
    {
        $titles = $kinds = [];
        foreach (ShelfKinds::all() as $name => $kind) {
            $kinds[$name] = $kind;
            foreach ($kind->of($shop) as $item) {
                $titles[$name][$item->id] = $item->name;
            }
        }
        $lines = array_map(fn (ToBuy $b): ?self => isset($titles[$b->jar->kind][$b->jar->itemId])
            ? new self($b, $kinds[$b->jar->kind], $titles[$b->jar->kind][$b->jar->itemId], $shop, $format) : null, $list);

        return array_values(array_filter($lines));
    }

    public function jar(): string
    {
        return $this->toBuy->jar->jar === '' ? '' : (string) __("stock.jars.{$this->toBuy->jar->jar}");
    }

    public function by(): string
    {
        return $this->toBuy->byMin === null ? (string) __('stock.shopping.low') : $this->format->when($this->toBuy->byMin);
    }

    /** The day on which it has to be ordered; of one that is gone by, by how much it will be late. */
    public function orderBy(): string
    {
        return match (true) {
            $this->toBuy->orderByMin === null => '–',
            ! $this->toBuy->isCounted => (string) __('stock.shopping.order_unless'),
            $this->isLate() => (string) __('stock.shopping.order_now', [
                'days' => trans_choice('stock.shopping.late_days', $this->toBuy->lateDays),
            ]),
            default => $this->format->time()->local($this->toBuy->orderByMin)->format('D j M'),
        };
    }

    public function isLate(): bool
    {
        return $this->toBuy->lateDays > 0;
    }

    public function missing(): string
    {
        $missing = $this->toBuy->outlook->missing;

        return match (true) {
            $missing <= 0.0 => '–',
            $this->toBuy->isCounted => $this->format->stock($missing, $this->kind::UNIT),
            default => app(InCups::class)->say($this->toBuy->jar->key(), $missing, $this->kind::UNIT),
        };
    }

    public function packs(): string
    {
        return $this->toBuy->packs === null || $this->toBuy->pack === null ? (string) __('stock.shopping.unknown') : (string) __(
            'stock.shopping.packs_of',
            ['n' => $this->toBuy->packs, 'pack' => $this->format->stock($this->toBuy->pack, $this->kind::UNIT)],
        );
    }

    public function priceMinor(): ?int
    {
        return $this->toBuy->priceMinor === null ? null : $this->toBuy->priceMinor * (int) $this->toBuy->packs;
    }

    /** @return list<string|int|float|null> */
    public function cells(): array
    {
        $money = $this->shop->money();

        return [
            $this->toBuy->supplier,
            $this->toBuy->orderByMin === null ? '' : $this->format->time()->local($this->toBuy->orderByMin)->format('Y-m-d'),
            $this->toBuy->leadDays,
            $this->toBuy->byMin === null ? '' : $this->format->time()->local($this->toBuy->byMin)->format('Y-m-d H:i'),
            $this->kind::SINGULAR, $this->name, $this->toBuy->jar->jar, round($this->toBuy->outlook->missing, 3), $this->kind::UNIT,
            $this->toBuy->packs, $this->toBuy->pack, $money->typed($this->toBuy->priceMinor), $money->currency,
        ];
    }
}
