<?php

declare(strict_types=1);

namespace OakGloss\Diagnosis;

use OakGloss\Cure\Milestone;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Changed;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;

/** What was recorded of the flatting where a defect lies: its papers, their minutes and the age of the film under them. */
final class SandedEvidence
{
    public function __construct(private readonly DefectSite $site)
    {
    }

    /** @return array<string, float|int|null> */
    public function all(): array
    {
        $flat = $this->site->flat;
        $passes = $flat === null ? [] : array_values(array_filter(
            $flat->sanding->facts ?? [],
            fn (Fact $f): bool => $f->content->isWholePart() || $f->content->zone === $this->site->found->zone,
        ));
        $state = null;
        foreach ($flat->zones ?? [] as $candidate) {
            $state = $candidate->zone->name === $this->site->found->zone ? $candidate : $state;
        }
        $shares = $this->passShares($flat, $passes);
        $resinCoat = $this->site->plan->lastCoat();
        $at = $passes === [] ? null : $passes[0]->atMin;
        $before = $at === null || $resinCoat?->doneAtMin === null || $at < $resinCoat->doneAtMin ? null
            : $this->site->clocks->forecastOf($resinCoat)->age($resinCoat->doneAtMin, $at);
        $last = $passes === [] || $resinCoat?->doneAtMin === null ? null : $passes[count($passes) - 1]->atMin;
        $clock = $resinCoat === null || $resinCoat->step->layer === null ? null : $this->site->clocks->clock($resinCoat);

        return [
            'coverOverNeed' => $state === null ? null : self::coverOverNeed($state),
            'passOverNeed' => $shares === [] ? null : max($shares),
            'passUnderNeed' => $shares === [] ? null : min($shares),
            'firstGrit' => $passes === [] ? null : $passes[0]->content->grit,
            'sandedOverReady' => $before === null || $clock === null ? null : $before / $clock->age(Milestone::Sandable),
            'settledShare' => $last === null || $clock === null || $last < $resinCoat->doneAtMin ? null
                : $this->site->clocks->forecastOf($resinCoat)->age($resinCoat->doneAtMin, $last) / $clock->age(Milestone::Full),
            'ladderGap' => self::gap($flat, $passes),
            'waterShare' => $this->waterShare($flat, $passes),
        ];
    }

    private static function coverOverNeed(ZoneState $state): ?float
    {
        $cover = $state->crownCover($state->before)->inMicrometres();
        $takes = $cover - $state->crownCover($state->after)->inMicrometres();

        return $takes <= 0.0 ? null : max(0.0, $cover) / $takes;
    }

    /**
     * Minutes of each pass over what its paper needs.
     *
     * @param list<Fact<Sanded>> $passes
     *
     * @return list<float>
     */
    private function passShares(?PlannedStep $flat, array $passes): array
    {
        $shares = [];
        foreach ($flat->ladder->steps ?? [] as $rung) {
            $minutes = array_sum(array_map(
                fn (Fact $f): float => $f->content->grit === $rung->grit->number ? $f->content->minutes ?? 0.0 : 0.0,
                $passes,
            ));
            if ($minutes > 0.0 && $rung->minutes > 0.0) {
                $shares[] = $minutes / $rung->minutes;
            }
        }

        return $shares;
    }

    /** @param list<Fact<Sanded>> $passes */
    private static function gap(?PlannedStep $flat, array $passes): ?float
    {
        $gaps = [];
        foreach ($passes as $i => $pass) {
            if ($i > 0) {
                $gaps[] = $passes[$i - 1]->content->grit()->meanGrainUm / $pass->content->grit()->meanGrainUm;
            }
        }

        return $gaps === [] ? null : max($gaps);
    }

    /** @param list<Fact<Sanded>> $passes */
    private function waterShare(?PlannedStep $flat, array $passes): ?float
    {
        // A shop that never tells its changes of water says nothing by it.
        if ($flat === null || $passes === [] || $this->site->plan->log->all(Changed::class) === []) {
            return null;
        }
        $changed = count(array_filter(
            $this->site->plan->log->of($flat->step->key, Changed::class),
            fn (Fact $f): bool => in_array($f->content->what, ['water', 'paper'], true),
        ));
        $papers = count(array_unique(array_map(fn (Fact $f): int => $f->content->grit, $passes)));

        return $changed / max(1, $papers);
    }
}
