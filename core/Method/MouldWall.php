<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Material\AidKind;
use OakGloss\Method\Choice\MouldPlies;

/** Gel coat, its coupling in the tack of it, and the laminate of a mould in lifts that don't cook themselves or the pattern. */
final readonly class MouldWall
{
    /**
     * @param list<Step> $steps
     * @param string     $last  key of the last lift
     */
    private function __construct(public array $steps, public string $last)
    {
    }

    public static function of(Job $job): self
    {
        $plies = $job->choices->of(MouldPlies::class);
        $perLift = max(1, min($job->coats->liftPlies, $plies));
        $of = (int) ceil($plies / $perLift);
        $steps = [
            $job->coat(Role::GelCoat)->after(Follow::minutes($job->aid(AidKind::ReleaseFilm)->readyMin)),
            $job->coat(Role::Coupling)->after(Follow::whileTacky('gel-coat')),
        ];
        for ($n = 1; $n <= $of; $n++) {
            // The last lift takes what is left.
            $these = $n < $of ? $perLift : $plies - $perLift * ($of - 1);
            $lift = $job->coat(Role::Lift);
            $steps[] = $lift->laying($these * ($lift->layer->gM2 ?? 0.0))->nth($n)
                ->saying(['n' => $n, 'of' => $of, 'plies' => $these])
                ->after(Follow::whileTacky($n === 1 ? 'coupling' : 'lift-'.($n - 1)))
                ->taking($job->pace->mixMin + $these * $job->pace->innerPly($job->areaM2))
                ->minding(Caution::Knife);
        }

        return new self($steps, "lift-{$of}");
    }
}
