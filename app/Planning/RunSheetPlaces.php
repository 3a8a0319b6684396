<?php

declare(strict_types=1);

namespace App\Planning;

use Closure;
use Illuminate\Support\Facades\Cache;
use OakGloss\Schedule\Breach;
use OakGloss\Schedule\CurrentPlan;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\KeptStep;
use OakGloss\Schedule\Leniency;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\StepsAhead;
use OakGloss\Schedule\Way;

/**
 * The places of all open parts as they stand, reckoned once for each state of the shop: the kept plan, slid and mended.
 *
 * @phpstan-type Row array{string, float, float, string, list<int>, array<string, float>}
 * @phpstan-type Place array{
 *     leniency: string, placed: list<Row>|null, told: list<Row>|null, kept: list<Row>|null, anew: bool,
 *     breach: array{code: string, step: string|null, part: int|null, late: string|null}|null,
 * }
 */
final class RunSheetPlaces
{
    private const KEPT_S = 3600;

    /** @param array<int, Place> $places by part */
    private function __construct(private readonly array $places)
    {
    }

    public static function isCold(string $state): bool
    {
        return ! Cache::has("places-{$state}");
    }

    /** @param Closure(): CurrentPlan $reckon */
    public static function of(string $state, Closure $reckon): self
    {
        return new self(OneReckons::remember("places-{$state}", self::KEPT_S, fn (): array => self::rows($reckon())));
    }

    public static function from(CurrentPlan $plan): self
    {
        return new self(self::rows($plan));
    }

    public function leniency(int $part): Leniency
    {
        return Leniency::from($this->places[$part]['leniency'] ?? 'none');
    }

    /** Whether the sheet found the part a way at all. */
    public function hasPlaces(int $part): bool
    {
        return ($this->places[$part]['placed'] ?? null) !== null;
    }

    /** @return list<int> parts whose places are other than the ones kept */
    public function anew(): array
    {
        return array_keys(array_filter($this->places, fn (array $p): bool => $p['anew']));
    }

    /** Why a part could not stay where it was. */
    public function breach(int $part): ?Breach
    {
        $breach = $this->places[$part]['breach'] ?? null;

        return $breach === null ? null : new Breach(...$breach);
    }

    /** What is to be kept of a part. */
    public function toKeep(int $part): ?KeptPart
    {
        $rows = $this->places[$part]['kept'] ?? null;

        return $rows === null
            ? null
            : KeptPart::of(
                array_map(fn (array $r): KeptStep => new KeptStep($r[0], $r[1], $r[2], Way::from($r[3]), $r[4], $r[5]), $rows),
                $this->leniency($part),
            );
    }

    /** @return list<PlacedStep>|null */
    public function placed(StepsAhead $chain, int $part, ShopFloor $floor): ?array
    {
        $steps = [];
        foreach ($chain->steps($floor->crew, $this->leniency($part)) as $step) {
            $steps[$step->id] = $step;
        }
        $placed = [];
        foreach ($this->places[$part]['told'] ?? [] as [$id, $start, $end, $way, $people]) {
            if (isset($steps[$id])) {
                $placed[] = new PlacedStep($steps[$id], $start, $end, Way::from($way), $people);
            }
        }

        return count($placed) === count($steps) && $placed !== [] ? $placed : null;
    }

    /** What the other parts leave free. */
    public function freeBut(int $part, ShopFloor $floor): Diary
    {
        $diary = Diary::of($floor->crew);
        foreach ($this->places as $id => $place) {
            $diary = $id === $part ? $diary : $diary->with(array_map(
                fn (array $s): PlacedStep => new PlacedStep(new RunStep($s[0], 0.0, uses: $s[5]), $s[1], $s[2], Way::from($s[3]), $s[4]),
                $place['placed'] ?? [],
            ));
        }

        return $diary;
    }

    /** @return array<int, Place> */
    private static function rows(CurrentPlan $plan): array
    {
        $places = [];
        foreach ($plan->placed as $id => $placed) {
            $breach = $plan->broke[$id] ?? null;
            $kept = $plan->kept[$id] ?? null;
            $places[(int) $id] = [
                'leniency' => ($kept->leniency ?? Leniency::None)->value,
                'placed' => self::row($placed),
                'told' => self::row($plan->told[$id] ?? null),
                'kept' => $kept === null
                    ? null
                    : array_map(
                        fn (KeptStep $s): array => [$s->id, $s->startMin, $s->endMin, $s->way->value, $s->people, $s->uses],
                        array_values($kept->steps),
                    ),
                'anew' => in_array($id, $plan->anew, true),
                'breach' => $breach === null
                    ? null
                    : [
                        'code' => $breach->code,
                        'step' => $breach->step,
                        'part' => $breach->part === null ? null : (int) $breach->part,
                        'late' => $breach->late,
                    ],
            ];
        }

        return $places;
    }

    /**
     * @param list<PlacedStep>|null $placed
     *
     * @return list<Row>|null
     */
    private static function row(?array $placed): ?array
    {
        return $placed === null
            ? null
            : array_map(
                fn (PlacedStep $s): array => [$s->step->id, $s->startMin, $s->endMin, $s->way->value, $s->people, $s->step->uses],
                $placed,
            );
    }
}
