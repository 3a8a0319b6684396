<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Dry cloth laid on a tacky base; where that was missed, on a fresh tack coat. */
final readonly class LaidDry
{
    /** A base that is rough enough to hold a tack coat, P. */
    public const KEY = 180;

    /**
     * @param list<Step> $steps base, tack coats and cloth
     * @param string     $under key of the coat that the cloth lies in
     */
    private function __construct(public array $steps, public string $under)
    {
    }

    public static function on(Job $job, Follow $base, string $lay = 'lay'): self
    {
        $steps = [$job->coat(Role::Base)->after($base)];
        $under = 'base';
        for ($n = 1; $n <= $job->coats->tack; $n++) {
            // Nothing holds dry cloth on a base that has cured: keyed, and a fresh thin coat with a window of its own.
            $steps[] = $job->keyed(Role::KeyBase, self::KEY, 0.6)->nth($n, isSaid: false)->after(Follow::onceSandable($under));
            $steps[] = $job->wipe("wipe-base-{$n}");
            $steps[] = $tack = $job->coat(Role::Tack)->nth($n, isSaid: false)->after(Follow::minutes(5.0));
            $under = $tack->key;
        }
        $laying = $job->pace->laying($job->areaM2);

        return new self([...$steps, Step::of(Role::Lay)->named($lay)->after(Follow::whileTacky($under))->taking($laying)], $under);
    }
}
