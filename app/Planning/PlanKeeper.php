<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\KeptPlan;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;
use OakGloss\Plan\ModelVersion;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\Unrest;

/** Keeps what the run sheet says: after every act, under the same lock, and when time has broken it. No page writes. */
final class PlanKeeper
{
    public function __construct(
        private readonly Planner $planner,
        private readonly KeptPlans $kept,
        private readonly Fingerprint $fingerprint,
    ) {
    }

    /**
     * Mends the kept plan where it no longer holds, and keeps what it rests on.
     *
     * @param string|null $because what was done, where that is the whole cause
     * @param bool        $isAct   somebody did something; time alone keeps only what it moved
     */
    public function keep(Shop $shop, ?string $because = null, bool $isAct = true): void
    {
        DB::transaction(function () use ($shop, $because, $isAct): void {
            $sheet = $this->planner->sheet($shop);
            $anew = array_filter(array_combine($sheet->anew(), array_map($sheet->toKeep(...), $sheet->anew())));
            $this->write($shop, $anew, $because, $isAct);
        });
    }

    /** Before the first act of a shop: what it changes is told against this. */
    public function begin(Shop $shop): void
    {
        if ($this->kept->newest($shop) === null) {
            $this->keep($shop);
        }
    }

    /**
     * Puts these places into the kept plan.
     *
     * @param array<int, KeptPart> $places by part
     */
    public function put(Shop $shop, array $places, string $because): void
    {
        $this->write($shop, $places, $because, true);
    }

    public function acknowledge(Shop $shop, \DateTimeInterface $now): void
    {
        KeptPlan::query()->where('shop_id', $shop->id)->whereNull('acknowledged_at')->update(['acknowledged_at' => $now]);
    }

    /**
     * Differences that nobody has marked as seen; of each part from what it was before to what it is now.
     *
     * @return list<array{part: int, letter: string, from: float|null, to: float|null, because: string, with: array<string, mixed>}>
     */
    public function unseen(Shop $shop): array
    {
        $changes = [];
        foreach (KeptPlan::query()->where('shop_id', $shop->id)->whereNull('acknowledged_at')->where(
            'changes',
            '!=',
            '[]',
        )->orderBy('id')->get() as $plan) {
            foreach ($plan->told() as $change) {
                $first = $changes[$change['part']]['from'] ?? $change['from'];
                unset($changes[$change['part']]);
                $changes[$change['part']] = ['from' => $first] + $change;
            }
        }

        return array_values(array_filter($changes, fn (array $c): bool => self::isMove($c['from'], $c['to'])));
    }

    public static function isMove(?float $from, ?float $to): bool
    {
        return $from === null || $to === null ? $from !== $to : abs($from - $to) >= Unrest::MOVED_MIN;
    }

    /** @param array<int, KeptPart> $anew by part */
    private function write(Shop $shop, array $anew, ?string $because, bool $isAct): void
    {
        $floor = $this->planner->floor($shop);
        $before = $this->kept->newest($shop);
        $air = $floor->workshop->workingAirC;
        $restsOn = $this->fingerprint->of($shop);
        if ($anew === [] && $before?->working_air_c === $air && (! $isAct || self::isSame($before->rests_on, $restsOn))) {
            return;
        }
        $plans = $this->planner->all($shop);
        $were = $this->planner->keptPlaces($shop);
        $told = [];
        foreach ($plans as $id => $planned) {
            $part = $anew[$id] ?? $were[$id] ?? null;
            $told[$id] = ['letter' => $planned->part->letter, 'ready' => $part?->endMin()];
        }
        $this->kept->add($floor, [
            'model' => ModelVersion::NOW,
            'working_air_c' => $air,
            'parts' => $told,
            'rests_on' => $restsOn,
            'changes' => $before === null
                ? []
                : $this->changes(
                    $before,
                    $told,
                    $because,
                    new WhyMoved($before, $restsOn, $were, $this->broke($shop, array_keys($plans)), $plans),
                ),
        ], $anew, $plans);
    }

    /**
     * Whether nothing was done: the forecast alone is another every minute.
     *
     * @param array<string, mixed> $was
     * @param array<string, mixed> $is
     */
    private static function isSame(array $was, array $is): bool
    {
        return json_encode(['air' => 0] + $was) === json_encode(['air' => 0] + $is);
    }

    /**
     * @param list<int> $parts
     *
     * @return array<int, \OakGloss\Schedule\Breach>
     */
    private function broke(Shop $shop, array $parts): array
    {
        return array_filter(array_combine($parts, array_map($this->planner->sheet($shop)->breach(...), $parts)));
    }

    /**
     * @param array<int, array{letter: string, ready: float|null}> $told by part
     *
     * @return list<array{part: int, letter: string, from: float|null, to: float|null, because: string, with: array<string, mixed>}>
     */
    private function changes(KeptPlan $before, array $told, ?string $because, WhyMoved $why): array
    {
        $changes = [];
        foreach ($told as $id => $part) {
            if (isset($before->parts[$id]) && self::isMove($before->parts[$id]['ready'], $part['ready'])) {
                $changes[] = [
                    'part' => $id,
                    'letter' => $part['letter'],
                    'from' => $before->parts[$id]['ready'],
                    'to' => $part['ready'],
                ] + ($because === null ? $why->of($id) : ['because' => $because, 'with' => []]);
            }
        }

        return $changes;
    }
}
