<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Abrasion\Grit;
use OakGloss\Cure\Milestone;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Evidence;
use OakGloss\Quantity\Temperature;

/** What a shop would have on record of the practice part: as read from scale, probe, clock and papers, each a little off. */
final readonly class WorkRecord
{
    public function __construct(private PracticeState $bench)
    {
    }

    /** Of a defect on a face. */
    public function of(Defect $defect, string $zone): Evidence
    {
        $isWetOut = $defect === Defect::Floated || $defect === Defect::DrySpot;

        return Evidence::read($this->ofCoat($isWetOut) + $this->ofSanding($zone) + $this->ofPlace($zone));
    }

    /** @return array<string, float|int|bool|null> */
    private function ofCoat(bool $isWetOut): array
    {
        $coat = $this->bench->book->newest($isWetOut);
        if ($coat === null) {
            return [];
        }
        $sheet = $this->bench->sheet;
        $air = $coat['airC'] + 0.4 * $this->off('probe');
        $minutes = round($coat['at'] - $coat['mixedAt']);
        // By the sheet's pace: nobody knows the true one.
        $from = $sheet->kinetics->age($isWetOut ? Milestone::TackUntil : Milestone::TackFrom);
        $age = is_finite($coat['ageBelow']) ? $coat['ageBelow'] * exp(0.05 * $this->off('age')) : null;

        return [
            'airC' => round($air, 1),
            'minC' => $sheet->minC,
            'dewMarginC' => round($this->dewMargin($coat['at']) + 0.5 * $this->off('dew'), 1),
            'wipeAgeMin' => match (true) {
                $coat['wipedAt'] !== null => round($coat['at'] - 8.0 - $coat['wipedAt']),
                // Passed over on the bench: only where something was sanded does a wipe belong before it.
                $coat['isKeyed'] => INF,
                default => null,
            },
            'dustLeft' => $coat['isKeyed'] ? $coat['wipedAt'] === null : null,
            'ratioOffPercent' => $coat['gM2'] > 0.0 ? round($coat['offPercent'] + 0.5 * $this->off('scale'), 1) : null,
            'cupAgeShare' => $coat['gM2'] > 0.0 ? $minutes / $sheet->potLifeAt(Temperature::fromCelsius($air)) : null,
            'restMin' => $coat['gM2'] > 0.0 ? max(0.0, $minutes - 8.0) : null,
            'belowOverTack' => $age === null || $coat['isKeyed'] ? null : $age / $from,
            'belowOverBond' => $coat['isKeyed'] ? 0.0 : ($age === null ? null : $age / $sheet->kinetics->age(Milestone::TackUntil)),
            'coatOverLimit' => $coat['overLimit'] > 0.0 ? $coat['overLimit'] * exp(0.12 * $this->off('limit')) : null,
            'wetOverDrink' => $isWetOut ? $coat['gM2'] / Kit::weave()->saturationGM2($sheet->rheology->densityGCm3) : null,
            'scratchOverMost' => $coat['scratchOverMost'],
            'hottestSinceC' => round($this->hottest($coat['at']) + 0.4 * $this->off('probe'), 1),
        ];
    }

    /** @return array<string, float|int|null> */
    private function ofSanding(string $zone): array
    {
        $passes = array_values(array_filter($this->bench->book->passes, fn (array $p): bool => $p['zone'] === '' || $p['zone'] === $zone));
        if ($passes === []) {
            return [];
        }
        $gaps = [];
        foreach ($passes as $i => $pass) {
            if ($i > 0) {
                $before = Grit::p($passes[$i - 1]['grit'])->meanGrainUm;
                $gaps[] = $before / Grit::p($pass['grit'])->meanGrainUm;
            }
        }
        $shares = array_map(fn (array $p): float => $p['minutes'] / max(0.1, $p['needsMin']), $passes);
        $first = $passes[0];
        $last = $passes[count($passes) - 1];
        $papers = count(array_unique(array_map(fn (array $p): int => $p['grit'], $passes)));

        return [
            // The film by the model: within its doubt of what is there.
            'coverOverNeed' => max(0.0, $first['coverUm']) * exp(0.12 * $this->off('film')) / max(1.0, $first['takesUm']),
            'passOverNeed' => max($shares),
            'passUnderNeed' => min($shares),
            'firstGrit' => $first['grit'],
            'sandedOverReady' => is_finite($first['age']) ? $first['age'] / $this->bench->sheet->kinetics->age(Milestone::Sandable) : null,
            'settledShare' => is_finite($last['age']) ? $last['age'] / $this->bench->sheet->kinetics->age(Milestone::Full) : null,
            'ladderGap' => $gaps === [] ? null : max($gaps),
            'waterShare' => $this->bench->book->waters / $papers,
        ];
    }

    /** @return array<string, float|bool> */
    private function ofPlace(string $zone): array
    {
        foreach (Kit::zones() as $candidate) {
            if ($candidate->name === $zone) {
                return ['slopeDeg' => $candidate->slopeDeg, 'isEdge' => $candidate->kind->isSandedByHand(), 'isInCorner' => false];
            }
        }

        return [];
    }

    private function hottest(float $from): float
    {
        $hottest = -INF;
        for ($at = $from; $at <= $this->bench->now; $at += 60.0) {
            $hottest = max($hottest, $this->bench->truth->air->at($at));
        }

        return $hottest;
    }

    private function dewMargin(float $from): float
    {
        $least = INF;
        for ($at = $from - 60.0; $at <= $from + 180.0; $at += 60.0) {
            $least = min($least, $this->bench->truth->dewMarginC(max(0.0, $at)));
        }

        return $least;
    }

    private function off(string $instrument): float
    {
        return $this->bench->truth->luck("read/{$instrument}");
    }
}
