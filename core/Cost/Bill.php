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
