<?php

declare(strict_types=1);

namespace OakGloss\Diagnosis;

use OakGloss\Climate\AirCurve;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\PrintRead;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Inspection\Evidence;
use OakGloss\Optics\WeavePrint;
use OakGloss\Plan\FinishPlan;
use OakGloss\Schedule\CoatClocks;

/**
 * The evidence of one defect: what was recorded of the coat that it lies in, of what was done between that and the coat
 * below, and of the flatting since. What nobody recorded stays unknown.
 */
final class DefectEvidence
{
    /**
     * @param float                                 $atMin    when it was found
     * @param list<array{float, float, float|null}> $readings minute, air °C, humidity %
     * @param int                                   $hands    pairs of hands in the shop
     * @param array<string, float>                  $openDays of the oldest jar that a coat was poured from, by step
     */
    public static function of(
        FinishPlan $plan,
        CoatClocks $clocks,
        AirCurve $air,
        array $readings,
        Found $found,
        float $atMin,
        int $hands,
        array $openDays = [],
    ): Evidence {
        $site = new DefectSite($plan, $clocks, $found, $atMin);

        return Evidence::complete(
            (new WetEvidence($site, $air, $readings, $hands, $openDays))->all()
            + (new BetweenEvidence($site))->all()
            + (new SandedEvidence($site))->all()
            + self::ofPlace($site),
        );
    }

    /** @return array<string, float|bool|null> */
    private static function ofPlace(DefectSite $site): array
    {
        return [
            'slopeDeg' => $site->zone?->slopeDeg,
            'isEdge' => $site->zone === null ? null : in_array($site->zone->kind, [ZoneKind::Edge, ZoneKind::Lap], true),
            'isInCorner' => $site->zone === null ? null : $site->zone->kind === ZoneKind::Corner,
            'weaveOverShows' => self::weaveOverShows($site),
            'hasUvGuard' => $site->plan->clear !== null || $site->plan->materials->skinResin->uvStable,
        ];
    }

    private static function weaveOverShows(DefectSite $site): ?float
    {
        $read = array_values(array_filter(
            $site->plan->log->all(PrintRead::class),
            fn (Fact $f): bool => $f->content->zone === $site->found->zone,
        ));

        return $read === [] ? null : $read[count($read) - 1]->content->telegraph / WeavePrint::SHOWS;
    }
}
