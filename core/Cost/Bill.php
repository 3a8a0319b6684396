<?php

declare(strict_types=1);

namespace OakGloss\Cost;

/**
 * Lines of a part with the shop's percentages; its sums are those of model 16.
 *
 * @phpstan-type LineData array{
 *     kind: string, key: string, name: string, quantity: float|int, unit: string, pack: float|int, priceMinor: int, isRescue: bool,
 * }
 * @phpstan-type BillData array{waste: float|int, margin: float|int, tax: float|int, lines: list<LineData>}
 */
final readonly class Bill
{
    public Quote $sums;

    /**
     * @param list<BillLine> $lines
     * @param float          $waste  per cent on materials
     * @param float          $margin per cent on cost
     * @param float          $tax    per cent on net
     *
     * @throws \OakGloss\Quantity\OutOfRange If a percentage is out of range.
     */
    public function __construct(public array $lines, public float $waste, public float $margin, public float $tax)
    {
        $isMaterial = fn (BillLine $l): bool => $l->kind === CostKind::Material;
        $rest = array_values(array_filter($lines, fn (BillLine $l): bool => ! $isMaterial($l)));
        $this->sums = Quote::of(
            array_map(fn (BillLine $l): Material => $l->material(), array_values(array_filter($lines, $isMaterial))),
            [],
            array_map(fn (BillLine $l): int => $l->minor(), $rest),
            $waste,
            $margin,
            $tax,
        );
    }

    /** @return list<BillLine> */
    public function of(CostKind $kind): array
    {
        return array_values(array_filter($this->lines, fn (BillLine $l): bool => $l->kind === $kind));
    }

    /** Of the lines of a kind, minor units. */
    public function minorOf(CostKind $kind): int
    {
        return (int) array_sum(array_map(fn (BillLine $l): int => $l->minor(), $this->of($kind)));
    }

    /**
     * What a customer is asked, without the shop's own reckoning: each kind of line with its share of waste and margin. The
     * shares are whole minor units by the greatest rest, so that they sum up to the net.
     *
     * @return array<string, int> net minor units by kind
     */
    public function asked(): array
    {
        $costs = [];
        foreach (CostKind::cases() as $kind) {
            $cost = $this->minorOf($kind) + ($kind === CostKind::Material ? $this->sums->wasteMinor : 0);
            $costs += $cost === 0 ? [] : [$kind->value => $cost];
        }
        $net = $this->sums->netMinor;
        $exact = array_map(fn (int $cost): float => $net * $cost / max(1, $this->sums->costMinor), $costs);
        $asked = array_map(fn (float $x): int => (int) floor($x), $exact);
        uasort($exact, fn (float $a, float $b): int => ($b - floor($b)) <=> ($a - floor($a)));
        $open = $net - (int) array_sum($asked);
        foreach (array_keys($exact) as $kind) {
            $asked[$kind] = ($asked[$kind] ?? 0) + ($open-- > 0 ? 1 : 0);
        }

        return $asked;
    }

    public function handsMin(): float
    {
        return array_sum(array_map(fn (BillLine $l): float => $l->quantity, $this->of(CostKind::Hands)));
    }

    /** @return BillData as it is kept */
    public function data(): array
    {
        return ['waste' => $this->waste, 'margin' => $this->margin, 'tax' => $this->tax, 'lines' => array_map(
            fn (BillLine $l): array => [
                'kind' => $l->kind->value, 'key' => $l->key, 'name' => $l->name, 'quantity' => $l->quantity, 'unit' => $l->unit,
                'pack' => $l->pack, 'priceMinor' => $l->priceMinor, 'isRescue' => $l->isRescue,
            ],
            $this->lines,
        )];
    }

    /**
     * @param BillData $data
     *
     * @throws \OakGloss\Quantity\OutOfRange If a line can't be meant.
     */
    public static function read(array $data): self
    {
        return new self(array_map(fn (array $l): BillLine => new BillLine(
            CostKind::from($l['kind']),
            $l['key'],
            $l['name'],
            (float) $l['quantity'],
            $l['unit'],
            (float) $l['pack'],
            $l['priceMinor'],
            $l['isRescue'],
        ), $data['lines']), (float) $data['waste'], (float) $data['margin'], (float) $data['tax']);
    }
}
