<?php

declare(strict_types=1);

namespace App\Planning;

use App\Clock\ShopTime;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\SeenPlan;
use App\Models\Shop;
use Illuminate\Support\Collection;

/** Keeps what the run sheet said last and tells what a replan changed, and why. */
final class PlanWatch
{
    /** A part ready this much earlier or later is worth saying, minutes. */
    private const WORTH_SAYING_MIN = 20.0;

    /** Mean air of the next day that moved this much explains a change, °C. */
    private const AIR_MOVED_C = 0.3;

    /**
     * @param array<int, PlannedPart> $plans
     * @param array<string, mixed>    $restsOn
     */
    public function note(ShopFloor $floor, array $plans, array $restsOn): void
    {
        $now = array_map(fn (PlannedPart $p): array => [
            'letter' => $p->part->letter,
            'ready' => $p->schedule->readyMin(),
            'step' => $p->next?->step->step->key,
            'at' => $p->next === null ? null : $p->schedule->slot($p->next->step->step->key)?->startMin,
        ], $plans);
        $before = SeenPlan::query()->where('shop_id', $floor->shop->id)->orderByDesc('id')->first();
        $changes = [];
        foreach ($before === null ? [] : $now as $id => $part) {
            $from = $before->parts[$id]['ready'] ?? null;
            $to = $part['ready'];
            if (isset($before->parts[$id]) && ($from === null) !== ($to === null) || abs(($from ?? 0.0) - ($to ?? 0.0)) >= self::WORTH_SAYING_MIN && isset($before->parts[$id])) {
                $changes[] = ['part' => $id, 'letter' => $part['letter'], 'from' => $from, 'to' => $to] + $this->because($id, $plans[$id], $before, $restsOn);
            }
        }
        if ($before === null || $changes !== [] || array_keys($before->parts) !== array_keys($now)) {
            SeenPlan::query()->create(['shop_id' => $floor->shop->id, 'made_at' => $floor->time->local($floor->nowMin)->utc(), 'parts' => $now, 'rests_on' => $restsOn, 'changes' => $changes]);
        }
    }

    public function hasSeen(Shop $shop): bool
    {
        return SeenPlan::query()->where('shop_id', $shop->id)->exists();
    }

    /**
     * Differences that nobody has marked as seen; of each part from what it was before to what it is now.
     *
     * @return list<array{part: int, letter: string, from: float|null, to: float|null, because: string, with: array<string, mixed>}>
     */
    public function unseen(Shop $shop): array
    {
        $changes = [];
        foreach ($this->unseenPlans($shop) as $plan) {
            foreach ($plan->changes as $change) {
                $first = $changes[$change['part']]['from'] ?? $change['from'];
                unset($changes[$change['part']]);
                $changes[$change['part']] = ['from' => $first] + $change;
            }
        }

        return array_values(array_filter($changes, fn (array $c): bool => $c['from'] === null || $c['to'] === null || abs($c['from'] - $c['to']) >= self::WORTH_SAYING_MIN));
    }

    public function acknowledge(Shop $shop, \DateTimeInterface $now): void
    {
        SeenPlan::query()->where('shop_id', $shop->id)->whereNull('acknowledged_at')->update(['acknowledged_at' => $now]);
    }

    /** @return Collection<int, SeenPlan> */
    private function unseenPlans(Shop $shop): Collection
    {
        return SeenPlan::query()->where('shop_id', $shop->id)->whereNull('acknowledged_at')->orderBy('id')->get();
    }

    /**
     * What of all that the sheet rests on moved: the part's own facts before hours and air, those before the others.
     *
     * @param array<string, mixed> $restsOn
     *
     * @return array{because: string, with: array<string, mixed>}
     */
    private function because(int $id, PlannedPart $part, SeenPlan $before, array $restsOn): array
    {
        $was = $before->rests_on;
        $newest = fn (int $of): int => (int) ($was['facts'][$of] ?? 0);
        $fact = PartFact::query()->where('part_id', $id)->where('id', '>', $newest($id))->whereNotIn('kind', ['weighed', 'ready'])->orderByDesc('id')->first();
        if ($fact !== null) {
            $planned = $before->parts[$id]['step'] === $fact->step ? $before->parts[$id]['at'] : null;

            return ['because' => 'fact', 'with' => ['kind' => $fact->kind, 'step' => $fact->step, 'at' => ShopTime::minutes($fact->happened_at), 'planned' => $planned]];
        }
        if (($was['parts'][$id] ?? null) !== ($restsOn['parts'][$id] ?? null)) {
            return ['because' => 'brief', 'with' => []];
        }
        foreach (['hours', 'shop'] as $what) {
            if (($was[$what] ?? null) !== $restsOn[$what]) {
                return ['because' => $what, 'with' => []];
            }
        }
        $moved = (float) $restsOn['air'] - (float) ($was['air'] ?? $restsOn['air']);
        if (abs($moved) >= self::AIR_MOVED_C) {
            return ['because' => $moved < 0.0 ? 'colder' : 'warmer', 'with' => ['c' => abs($moved)]];
        }
        foreach ($restsOn['facts'] as $other => $last) {
            if ($other !== $id && (int) $last > $newest((int) $other) && isset($restsOn['parts'][$other])) {
                return ['because' => 'other', 'with' => ['letter' => (string) Part::query()->whereKey($other)->value('letter')]];
            }
        }
        $came = array_diff_key($restsOn['parts'], $was['parts'] ?? []);
        if ($came !== []) {
            return ['because' => 'new', 'with' => ['letter' => (string) Part::query()->whereKey(array_key_first($came))->value('letter')]];
        }
        $late = $before->parts[$id]['at'];

        return $late !== null && $late < $part->floor->nowMin && $before->parts[$id]['step'] === $part->next?->step->step->key
            ? ['because' => 'undone', 'with' => ['step' => $before->parts[$id]['step'], 'planned' => $late]]
            : ['because' => 'time', 'with' => []];
    }
}
