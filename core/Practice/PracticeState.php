<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Milestone;
use OakGloss\Cure\Spread;
use OakGloss\Film\PrintThrough;
use OakGloss\Film\Rheology;
use OakGloss\Material\Resin;
use OakGloss\Quantity\Temperature;

/** What all hands at the practice part share: the truth, the clock, the ledger and what went wrong. */
final class PracticeState
{
    /** More dust than this is seen under the next coat. */
    private const DUST_SHOWS = 0.15;

    public readonly HiddenTruth $truth;
    public readonly Resin $sheet;
    public readonly Kinetics $kinetics;
    public readonly CureForecast $forecast;
    public readonly PracticePart $part;
    public readonly Ledger $ledger;

    public float $now = 0.0;
    public float $lastCoatAt = -INF;
    public ?float $clearAt = null;
    public ?float $flattedAt = null;

    /** @var list<array{float, float}> what each coat filled of the faces' texture, µm, and when it went on */
    public array $filled = [];

    public readonly Workbook $book;

    /** @var list<Mistake> */
    public array $mistakes = [];

    public function __construct(int $seed, Weather $weather = new Weather())
    {
        $this->truth = HiddenTruth::of($seed, $weather);
        $this->book = new Workbook();
        $this->sheet = Kit::resin();
        $this->kinetics = $this->sheet->kinetics->paced($this->truth->pace);
        $this->forecast = new CureForecast(new PartTemperature($this->truth->air, 12.0), $this->kinetics, new Spread(), 0.0);
        $this->ledger = new Ledger();
        $this->part = new PracticePart($this->truth, $this->rheology());
    }

    public function airC(): float
    {
        return $this->truth->air->at($this->now);
    }

    /** @param array<string, float|string> $args */
    public function wrong(string $code, array $args): void
    {
        $this->mistakes[] = new Mistake($code, $this->now, $args);
    }

    public function ageOfLastCoat(): float
    {
        return is_finite($this->lastCoatAt) ? $this->forecast->age($this->lastCoatAt, $this->now) : INF;
    }

    public function potLife(): float
    {
        return $this->sheet->potLifeAt(Temperature::fromCelsius($this->airC())) * $this->truth->pace;
    }

    public function sealDust(): void
    {
        $dust = $this->part->mean('', fn (Cell $c): float => $c->dust);
        if ($dust > self::DUST_SHOWS) {
            $this->wrong(Mistake::DUST, ['dust' => $dust]);
        }
        foreach ($this->part->cells as $cell) {
            $cell->sealedDust = max($cell->sealedDust, $cell->dust > self::DUST_SHOWS ? $cell->dust : 0.0);
            $cell->dust = 0.0;
        }
    }

    private function rheology(): Rheology
    {
        $sheet = $this->sheet->rheology;

        return new Rheology(
            $sheet->densityGCm3,
            $sheet->reference,
            $sheet->viscosityPaS * $this->truth->viscosity,
            $sheet->flow,
            $sheet->gelAgeMin * $this->truth->pace,
            $sheet->cure,
            $sheet->shrinkage,
        );
    }

    /** What has pulled the weave's pattern back since it was flatted, µm. */
    public function printUm(): float
    {
        if ($this->flattedAt === null) {
            return 0.0;
        }
        $depth = fn (float $at): float => PrintThrough::depthUm(
            array_map(fn (array $f): array => [$f[0], $this->forecast->age($f[1], $at)], $this->filled),
            $this->sheet->rheology->shrinkage,
            $this->kinetics->age(Milestone::Full),
        );

        return max(0.0, $depth($this->flattedAt) - $depth($this->now));
    }
}
