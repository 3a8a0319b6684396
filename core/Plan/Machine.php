<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Abrasion\CutBudget;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Film\Flatting;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;

/** Where a random orbital goes, firm pad, its own weight, always moving: the rest of a part is left to the hand. */
final class Machine
{
    /** A pad of 150 mm lies flat on no less, m² (ours). */
    private const LEAST_M2 = 0.05;

    /** On steeper faces its own weight pulls it off the plane, degrees (ours). */
    private const STEEPEST_DEG = 30.0;

    /** What a block leaves unknown of its cut is in the model's 8 µm; a machine leaves twice as much (ours). */
    private const DOUBT_OF_BLOCK = 2.0;

    /** By hand from this paper on in water, P. */
    private const WET_FROM = 400;

    public static function reaches(Zone $zone): bool
    {
        return in_array($zone->kind, [ZoneKind::Level, ZoneKind::Slope, ZoneKind::Flank], true)
            && $zone->areaM2 >= self::LEAST_M2 && $zone->slopeDeg <= self::STEEPEST_DEG;
    }

    /** @param list<Zone> $zones m² of those that it reaches */
    public static function areaM2(array $zones): float
    {
        return array_sum(array_map(fn (Zone $z): float => self::reaches($z) ? $z->areaM2 : 0.0, $zones));
    }

    /** How a paper goes over a zone where the others are driven so. */
    public static function over(Zone $zone, SandingMethod $driven, Grit $grit): SandingMethod
    {
        return $driven === SandingMethod::Orbital && ! self::reaches($zone) ? self::byHand($grit) : $driven;
    }

    /** Fine papers go wet. */
    public static function byHand(Grit $grit): SandingMethod
    {
        return $grit->number < self::WET_FROM ? SandingMethod::DryBlock : SandingMethod::WetBlock;
    }

    /** What a flatting takes of a zone that the machine does not reach; null where all are driven alike. */
    public static function budget(Ladder $ladder, Zone $zone): ?Flatting
    {
        return $ladder->method === SandingMethod::Orbital && ! self::reaches($zone)
            ? CutBudget::onFaceBy(self::byHand(...), $ladder)
            : null;
    }

    /** What its cut adds to the doubt of one spot, µm: 8 become 16. */
    public static function moreDoubtUm(): float
    {
        return SkinSection::ALWAYS_UM * sqrt(self::DOUBT_OF_BLOCK ** 2 - 1.0);
    }

    /**
     * A ladder over a part: by machine where it goes, the rest of the faces with the same papers on a block.
     *
     * @param list<Zone> $zones
     * @param list<int>  $shelf P numbers at hand
     */
    public static function ladder(
        SandingMethod $driven,
        array $zones,
        float $areaM2,
        array $shelf,
        int $from,
        int $to,
        float $firstCutUm,
    ): ?Ladder {
        if ($driven !== SandingMethod::Orbital) {
            return Ladder::cheapest($driven, $areaM2, $shelf, $from, $to, $firstCutUm);
        }
        $its = self::areaM2($zones);
        $ladder = Ladder::cheapest($driven, $its, $shelf, $from, $to, $firstCutUm);

        return $ladder?->beside(self::byHand(...), max(0.0, $areaM2 - $its));
    }
}
