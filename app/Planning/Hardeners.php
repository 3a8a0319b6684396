<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Resin;
use OakGloss\Material\Blend;
use OakGloss\Method\Slot;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\HardenerChoice;

/** Hardeners on the shelf that a coat may be mixed with. */
final class Hardeners
{
    /** Shares of the fast hardener that are tried where the sheets allow them. */
    private const SHARES = [0.25, 0.5, 0.75];

    public function __construct(private readonly PartSteps $chains)
    {
    }

    /**
     * The part's own hardener, the others of its system, and blends within their sheets' limits.
     *
     * @return list<HardenerChoice>
     */
    public function of(PlannedPart $planned, PlannedStep $coat): array
    {
        $own = $planned->part->resin($coat->step->layer->slot ?? Slot::Skin);
        $rows = $own->system === null
            ? collect([$own])
            : Resin::query()->where(
                'shop_id',
                $own->shop_id,
            )->current()->where('system', $own->system)->get()->prepend($own)->unique('id');
        $choices = [];
        foreach ($rows as $row) {
            $choices[] = new HardenerChoice($this->chains->resin($row), $row->id);
            foreach ($rows as $fast) {
                foreach ($fast->tack_from_age_min < $row->tack_from_age_min ? self::SHARES : [] as $share) {
                    if ($share >= ($fast->blend_least ?? 1.0)
                        && $share <= ($fast->blend_most ?? 0.0)
                        && 1.0 - $share >= ($row->blend_least ?? 1.0)
                        && 1.0 - $share <= ($row->blend_most ?? 0.0)) {
                        $choices[] = new HardenerChoice(
                            Blend::of($this->chains->resin($row), $this->chains->resin($fast), $share),
                            $row->id,
                            $fast->id,
                            $share,
                        );
                    }
                }
            }
        }

        return $choices;
    }
}
