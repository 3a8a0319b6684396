<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Planning\OneReckons;
use App\Planning\Planner;
use App\Planning\UnplannablePart;
use App\Time\ShopTime;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Habit;
use OakGloss\Inspection\Remedy;
use OakGloss\Plan\DefectState;
use OakGloss\Plan\ModelVersion;

/** What a shop gets wrong, by the habit that it most likely comes of, and what it cost. */
final class Habits
{
    public const WEEKS = 12;

    /** An hour of hands weighs as much as so many of waiting (ours). */
    private const HANDS_WEIGH = 4.0;

    public function __construct(private readonly Planner $planner)
    {
    }

    /**
     * Each defect and mishap of the last weeks, the oldest first.
     *
     * @return list<array{atMin: float, habit: Habit, cause: string, handsMin: float, grams: float, laterMin: float}>
     */
    public function cases(Shop $shop): array
    {
        $floor = $this->planner->floor($shop);
        $since = $floor->time->local($floor->nowMin)->subWeeks(self::WEEKS)->utc();
        $parts = PartFact::query()->whereIn('kind', [Found::KIND, WentWrong::KIND])->where('happened_at', '>=', $since)
            ->whereIn('part_id', $shop->parts()->select('id'))->distinct()->pluck('part_id');
        $cases = [];
        foreach (Part::query()->with(Part::PLAN_NEEDS)->findMany($parts) as $part) {
            $part->setRelation('shop', $shop);
            $cases = [...$cases, ...OneReckons::remember(
                implode('-', ['habits', ModelVersion::NOW, $part->id, $part->recorded()]),
                86400,
                fn (): array => $this->of($part),
            )];
        }
        $cases = array_values(array_filter($cases, fn (array $c): bool => $c['atMin'] >= ShopTime::minutes($since)));
        usort($cases, fn (array $a, array $b): int => $a['atMin'] <=> $b['atMin']);

        return $cases;
    }

    /**
     * Cases together by their habit, the dearest first.
     *
     * @param list<array{atMin: float, habit: Habit, cause: string, handsMin: float, grams: float, laterMin: float}> $cases
     *
     * @return list<array{habit: Habit, n: int, handsMin: float, grams: float, laterMin: float, most: string, mostN: int}>
     */
    public static function byHabit(array $cases): array
    {
        $rows = [];
        foreach (Habit::cases() as $habit) {
            $of = array_values(array_filter($cases, fn (array $c): bool => $c['habit'] === $habit));
            $causes = array_count_values(array_column($of, 'cause'));
            arsort($causes);
            if ($of !== []) {
                $rows[] = [
                    'habit' => $habit,
                    'n' => count($of),
                    'handsMin' => array_sum(array_column($of, 'handsMin')),
                    'grams' => array_sum(array_column($of, 'grams')),
                    'laterMin' => array_sum(array_column($of, 'laterMin')),
                    'most' => (string) array_key_first($causes),
                    'mostN' => max([0, ...array_values($causes)]),
                ];
            }
        }
        $cost = fn (array $row): float => $row['laterMin'] + self::HANDS_WEIGH * $row['handsMin'];
        usort($rows, fn (array $a, array $b): int => [$cost($b), $b['n']] <=> [$cost($a), $a['n']]);

        return $rows;
    }

    /** @return list<array{atMin: float, habit: Habit, cause: string, handsMin: float, grams: float, laterMin: float}> */
    private function of(Part $part): array
    {
        try {
            $planned = $this->planner->plan($part);
        } catch (UnplannablePart) {
            return [];
        }
        $cases = [];
        foreach ($planned->plan->log->all(Found::class, WentWrong::class) as $fact) {
            $what = $fact->content;
            $cause = $what instanceof Found
                ? CausesOf::of($planned, $what, $fact->atMin, CausesOf::told($planned, $fact->id))->first()->cause : null;
            $way = DefectState::wayOf($planned->plan->log, $fact->id)?->content;
            $lost = $what instanceof WentWrong ? (float) $what->grams : 0.0;
            $cases[] = [
                'atMin' => $fact->atMin,
                'habit' => $what instanceof WentWrong ? $what->mishap->habit() : ($cause?->habit() ?? Habit::Clean),
                'cause' => $what instanceof WentWrong ? "mishap.{$what->mishap->value}" : 'cause.'.($cause->value ?? ''),
                'handsMin' => $way instanceof WayOut ? (float) $way->handsMin : 0.0,
                // A new cup costs what the old one held: once.
                'grams' => $lost + ($way instanceof WayOut && $way->remedy !== Remedy::NewCup ? (float) $way->grams : 0.0),
                'laterMin' => $way instanceof WayOut ? (float) $way->laterMin : 0.0,
            ];
        }

        return $cases;
    }
}
