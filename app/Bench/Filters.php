<?php

declare(strict_types=1);

namespace App\Bench;

use App\Database\Present;
use App\Models\FilterChange;
use App\Models\FilterKind;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Time\ShopTime;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Material\Chemistry;
use OakGloss\Method\Slot;
use OakGloss\Method\Step;
use OakGloss\Method\StepRef;

/**
 * How long the filters of a shop's masks were breathed through since each was changed. An act counts from the press before it
 * on the same part, five minutes at least and an hour at most (ours): who logs late is not behind a mask all night.
 */
final class Filters
{
    private const LEAST_MIN = 5.0;
    private const MOST_MIN = 60.0;

    /** From this share of its hours on it is asked for (ours). */
    private const NEAR_END = 0.8;

    public function __construct(private readonly Present $present)
    {
    }

    /** @return list<array{kind: FilterKind, usedH: float, ofH: float}> of a step's filters, those that are near their end */
    public function nearEnd(Shop $shop, Step $step): array
    {
        $near = [];
        foreach (FilterKind::of($step) as $kind) {
            $used = $this->usedH($shop, $kind);
            if ($used !== null && $used >= self::NEAR_END * self::hours($shop, $kind)) {
                $near[] = ['kind' => $kind, 'usedH' => $used, 'ofH' => self::hours($shop, $kind)];
            }
        }

        return $near;
    }

    /** What the shop gives a filter, h; its product's sheet comes first. */
    public static function hours(Shop $shop, FilterKind $kind): float
    {
        $hours = $shop->filter_hours[$kind->value] ?? null;

        return is_numeric($hours) ? max(1.0, min(1000.0, (float) $hours)) : 40.0;
    }

    /** Since it was changed, h; null where nobody ever noted a change. */
    public function usedH(Shop $shop, FilterKind $kind): ?float
    {
        return $this->present->read("filter-{$shop->id}-{$kind->value}", fn (): ?float => self::reckoned($shop, $kind));
    }

    private static function reckoned(Shop $shop, FilterKind $kind): ?float
    {
        $changed = FilterChange::query()->where('shop_id', $shop->id)->where('kind', $kind->value)->orderByDesc('id')->first();
        if ($changed === null) {
            return null;
        }
        $parts = Part::query()->where('shop_id', $shop->id)->pluck('id');
        $facts = PartFact::query()->whereIn('part_id', $parts)->where('happened_at', '>=', $changed->changed_at->subHours(2))
            ->orderBy('happened_at')->orderBy('id')->get(['id', 'part_id', 'kind', 'step', 'role', 'happened_at', 'data']);
        $struck = $facts->where('kind', Struck::KIND)->map(fn (PartFact $f): int => (int) ($f->data['target'] ?? 0))->flip();
        $worn = Part::query()->with('slots')->whereIn('id', $facts->pluck('part_id')->unique())->get()->keyBy('id');
        [$minutes, $before] = [0.0, []];
        foreach ($facts as $fact) {
            $at = ShopTime::minutes($fact->happened_at);
            $role = $fact->role ?? StepRef::before($fact->step)?->role;
            $isAct = $role !== null && $fact->kind !== Ready::KIND && $fact->content()::IS_WORK && ! $struck->has($fact->id);
            $isSince = $fact->happened_at >= $changed->changed_at;
            if ($isAct && $isSince && $kind->isWornFor($role, self::isPolyester($worn->get($fact->part_id)))) {
                $minutes += max(self::LEAST_MIN, min(self::MOST_MIN, $at - ($before[$fact->part_id] ?? $at)));
            }
            $before[$fact->part_id] = $at;
        }

        return $minutes / 60.0;
    }

    private static function isPolyester(?Part $part): bool
    {
        return $part?->resin(Slot::Skin)->chemistry === Chemistry::Polyester->value;
    }
}
