<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Resin;
use App\Models\Shop;
use App\Shelf\Slots;
use OakGloss\Material\Resin as SheetResin;
use OakGloss\Method\Method;
use OakGloss\Method\Role;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;
use OakGloss\Plan\CupNotices;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;

/** What a form offers fits the area and the hands: each coat of a resin is spread in so few cups, where the shelf has such a one. */
final class FewCups
{
    public const MOST = 2;

    public function __construct(private readonly Slots $slots, private readonly PartSteps $chains)
    {
    }

    /** @return array<string, int> by the field of a slot, the sheet that is better there; none where what stands will do */
    public function instead(FinishPlan $plan, Method $method, Shop $shop): array
    {
        $instead = [];
        foreach ($method->needs() as $slot) {
            $coats = $slot->shelf() === Shelf::Resin ? self::coats($plan, $slot) : [];
            $now = $coats === [] ? 0.0 : self::most($plan, $coats, null);
            $better = $now <= self::MOST ? null : $this->better($plan, $coats, $now, $this->slots->suits($shop, $slot, $method));
            if ($better !== null) {
                $instead[$slot->field()] = $better;
            }
        }

        return $instead;
    }

    /**
     * @param list<PlannedStep> $coats
     * @param list<int>         $sheets
     */
    private function better(FinishPlan $plan, array $coats, float $now, array $sheets): ?int
    {
        $is = $plan->materials->resinFor($coats[0]->step)->chemistry;
        $best = null;
        $rows = Resin::query()->whereIn('id', $sheets)->get()->keyBy('id');
        foreach (array_filter(array_map(fn (int $id): ?Resin => $rows->get($id), $sheets)) as $row) {
            $resin = $this->chains->resin($row);
            $cups = $resin->chemistry === $is ? self::most($plan, $coats, $resin) : INF;
            if ($cups <= self::MOST) {
                return $row->id;
            }
            if ($cups < $now) {
                [$best, $now] = [$row->id, $cups];
            }
        }

        return $best;
    }

    /** @return list<PlannedStep> that are spread by hands; a lift has as many cups as it has plies */
    private static function coats(FinishPlan $plan, Slot $slot): array
    {
        return array_values(array_filter($plan->ahead(), fn (PlannedStep $s): bool => $s->batch !== null && $s->laidGM2 !== null
            && $s->step->layer?->slot === $slot && ! in_array($s->step->role, [Role::Lift, Role::Infuse], true)));
    }

    /**
     * The most cups that one of the coats wants; INF where one can't be spread at all.
     *
     * @param list<PlannedStep> $coats
     */
    private static function most(FinishPlan $plan, array $coats, ?SheetResin $of): float
    {
        return max(0.0, ...array_map(fn (PlannedStep $s): float => (float) (CupNotices::cups($plan, $s, of: $of)->cups ?? INF), $coats));
    }
}
