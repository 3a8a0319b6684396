<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\GlossRead;
use OakGloss\Fact\Kind\Passed;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Inspection\Moment;
use OakGloss\Method\StepKind;

/** A zone held against what was ordered: by its class, what is open on it, its film or clear, and its gloss. */
final readonly class ZoneVerdict
{
    /** A reading may lie so far under what is expected, gloss units (ours). */
    private const GLOSS_UNDER_GU = 8.0;

    /** A hidden face is not held to its gloss, nor to a full film of clear. */
    private const SECOND_CLEAR = 0.5;

    /**
     * @param list<DefectState>                         $open
     * @param float|null                                $leftUm  of clear where it is cleared, else over the crowns; null before
     * @param float|null                                $glossGu read last
     * @param list<array{string, array<string, float>}> $because codes and figures of what stands against it
     * @param Fact<Passed>|null                         $kept    what was said of it last
     */
    private function __construct(
        public Zone $zone,
        public array $open,
        public ?float $leftUm,
        public ?float $glossGu,
        public bool $isLooked,
        public array $because,
        public ?Fact $kept,
    ) {
    }

    /** @return list<self> */
    public static function all(FinishPlan $plan): array
    {
        $open = array_values(array_filter(DefectState::all($plan), fn (DefectState $s): bool => $s->isOpen()));

        return array_map(fn (Zone $zone): self => self::of($plan, $zone, $open), $plan->brief->coatedZones());
    }

    /** Whether nothing stands against it. */
    public function passes(): bool
    {
        return $this->because === [];
    }

    /** @return 'passes'|'fails'|'open' open where nothing but the last look is missing */
    public function word(): string
    {
        return match (true) {
            $this->passes() => 'passes',
            array_column($this->because, 0) === ['not_looked'] => 'open',
            default => 'fails',
        };
    }

    /** @param list<DefectState> $open */
    private static function of(FinishPlan $plan, Zone $zone, array $open): self
    {
        $here = array_values(array_filter($open, fn (DefectState $s): bool => $s->found->content->zone === $zone->name));
        $isCleared = array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->kind === StepKind::Spray && $s->isDone()) !== [];
        $film = null;
        foreach ($plan->zonesNow as $state) {
            $film = $state->zone->name === $zone->name ? $state->crownCover($state->after)->inMicrometres() : $film;
        }
        $clear = $isCleared ? $plan->clear : null;
        $gloss = self::glossOf($plan);
        $least = $plan->gloss() === null ? null : $plan->gloss()->gu - self::GLOSS_UNDER_GU;
        $look = LookDue::of($plan);
        // A coat in progress is no end: it is looked over when nothing more goes on.
        $isLooked = $plan->next() === null || ($look !== null && $look->moment === Moment::End && $look->next() === null);
        $class = $zone->visibility;
        $because = [];
        if ($here !== []) {
            $because[] = ['open', ['n' => (float) count($here)]];
        }
        if ($film !== null && $film < 0.0 && $class !== Visibility::Hidden) {
            $because[] = ['bare', []];
        }
        $wanted = $clear === null ? 0.0 : $clear->wantedUm() * ($class === Visibility::Show ? 1.0 : self::SECOND_CLEAR);
        if ($clear !== null && $class !== Visibility::Hidden && $clear->remainsUm() < $wanted) {
            $because[] = ['clear_thin', ['left' => $clear->remainsUm(), 'wanted' => $wanted]];
        }
        if ($gloss !== null && $least !== null && $class === Visibility::Show && $gloss < $least) {
            $because[] = ['gloss', ['read' => $gloss, 'least' => $least]];
        }
        if (! $isLooked) {
            $because[] = ['not_looked', []];
        }

        return new self($zone, $here, $clear === null ? $film : $clear->remainsUm(), $gloss, $isLooked, $because, self::kept($plan, $zone));
    }

    /** The meter is held where it fits; a reading is of the part. */
    private static function glossOf(FinishPlan $plan): ?float
    {
        $read = $plan->log->all(GlossRead::class);

        return $read === [] ? null : $read[count($read) - 1]->content->gu;
    }

    /** @return Fact<Passed>|null */
    private static function kept(FinishPlan $plan, Zone $zone): ?Fact
    {
        $kept = array_values(array_filter($plan->log->all(Passed::class), fn (Fact $f): bool => $f->content->zone === $zone->name));

        return $kept === [] ? null : $kept[count($kept) - 1];
    }
}
