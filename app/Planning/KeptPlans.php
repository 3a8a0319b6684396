<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\KeptPlan;
use App\Models\PartFact;
use App\Models\Shop;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kinds;
use OakGloss\Schedule\KeptPart;
use OakGloss\Schedule\KeptStep;
use OakGloss\Schedule\Leniency;
use OakGloss\Schedule\StepTime;
use OakGloss\Schedule\Way;

/** The plans that were kept, as rows: added, never edited. */
final class KeptPlans
{
    public function __construct(private readonly Present $present, private readonly OpenParts $open)
    {
    }

    public function newest(Shop $shop): ?KeptPlan
    {
        return $this->present->read(
            "kept-{$shop->id}",
            fn (): ?KeptPlan => KeptPlan::query()->where('shop_id', $shop->id)->orderByDesc('id')->first(),
        );
    }

    /**
     * The newest places of each part, or those that were the newest at a plan.
     *
     * @param list<int> $parts
     *
     * @return array<int, KeptPart> by part
     */
    public function places(array $parts, ShopFloor $floor, int $upTo = PHP_INT_MAX): array
    {
        $newest = DB::table('kept_places')->whereIn('part_id', $parts)->where('kept_plan_id', '<=', $upTo)
            ->groupBy('part_id')->selectRaw('max(kept_plan_id)');
        $rows = $this->present->read('places-'.implode('-', $parts)."-{$upTo}", fn (): Collection => DB::table('kept_places')
            ->whereIn('part_id', $parts)->whereIn('kept_plan_id', $newest)->orderBy('kept_plan_id')->orderBy('id')->get());
        $of = [];
        foreach ($rows as $row) {
            $of[(int) $row->part_id][(int) $row->kept_plan_id][] = $row;
        }

        return array_map(fn (array $plans): KeptPart => self::part($plans[max(array_keys($plans))], $floor), $of);
    }

    /**
     * Parts about which something was decided since: their plan may better itself.
     *
     * @param array<string, mixed> $restsOn now
     *
     * @return list<int>
     */
    public function decided(array $restsOn, Shop $shop): array
    {
        $was = $this->newest($shop)->rests_on ?? [];
        $decisions = Kinds::where(fn (string $kind): bool => $kind::IS_DECISION);
        $decided = [];
        foreach ($was === [] ? [] : $restsOn['parts'] as $id => $row) {
            $since = (int) ($was['facts'][$id] ?? 0);
            $isOther = isset($was['parts'][$id]) && $was['parts'][$id] !== $row;
            $facts = $this->open->rows($shop)->firstWhere('id', $id)?->facts;
            $isDecided = $facts?->contains(fn (PartFact $f): bool => $f->id > $since && in_array($f->kind, $decisions, true)) === true;
            if ($isOther || $isDecided) {
                $decided[] = (int) $id;
            }
        }

        return $decided;
    }

    /**
     * Places as they were before something that has been taken back since: a fact struck out, other hours withdrawn, a
     * reading of the air that was a slip.
     *
     * @param array<string, mixed> $restsOn now
     *
     * @return array<int, KeptPart> by part
     */
    public function undone(array $restsOn, ShopFloor $floor): array
    {
        $newest = $this->newest($floor->shop);
        $found = [];
        if ($newest !== null && ($newest->rests_on['hours'] ?? null) !== $restsOn['hours']) {
            $before = KeptPlan::query()->where('shop_id', $floor->shop->id)
                ->whereRaw(self::restedOn('$.hours').' = ?', [$restsOn['hours']])->orderByDesc('id')->value('id');
            $found = $before === null ? [] : $this->places(array_map(intval(...), array_keys($restsOn['parts'])), $floor, (int) $before);
        }
        // The newest reading is an earlier one again: what was planned by the one between is not what anybody wants.
        if ($newest !== null && (int) ($newest->rests_on['reading'] ?? 0) > $restsOn['reading']) {
            $before = KeptPlan::query()->where('shop_id', $floor->shop->id)
                ->whereRaw(self::restedOn('$.reading').' <= ?', [$restsOn['reading']])->orderByDesc('id')->value('id');
            $found += $before === null ? [] : $this->places(array_map(intval(...), array_keys($restsOn['parts'])), $floor, (int) $before);
        }
        foreach ($newest === null ? [] : $this->open->rows($floor->shop)->flatMap->facts as $fact) {
            $isNew = $fact->id > (int) ($newest->rests_on['facts'][$fact->part_id] ?? 0);
            if ($isNew && $fact->kind === Struck::KIND && $fact->id === $restsOn['facts'][$fact->part_id]) {
                $before = KeptPlan::query()->where('shop_id', $floor->shop->id)
                    ->whereRaw(self::restedOn("$.facts.\"{$fact->part_id}\"").' < ?', [$fact->target()])->orderByDesc('id')->value('id');
                $found = ($before === null ? [] : $this->places([$fact->part_id], $floor, (int) $before)) + $found;
            }
        }

        return $found;
    }

