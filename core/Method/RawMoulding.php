<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Cure\Milestone;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Material\Bond;
use OakGloss\Method\Choice\PinholeDepth;
use OakGloss\Method\Choice\Pinholes;

/** The face of a raw moulding made ready and cleared: the weave lies just under it, so that paper goes over it by hand. */
final readonly class RawMoulding
{
    /** No coarser: what is over the weave is a resin-rich skin. */
    public const KEY = 320;

    /** As thin as a moulded face is over its weave, and how true a form makes it, µm (planning values). */
    public const OVER_UM = 30.0;
    public const RELIEF_UM = 4.0;

    /** Pinholes are counted where a hand lies, m². */
    private const HAND_M2 = 0.01;

    /** To fill one, and to dress it, min (ours). */
    private const DOT_MIN = 0.1;

    /** What a form leaves over the weave of what was made against it. */
    public static function face(): ExistingFilm
    {
        return ExistingFilm::known(self::OVER_UM, self::RELIEF_UM, FilmSource::Moulded);
    }

    /** @return list<Step> those deeper than the filler is thick, each filled by itself; shallower ones are left to it */
    private static function pinholes(Job $job): array
    {
        [$perHand, $depthUm] = [$job->choices->of(Pinholes::class), $job->choices->of(PinholeDepth::class)];
        $fillsUm = ($job->filler?->sprayed->dryPerCoatUm() ?? 0.0) * max(1, $job->coats->filler);
        if ($perHand === 0 || $depthUm <= $fillsUm) {
            return [];
        }
        $holes = (int) ceil($perHand * $job->areaM2 / self::HAND_M2);
        $clock = $job->materials->skinResin->kinetics;
        $hardMin = $clock->age(Milestone::Sandable) / $clock->activation->rate($job->air, $clock->reference);

        return [
            Step::of(Role::DotFill, 'dot-pinholes')->named('dot_pinholes')->after(Follow::minutes(5.0))
                ->taking(8.0 + self::DOT_MIN * $holes)->saying(['holes' => $holes, 'um' => (int) round($fillsUm)]),
            $job->wipe('wash-dots', 'wash_blush_pad')->after(Follow::minutes($hardMin)),
            Step::of(Role::Key, 'dress-dots')->named('dress_dots')->sandedWith(new Grits(self::KEY, self::KEY, SandingMethod::WetBlock))
                ->taking(5.0 + self::DOT_MIN * $holes),
            $job->wipe('wipe-dots', 'wipe_white', 3.0),
        ];
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
            ...self::pinholes($job),
            ...(new TopCoats())->holes($job),
            ...($job->brief->holes === 0 ? [] : [$job->wipe('wipe-holes')]),
            ...(new TopCoats())->overMoulding($job),
        ];
    }
}
