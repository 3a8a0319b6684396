<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Material\AidKind;
use OakGloss\Method\Choice\CoveredWith;

/** A part made ready for what holds the cloth: stripped, degreased, keyed, primed where it is bare metal, and wiped. */
final class SoundSurface
{
    /** Black paint is keyed with this paper, P. */
    private const KEY_PAINT = 320;

    /** @return list<Step> */
    public static function steps(Job $job): array
    {
        $bare = $job->brief->substrate;
        $gently = self::gently($job);

        return [
            ...self::uncovered($job, 'strip'),
            // Keying a greasy part drives the grease into the scratches.
            self::wiped($job),
            $job->keyed(Role::Key, $bare->keyGrit())->named($bare->isScored() ? 'key_score' : 'key')->minding(Caution::Knife),
            ...self::primed($job),
            $job->wipe('wipe-2', "wipe{$gently}"),
        ];
    }

    /** @return list<Step> what is on it comes off; of a part with nothing on it no time is asked */
    public static function uncovered(Job $job, string $remains): array
    {
        $covering = $job->choices->of(CoveredWith::class);

        return self::isBare($job) ? [] : [
            Step::of(Role::Strip)->named($covering === Covering::Remains ? $remains : "strip_{$covering->value}")
                ->taking($job->pace->uncovering($covering, $job->areaM2))->minding(...$covering->cautions()),
        ];
    }

    /** The first wipe; of a part that nobody strips it is the first step at all. */
    public static function wiped(Job $job): Step
    {
        return $job->wipe('wipe-1', 'wipe'.self::gently($job))->minding(...(self::isBare($job) ? [Caution::Structure] : []));
    }

    private static function isBare(Job $job): bool
    {
        return $job->choices->of(CoveredWith::class) === Covering::Nothing;
    }

    /** @return list<Step> never on bare metal */
    public static function primed(Job $job, string $name = 'prime'): array
    {
        return ! $job->needsPrimer() ? [] : [
            $job->wipe('wipe-primer'),
            Step::of(Role::Prime)->named($name)->after(Follow::minutes(5.0))->taking($job->pace->spraying($job->areaM2)),
            $job->keyed(Role::Key, LaidDry::KEY, key: 'key-primer')->named('key')
                ->after(Follow::minutes($job->aid(AidKind::Primer)->readyMin)),
        ];
    }

    /** @return list<Step> black paint or primer as the backing, keyed so that resin holds on it */
    public static function painted(Job $job): array
    {
        return [
            Step::of(Role::Prime, 'paint')->named('paint_black')->after(Follow::minutes(5.0))->taking($job->pace->spraying($job->areaM2)),
            $job->keyed(Role::Key, self::KEY_PAINT, 0.6, 'key-paint')->named('key')
                ->after(Follow::minutes($job->aid(AidKind::Paint)->readyMin)),
            $job->wipe('wipe-paint', 'wipe'.self::gently($job)),
        ];
    }

    /** Where acetone attacks the part, the wipe is alcohol. */
    private static function gently(Job $job): string
    {
        return $job->brief->substrate->bearsSolvent() ? '' : '_alcohol';
    }
}