    /** What a kept plan rested on; a row whose JSON is broken rested on nothing. */
    private static function restedOn(string $path): string
    {
        return "case when json_valid(rests_on) then json_extract(rests_on, '{$path}') end";
    }

    /**
     * @param array<string, mixed>    $row    of the plan
     * @param array<int, KeptPart>    $places by part: those that changed
     * @param array<int, PlannedPart> $plans  by part
     */
    public function add(ShopFloor $floor, array $row, array $places, array $plans): KeptPlan
    {
        $kept = KeptPlan::query()->create(['shop_id' => $floor->shop->id, 'kept_at' => $floor->time->local($floor->nowMin)->utc()] + $row);
        foreach ($places as $id => $part) {
            $times = self::times($plans[$id] ?? null);
            DB::table('kept_places')->insert(array_map(fn (array $row): array => [
                'kept_plan_id' => $kept->id,
                'part_id' => $id,
                'people' => json_encode($row['people']),
                'uses' => json_encode((object) $row['uses']),
                'opens_min' => ($times[$row['step']] ?? null)?->window?->opens->expectedMin
                    ?? ($times[$row['step']] ?? null)?->ready?->expectedMin,
                'closes_min' => ($times[$row['step']] ?? null)?->window?->closes->expectedMin,
            ] + $row, self::row($part, $floor)));
        }

        return $kept;
    }

    /**
     * Places as they are written down, with people by their number.
     *
     * @param array<int|string, KeptPart> $places by part
     *
     * @return array<int|string, list<array{
     *     step: string, start_min: float, end_min: float, way: string, people: list<int|null>,
     *     uses: array<string, float>, leniency: string,
     * }>> by part
     */
    public function asRows(array $places, ShopFloor $floor): array
    {
        return array_map(fn (KeptPart $p): array => self::row($p, $floor), $places);
    }

    /**
     * @param array<int, list<array<string, mixed>>> $rows by part
     *
     * @return array<int, KeptPart> by part
     */
    public function fromRows(array $rows, ShopFloor $floor): array
    {
        return array_map(
            fn (array $of): KeptPart => self::part(
                array_map(
                    fn (array $r): \stdClass => (object) ([
                        'people' => json_encode($r['people']),
                        'uses' => json_encode($r['uses']),
                        'opens_min' => null,
                        'closes_min' => null,
                    ] + $r),
                    $of,
                ),
                $floor,
            ),
            $rows,
        );
    }

    /**
     * @return list<array{
     *     step: string, start_min: float, end_min: float, way: string, people: list<int|null>,
     *     uses: array<string, float>, leniency: string,
     * }>
     */
    private static function row(KeptPart $part, ShopFloor $floor): array
    {
        return array_values(array_map(fn (KeptStep $s): array => [
            'step' => $s->id,
            'start_min' => $s->startMin,
            'end_min' => $s->endMin,
            'way' => $s->way->value,
            'people' => array_map(fn (int $i): ?int => $floor->people[$i]->id ?? null, $s->people),
            'uses' => $s->uses,
            'leniency' => $part->leniency->value,
        ], $part->steps));
    }

    /** @return array<string, StepTime> by the step's id */
    private static function times(?PlannedPart $planned): array
    {
        $times = [];
        foreach ($planned?->plan->ahead() ?? [] as $step) {
            $time = $planned?->schedule->slot($step->step->key);
            $times += $time === null ? [] : [$step->step->id => $time];
        }

        return $times;
    }

    /** @param list<\stdClass> $rows in order */
    private static function part(array $rows, ShopFloor $floor): KeptPart
    {
        $person = array_flip(array_map(fn ($u): int => $u->id, $floor->people));

        return KeptPart::of(array_map(fn (\stdClass $r): KeptStep => new KeptStep(
            $r->step,
            (float) $r->start_min,
            (float) $r->end_min,
            Way::from($r->way),
            array_values(array_map(
                fn (?int $id): int => $id === null ? ($person === [] ? 0 : -1) : $person[$id] ?? -1,
                json_decode($r->people, true),
            )),
            array_map(floatval(...), json_decode($r->uses, true)),
            $r->opens_min === null ? null : (float) $r->opens_min,
            $r->closes_min === null ? null : (float) $r->closes_min,
        ), $rows), Leniency::from($rows[0]->leniency));
    }
}
