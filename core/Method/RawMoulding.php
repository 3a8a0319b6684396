<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Material\Bond;

/** The face of a raw moulding made ready and cleared: the weave lies just under it, so that paper goes over it by hand. */
final readonly class RawMoulding
{
    /** No coarser: what is over the weave is a resin-rich skin. */
    public const KEY = 320;

    /** As thin as a moulded face is over its weave, and how true a form makes it, µm (planning values). */
    public const OVER_UM = 30.0;
    public const RELIEF_UM = 4.0;

    /** What a form leaves over the weave of what was made against it. */
    public static function face(): ExistingFilm
    {
        return ExistingFilm::known(self::OVER_UM, self::RELIEF_UM, FilmSource::Moulded);
    }

    /**
     * @param string|null $lastCoat that it was laid up with; null where it came as it is
     *
     * @return list<Step>
     */
    public static function steps(Job $job, ?string $lastCoat = null): array
    {
        // The amine of a young epoxy stops a polyester filler from hardening.
        $isYoung = $lastCoat !== null && $job->postCure === null && $job->fillerBond() === Bond::FullCureWashKey;
        $release = $job->wipe('wipe-release', 'wipe_release', 3.0);

        return [
            $isYoung ? $release->after(Follow::onceCured($lastCoat)) : $release,
            Step::of(Role::Key, 'key-hand')->named('key_hand')->sandedWith(new Grits(self::KEY, self::KEY, SandingMethod::WetBlock))
                ->taking(1.5 * $job->pace->keying($job->areaM2)),
            $job->wipe('wipe-white', 'wipe_white', 3.0),
            ...(new TopCoats())->holes($job),
            ...($job->brief->holes === 0 ? [] : [$job->wipe('wipe-holes')]),
            ...(new TopCoats())->overMoulding($job),
        ];
    }
}
