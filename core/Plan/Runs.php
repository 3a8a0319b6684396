<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Film\Coat;
use OakGloss\Film\Rheology;
use OakGloss\Film\RunRisk;
use OakGloss\Geometry\Zone;

/** Where a coat runs off a part: at the foot of each line of faces. */
final class Runs
{
    /**
     * The foot with the thickest bead; null where nothing leaves a face.
     *
     * @param list<Zone> $zones
     */
    public static function worst(array $zones, Rheology $resin, Coat $coat): ?RunRisk
    {
        $worst = null;
        foreach (self::feet($zones) as $zone) {
            $run = RunRisk::of($zone->face, $resin, $coat);
            $worst = $run->beadMm > ($worst->beadMm ?? 0.0) ? $run : $worst;
        }

        return $worst;
    }

    /**
     * Zones that nothing is fed by.
     *
     * @param list<Zone> $zones
     *
     * @return list<Zone>
     */
    public static function feet(array $zones): array
    {
        return array_values(array_filter($zones, fn (Zone $z): bool => $z->face->below === []));
    }
}
