<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Material\Bond;
use OakGloss\Material\ClearCoat;
use OakGloss\Optics\Finish;
use OakGloss\Safety\Caution;

/** What makes the surface of a skin: filler clear, stripes, clear or the resin itself, polish. */
final readonly class Surface
{
    /** @return list<Step> */
    public function of(Job $job): array
    {
        $inspect = fn (Follow $follow): Step => new Step('inspect', 'inspect', StepKind::Inspect, $follow, 10.0, [Caution::SolventRags]);
        $polish = new Step(
            'polish',
            'polish',
            StepKind::Polish,
            Follow::freely(),
            10.0 + $job->polishMin,
            [Caution::PolishHeat, Caution::Rotary],
        );
        if ($job->choices->top === Top::PolishResin || $job->clear === null) {
            return [$polish, $inspect(Follow::freely())];
        }
        $steps = [
            ...$this->filler($job),
            ...$this->stripes($job),
            $job->wipe('wipe-5'),
            ...$this->clear($job, $job->clear),
        ];
        $ready = Follow::minutes($job->clear->readyAt($job->air));
        if ($job->finish !== Finish::Gloss) {
            // Satin and matt are never polished.
            return [...$steps, $inspect($ready)];
        }

        return [
            ...$steps,
            new Step(
                'clear-flat',
                'clear_flat',
                StepKind::Flat,
                $ready,
                5.0,
                [Caution::Dust],
                grits: new Grits(
                    BrushOnSkin::CLEAR_FROM,
                    BrushOnSkin::CLEAR_TO,
                    SandingMethod::WetBlock,
                    inClear: true,
                    peelUm: $job->clear->sprayed->peelUm(),
                ),
            ),
            $polish,
            $inspect(Follow::freely()),
        ];
    }

    /** @return list<Step> filler clear, blocked flat; polyester hardens under release film only */
    private function filler(Job $job): array
    {
        if ($job->filler === null) {
            return [];
        }
        $steps = [
            $job->fillerBond === Bond::FullCureWashKey
                // The amine of a young epoxy stops a polyester from hardening, and so does its blush.
                ? new Step(
                    'wipe-filler',
                    'wash_blush',
                    StepKind::Wipe,
                    Follow::onceCured("finish-{$job->choices->finishCoats}"),
                    5.0 + 2.0 * $job->pace->wiping($job->areaM2),
                    [Caution::SolventRags],
                )
                : $job->wipe('wipe-filler'),
            ...($job->fillerBond === Bond::FullCureWashKey ? [new Step(
                'key-filler',
                'key',
                StepKind::Key,
                Follow::freely(),
                0.6 * $job->pace->keying($job->areaM2),
                [Caution::Dust],
                grits: new Grits(BrushOnSkin::FILLER_TO, BrushOnSkin::FILLER_TO, SandingMethod::WetBlock),
            )] : []),
            new Step(
                'filler',
                'filler',
                StepKind::Spray,
                Follow::minutes(10.0),
                $this->spraying($job, $job->filler, $job->fillerCoats),
                $this->mist($job->filler),
                ['coats' => $job->fillerCoats],
            ),
        ];
        if ($job->filler->needsReleaseFilm) {
            $steps[] = new Step(
                'release-film',
                'release_film',
                StepKind::Prepare,
                Follow::minutes($job->filler->flashAt($job->air)),
                5.0 + 10.0 * $job->areaM2,
                [Caution::Styrene],
            );
        }
        $steps[] = new Step(
            'filler-wash',
            $job->filler->needsReleaseFilm ? 'film_off' : 'filler_wash',
            StepKind::Wipe,
            Follow::minutes($job->filler->readyAt($job->air)),
            $job->pace->wiping($job->areaM2),
            [Caution::SolventRags],
        );
        $steps[] = new Step(
            'filler-flat',
            'filler_flat',
            StepKind::Flat,
            Follow::freely(),
            5.0,
            [Caution::Dust],
            grits: new Grits(
                BrushOnSkin::FILLER_FROM,
                BrushOnSkin::FILLER_TO,
                SandingMethod::WetBlock,
                inClear: true,
                peelUm: $job->filler->sprayed->peelUm(),
            ),
        );

        return $steps;
    }

    /** @return list<Step> */
    private function stripes(Job $job): array
    {
        $steps = [];
        for ($n = 1; $n <= $job->choices->stripes; $n++) {
            $steps[] = new Step("mask-line-{$n}", 'mask_line', StepKind::Prepare, Follow::freely(), 12.0, [Caution::Knife], ['n' => $n]);
            $steps[] = new Step("stripe-{$n}", 'stripe', StepKind::Spray, Follow::freely(), 6.0, [Caution::SprayMist], ['n' => $n]);
            $steps[] = new Step("unmask-{$n}", 'unmask', StepKind::Prepare, Follow::minutes(20.0), 4.0, [], ['n' => $n]);
        }

        return $steps;
    }

    /** @return list<Step> sprayed coats in one go with their flashes; brushed ones each by itself, in its recoat window */
    private function clear(Job $job, ClearCoat $clear): array
    {
        if (! $clear->kind->isBrushed()) {
            return [new Step(
                'clear',
                'clear',
                StepKind::Spray,
                Follow::minutes(10.0),
                $this->spraying($job, $clear, $job->clearCoats),
                $this->mist($clear),
                ['coats' => $job->clearCoats],
            )];
        }
        $steps = [];
        for ($n = 1; $n <= $job->clearCoats; $n++) {
            $steps[] = new Step(
                "varnish-{$n}",
                'varnish',
                StepKind::Spray,
                $n === 1 ? Follow::minutes(10.0) : Follow::minutes($clear->flashAt($job->air), $clear->recoatUntilAt($job->air)),
                $job->pace->coating($job->areaM2),
                [Caution::SolventRags],
                ['n' => $n, 'of' => $job->clearCoats],
            );
        }

        return $steps;
    }

    private function spraying(Job $job, ClearCoat $clear, int $coats): float
    {
        return 10.0 + $coats * $job->pace->spraying($job->areaM2) + ($coats - 1) * $clear->flashAt($job->air);
    }

    /** @return list<Caution> */
    private function mist(ClearCoat $clear): array
    {
        return [$clear->isocyanate ? Caution::Isocyanate : Caution::SprayMist, ...($clear->needsReleaseFilm ? [Caution::Styrene] : [])];
    }
}
