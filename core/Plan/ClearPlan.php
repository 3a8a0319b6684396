<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Geometry\Zone;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClearKind;
use OakGloss\Method\Materials;
use OakGloss\Method\PartBrief;
use OakGloss\Method\TopCoats;
use OakGloss\Method\Workshop;
use OakGloss\Optics\Finish;
use OakGloss\Optics\GlossExpected;
use OakGloss\Optics\PolishLadder;
use OakGloss\Quantity\Temperature;

/** One clear over one part: coats, mix, times, what flatting and polish take of it, what stays for the sun, the gloss. */
final readonly class ClearPlan
{
    /** A coat may creep so far before it sets, mm (ours). */
    public const SAG_LIMIT_MM = 3.0;

    private const MOST_COATS = 8;
    /** Film more that a part gets which will be rubbed and scratched, µm (ours). */
    private const WEAR_UM = 10.0;

    /** Where the sheet says nothing, gloss units at 60° and give or take (planning values). */
    private const USUAL_GU = ['satin' => [35.0, 12.0], 'matt' => [12.0, 8.0]];

    /** As it dries, a gloss clear is as smooth as this, µm rms; peel does not dim it (ours). */
    private const AS_DRIED_RMS_UM = 0.02;

    private function __construct(
        public ClearCoat $clear,
        public int $coats,
        public float $litres,
        public float $appliedLitres,
        public float $flashMin,
        public ?float $recoatUntilMin,
        public float $readyMin,
        public ?float $potLifeMin,
        /** Where it creeps first, and the greatest wet coat there; null where every face is level. */
        public ?Zone $steepest,
        public ?float $greatestWetUm,
        public float $dryUm,
        public float $flatTakesUm,
        public ?PolishLadder $polish,
        public GlossExpected $gloss,
        public ?Ladder $flat,
        public float $wearUm,
    ) {
    }

    /** The least that a gun draws well, not what the part needs. */
    public function isSmallestMix(): bool
    {
        return $this->clear->sprayed->isSmallestMix($this->appliedLitres, $this->clear->kind);
    }

    public static function of(ClearCoat $clear, PartBrief $brief, Materials $materials, Workshop $shop): self
    {
        $air = Temperature::fromCelsius($shop->workingAirC);
        $area = $brief->coatedAreaM2();
        $isFiller = $clear->kind === ClearKind::Filler;
        $flat = match (true) {
            $isFiller => self::flatting($clear, $area, $materials, TopCoats::FILLER_FROM, TopCoats::FILLER_TO),
            $clear->polishAt($air) !== null => self::flatting($clear, $area, $materials, TopCoats::CLEAR_FROM, TopCoats::CLEAR_TO),
            default => null,
        };
        $polish = $flat === null || $isFiller ? null : PolishLadder::from($flat->leftScratchUm(), $area);
        $takes = $flat?->totalCutUm() ?? 0.0;
        $coats = min(
            self::MOST_COATS,
            $clear->sprayed->coatsFor($clear->finalUm + ($brief->wear ? self::WEAR_UM : 0.0), $takes + ($polish?->totalCutUm() ?? 0.0)),
        );
        $steepest = null;
        foreach ($brief->coatedZones() as $zone) {
            $steepest = $steepest === null || $zone->slopeDeg > $steepest->slopeDeg ? $zone : $steepest;
        }

        return new self(
            $clear,
            $coats,
            $clear->sprayed->withLosses($clear->sprayed->litresFor($area, $coats), $clear->kind),
            $clear->sprayed->litresFor($area, $coats),
            $clear->flashAt($air),
            $clear->recoatUntilAt($air),
            $clear->readyAt($air),
            $clear->potLifeAt($air),
            $steepest,
            $steepest === null ? null : $clear->sprayed->holdsWetUm($steepest->slopeDeg, self::SAG_LIMIT_MM),
            $coats * $clear->sprayed->dryPerCoatUm(),
            $takes,
            $polish,
            match (true) {
                $polish !== null => $polish->gloss(),
                $clear->sheetGu !== null => GlossExpected::bySheet($clear->sheetGu, $clear->sheetGuDoubt),
                $clear->sheen !== Finish::Gloss => GlossExpected::bySheet(...self::USUAL_GU[$clear->sheen->value]),
                default => GlossExpected::ofRms(self::AS_DRIED_RMS_UM),
            },
            $flat,
            $brief->wear ? self::WEAR_UM : 0.0,
        );
    }

    /** Dry film that stays when all is flatted and polished. */
    public function remainsUm(): float
    {
        return $this->dryUm - $this->flatTakesUm - ($this->polish?->totalCutUm() ?? 0.0);
    }

    /** Dry film that should stay: for the sun, and what wear will take. */
    public function wantedUm(): float
    {
        return $this->clear->finalUm + $this->wearUm;
    }

    public function guardsEnough(): bool
    {
        return $this->remainsUm() >= $this->wantedUm() - 1e-9;
    }

    public function sags(): bool
    {
        return $this->greatestWetUm !== null && $this->clear->sprayed->wetUm > $this->greatestWetUm;
    }

    /** Cans to buy; null where it comes in tins. */
    public function cans(): ?int
    {
        return $this->clear->canMl === null ? null : max(1, (int) ceil($this->litres * 1000.0 / $this->clear->canMl - 1e-9));
    }

    /**
     * Minutes after the first coat at which each is sprayed: spraying and flash, one after the other.
     *
     * @return list<float>
     */
    public function coatsAtMin(float $sprayMin): array
    {
        return array_map(fn (int $n): float => $n * ($sprayMin + $this->flashMin), range(0, $this->coats - 1));
    }

    /** The same film in as many coats as the steepest face holds; the planned ones where none sags. */
    public function coatsThatHold(): int
    {
        $wetUm = $this->coats * $this->clear->sprayed->wetUm;

        return $this->greatestWetUm === null ? $this->coats : (int) ceil($wetUm / $this->greatestWetUm);
    }

    /** @return array{clear: float, hardener: float, reducer: float} millilitres of each for all coats */
    public function mixMl(): array
    {
        $ml = $this->litres * 1000.0 / (100.0 + $this->clear->hardenerParts + $this->clear->reducerParts);

        return ['clear' => 100.0 * $ml, 'hardener' => $this->clear->hardenerParts * $ml, 'reducer' => $this->clear->reducerParts * $ml];
    }

    private static function flatting(ClearCoat $clear, float $areaM2, Materials $materials, int $from, int $to): ?Ladder
    {
        $first = $clear->sprayed->peelUm() + Ladder::CLEAR_WAVINESS_UM;
        $driven = SandingMethod::WetBlock;

        return Ladder::cheapest($driven, $areaM2, $materials->papersFor($driven), $from, $to, $first)
            ?? Ladder::cheapest($driven, $areaM2, array_keys(Grit::MEAN_GRAIN_UM), $from, $to, $first);
    }
}
