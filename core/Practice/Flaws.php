<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Cure\Milestone;
use OakGloss\Inspection\Defect;
use OakGloss\Quantity\Temperature;

/**
 * What would be found on the practice part, by what was really done to it: thresholds that its own luck moves a little.
 * Nothing here knows how a cause is looked for.
 */
final class Flaws
{
    /** Share of a face that is seen as low, and as bare. */
    private const LOW = 0.05;
    private const BARE = 0.02;

    /** Weave that has pulled back so far is seen, µm. */
    private const PRINT_UM = 0.6;

    private function __construct(private readonly PracticeState $bench)
    {
    }

    /** @return list<array{Defect, string}> and on which face */
    public static function of(PracticeState $bench): array
    {
        $flaws = new self($bench);

        return [...$flaws->ofWetOut(), ...$flaws->ofCoats(), ...$flaws->ofSanding()];
    }

    /** @return list<array{Defect, string}> */
    private function ofWetOut(): array
    {
        $wet = $this->bench->book->newest(true);
        if ($wet === null) {
            return [];
        }
        $drinks = Kit::weave()->saturationGM2(Kit::resin()->rheology->densityGCm3);
        $share = $wet['gM2'] / $drinks;
        $floats = $wet['ageBelow'] < 0.92 * $this->bench->kinetics->age(Milestone::TackUntil) || $share > 2.4 + 0.1 * $this->luck('flood');

        return [
            ...($floats ? [[Defect::Floated, 'top']] : []),
            ...($share < 1.0 + 0.04 * $this->luck('lean') ? [[Defect::DrySpot, 'top']] : []),
            // A steep face loses some of it.
            ...($share >= 1.0 && 0.86 * $share < 1.0 ? [[Defect::DrySpot, 'flank']] : []),
        ];
    }

    /** @return list<array{Defect, string}> */
    private function ofCoats(): array
    {
        $coat = $this->bench->book->newest(false);
        if ($coat === null) {
            return [];
        }
        $sheet = $this->bench->sheet;
        $air = Temperature::fromCelsius($coat['airC']);
        $toBrush = $coat['at'] - 8.0 - $coat['mixedAt'];
        $cup = ($toBrush + 8.0) / ($sheet->potLifeAt($air) * $this->bench->truth->pace);
        $cold = max(0.0, $sheet->minC + 2.0 - $coat['airC']);
        $bubbles = 0.95 * exp(-max(0.0, $toBrush - 2.0) / 3.0) + 2.0 * max(0.0, $cup - 0.62) + 0.14 * $cold;
        $isWetBelow = $coat['ageBelow'] < $this->bench->kinetics->age(Milestone::TackFrom);
        $age = $this->bench->ageOfLastCoat();
        $isOld = $this->bench->now - $coat['at'] > 2000.0;
        $isSoft = abs($coat['offPercent']) > 4.0 + 0.4 * $this->luck('ratio') || $coat['stirMin'] < 1.2
            || $age < $this->bench->kinetics->age(Milestone::Sandable);

        return array_values(array_filter([
            $coat['grease'] > 0.25 ? [Defect::Fisheyes, 'top'] : null,
            $bubbles > 0.55 + 0.05 * $this->luck('bubbles') ? [Defect::Bubbles, 'top'] : null,
            $coat['overLimit'] * ($isWetBelow ? 1.5 : 1.0) > 1.0 + 0.05 * $this->luck('runs') ? [Defect::Runs, 'flank'] : null,
            $this->dewMargin($coat['at']) < 3.2 + 0.4 * $this->luck('damp') || $cold > 3.0 ? [Defect::Blush, 'top'] : null,
            $isOld && $isSoft ? [Defect::Soft, 'top'] : null,
            ! $coat['isKeyed'] && is_finite($coat['ageBelow'])
                && $coat['ageBelow'] > 1.1 * $this->bench->kinetics->age(Milestone::TackUntil)
                ? [Defect::Delamination, 'flank'] : null,
            $this->bench->part->clearUm() > 0.0
                && ($this->bench->part->sealedDust() > 0.15 || $this->bench->part->mean('', fn (Cell $c): float => $c->hazeUm) > 0.5)
                ? [Defect::Haze, 'top'] : null,
        ]));
    }

    /** @return list<array{Defect, string}> */
    private function ofSanding(): array
    {
        $book = $this->bench->book;
        $last = $book->passes === [] ? null : $book->passes[count($book->passes) - 1];
        if ($last === null) {
            return [];
        }
        $flaws = [];
        foreach (Kit::zones() as $zone) {
            if ($this->bench->part->burntShare($zone->name) > self::BARE) {
                $flaws[] = [Defect::BurnThrough, $zone->name];
            } elseif ($zone->name !== 'rim' && $this->bench->flattedAt !== null && $this->bench->part->lowShare($zone->name) > self::LOW) {
                $flaws[] = [Defect::LowSpots, $zone->name];
            }
        }
        $papers = count(array_unique(array_map(fn (array $p): int => $p['grit'], $book->passes)));
        $isSkipped = array_filter($this->bench->mistakes, fn (Mistake $m): bool => $m->code === Mistake::SKIPPED) !== [];
        if ($isSkipped || ($papers >= 3 && $book->waters < 0.4 * $papers && $this->luck('curl') > -1.0)) {
            $flaws[] = [Defect::Scratch, 'top'];
        }
        if ($this->bench->printUm() > self::PRINT_UM) {
            $flaws[] = [Defect::PrintThrough, 'top'];
        }

        return $flaws;
    }

    private function dewMargin(float $from): float
    {
        $least = INF;
        for ($at = $from; $at <= $from + 180.0; $at += 30.0) {
            $least = min($least, $this->bench->truth->dewMarginC($at));
        }

        return $least;
    }

    private function luck(string $matter): float
    {
        return $this->bench->truth->luck($matter);
    }
}
