<?php

declare(strict_types=1);

namespace App\Planning;

use Closure;
use Illuminate\Support\Facades\Cache;
use OakGloss\Schedule\Diary;
use OakGloss\Schedule\Leniency;
use OakGloss\Schedule\PartChain;
use OakGloss\Schedule\PlacedStep;
use OakGloss\Schedule\RunStep;
use OakGloss\Schedule\ShopSchedule;
use OakGloss\Schedule\Way;

/** The places of all open parts, reckoned once for each state of the shop. */
final class RunSheetCache
{
    private const KEPT_S = 3600;

    /**
     * @param array<int|string, array{leniency: string, placed: list<array{string, float, float, string, list<int>, array<string, float>}>|null}> $places by part
     */
    private function __construct(public readonly array $places, public readonly bool $isFresh)
    {
    }

    public static function isCold(string $state): bool
    {
        return ! Cache::has("run-sheet-{$state}");
    }

    /**
     * @param Closure(): array<int|string, PartChain> $chains
     * @param array<int|string, float>                $weights
     * @param (Closure(float): void)|null             $progress
     */
    public static function of(string $state, Closure $chains, ShopFloor $floor, array $weights, ?Closure $progress = null): self
    {
        $kept = Cache::get("run-sheet-{$state}");
        if (is_array($kept)) {
            return new self($kept, false);
        }
        $places = array_map(fn (array $p): array => [
            'leniency' => $p['leniency']->value,
            'placed' => $p['placed'] === null ? null : array_map(fn (PlacedStep $s): array => [$s->step->id, $s->startMin, $s->endMin, $s->way->value, $s->people, $s->step->uses], $p['placed']),
        ], ShopSchedule::of($chains(), $floor->crew, $floor->nowMin, $weights, $progress));
        Cache::put("run-sheet-{$state}", $places, self::KEPT_S);

        return new self($places, true);
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

    /** @return list<PlacedStep>|null */
    public function placed(PartChain $chain, int $part, ShopFloor $floor): ?array
    {
        $steps = [];
        foreach ($chain->steps($floor->crew, $this->leniency($part)) as $step) {
            $steps[$step->id] = $step;
        }
        $placed = [];
        foreach ($this->places[$part]['placed'] ?? [] as [$id, $start, $end, $way, $people]) {
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
}
