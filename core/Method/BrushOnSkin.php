<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Safety\Caution;

/** M1: one ply laid dry on a tacky base, wetted out and buried under brushed coats. */
final class BrushOnSkin implements Method
{
    /** However level the part is: a method never plans fewer before the first flatting. */
    public const LEAST_BUILD_COATS = 2;
    /** Grits between which a gloss clear is flatted before the polish. */
    public const CLEAR_FROM = 1500;
    public const CLEAR_TO = 2500;

    /** And a filler clear before the last one. */
    public const FILLER_FROM = 240;
    public const FILLER_TO = 400;

    /** Nibs go off with this paper, P. */
    public const NIBS = 240;
    private const EPOXY = [Caution::Epoxy, Caution::Exotherm];

    public function steps(Job $job): array
    {
        return [
            ...$this->soundSurface($job),
            ...$this->baseAndCloth($job),
            ...$this->overTheCloth($job),
            ...$this->build($job),
            ...$this->finishCoats($job),
            ...(new Surface())->of($job),
        ];
    }

    /** @return non-empty-list<Step> */
    private function soundSurface(Job $job): array
    {
        // Where acetone attacks the part, the wipe is alcohol.
        $gently = $job->substrate->bearsSolvent() ? '' : '_alcohol';
        $steps = [
            new Step('strip', 'strip', StepKind::Prepare, Follow::freely(), 15.0, [Caution::Structure, Caution::SolventRags]),
            // Keying a greasy part drives the grease into the scratches.
            $job->wipe('wipe-1', "wipe{$gently}"),
            new Step(
                'key',
                $job->substrate->isScored() ? 'key_score' : 'key',
                StepKind::Key,
                Follow::freely(),
                $job->pace->keying($job->areaM2),
                [Caution::Dust, Caution::Knife],
                grits: new Grits($job->substrate->keyGrit(), $job->substrate->keyGrit(), SandingMethod::DryBlock),
            ),
        ];
        if ($job->needsPrimer) {
            $steps[] = $job->wipe('wipe-primer');
            $steps[] = new Step(
                'prime',
                'prime',
                StepKind::Prepare,
                Follow::minutes(5.0),
                $job->pace->spraying($job->areaM2),
                [Caution::SprayMist],
            );
            $steps[] = new Step(
                'key-primer',
                'key',
                StepKind::Key,
                Follow::minutes(960.0),
                $job->pace->keying($job->areaM2),
                [Caution::Dust],
                grits: new Grits(180, 180, SandingMethod::DryBlock),
            );
        }
        $steps[] = $job->wipe('wipe-2', "wipe_mask{$gently}", 10.0);
        if ($job->needsSeal) {
            // Wood breathes out bubbles while it warms: under the base, not in it.
            $steps[] = $this->coat(
                $job,
                'seal',
                'seal',
                new Layer(Jar::Base, $job->weights->sealGM2, onCloth: false, builds: false),
                Follow::minutes(5.0),
            );
        }

        return $steps;
    }

    /** @return list<Step> */
    private function baseAndCloth(Job $job): array
    {
        $steps = [$this->coat(
            $job,
            'base',
            'base',
            new Layer(Jar::Base, $job->weights->baseGM2, onCloth: true, builds: false),
            $job->needsSeal ? Follow::whileTacky('seal') : Follow::minutes(5.0),
        )];
        $under = 'base';
        for ($n = 1; $n <= $job->tackCoats; $n++) {
            // Nothing holds dry cloth on a base that has cured: keyed, and a fresh thin coat with a window of its own.
            $steps[] = new Step(
                "key-base-{$n}",
                'key_base',
                StepKind::Key,
                Follow::onceSandable($under),
                0.6 * $job->pace->keying($job->areaM2),
                [Caution::Dust],
                grits: new Grits(180, 180, SandingMethod::DryBlock),
            );
            $steps[] = $job->wipe("wipe-base-{$n}");
            $under = "tack-{$n}";
            $steps[] = $this->coat(
                $job,
                $under,
                'tack',
                new Layer(Jar::Base, $job->weights->tackGM2, onCloth: true, builds: false),
                Follow::minutes(5.0),
            );
        }

        return [
            ...$steps,
            new Step(
                'lay',
                'lay',
                StepKind::Lay,
                Follow::whileTacky($under),
                $job->pace->laying($job->areaM2),
                [Caution::Epoxy, Caution::HotAir, Caution::Knife],
            ),
            $this->coat(
                $job,
                'wet-out',
                'wet_out',
                new Layer(Jar::Clear, $job->weights->wetOutShare * $job->clothGM2, onCloth: true, builds: true),
                $job->choices->wetOut === WetOut::AtOnce ? Follow::minutes(0.0, 45.0) : Follow::onceSet($under),
            ),
        ];
    }

    /** @return list<Step> */
    private function overTheCloth(Job $job): array
    {
        if ($job->choices->afterWetOut === AfterWetOut::BuildOnAtTack) {
            return [];
        }
        $steps = [];
        $last = 'wet-out';
        if ($job->choices->afterWetOut === AfterWetOut::SecondAtTack) {
            $steps[] = $this->coat(
                $job,
                'second',
                'second',
                new Layer(Jar::Clear, $job->buildGM2(), onCloth: false, builds: true),
                Follow::whileTacky('wet-out'),
            );
            $last = 'second';
        }
        // Nibs only: the weave lies just under.
        $steps[] = new Step(
            'nibs',
            'nibs',
            StepKind::Key,
            Follow::onceSandable($last),
            5.0 + 0.5 * $job->pace->keying($job->areaM2) + $job->pace->trimMin,
            [Caution::Dust, Caution::Knife, Caution::Rotary],
            grits: new Grits(self::NIBS, self::NIBS, SandingMethod::DryBlock),
        );
        $steps[] = new Step('wipe-3', 'wipe', StepKind::Wipe, Follow::freely(), $job->pace->wiping($job->areaM2), [Caution::SolventRags]);

        return $steps;
    }

    /** @return list<Step> */
    private function build(Job $job): array
    {
        $steps = [];
        $last = $job->choices->afterWetOut === AfterWetOut::BuildOnAtTack ? 'wet-out' : null;
        for ($n = 1; $n <= $job->buildCoats; $n++) {
            $steps = [...$steps, ...$this->coatAndTurn(
                $job,
                $this->coat(
                    $job,
                    "build-{$n}",
                    'build',
                    new Layer(Jar::Clear, $job->buildGM2(), onCloth: false, builds: true),
                    $last === null ? Follow::minutes(5.0) : Follow::whileTacky($last),
                    ['n' => $n, 'of' => $job->buildCoats],
                ),
            )];
            $last = "build-{$n}";
        }
        for ($n = 1; $job->passZones !== [] && $n <= $job->choices->secondPasses; $n++) {
            $pass = $this->coat(
                $job,
                "pass-{$n}",
                'pass',
                new Layer(Jar::Clear, $job->buildGM2(), onCloth: false, builds: true, only: $job->passZones),
                Follow::whileTacky((string) $last),
                [],
                $job->passAreaM2,
            );
            $steps = [...$steps, ...$this->coatAndTurn($job, $pass)];
            $last = "pass-{$n}";
        }
        $steps[] = new Step(
            'flat',
            'flat',
            StepKind::Flat,
            Follow::onceSandable((string) $last),
            5.0,
            [Caution::Dust],
            grits: new Grits(150, 240, SandingMethod::DryBlock),
        );
        $steps[] = new Step('wipe-4', 'wipe', StepKind::Wipe, Follow::freely(), $job->pace->wiping($job->areaM2), [Caution::SolventRags]);

        return $steps;
    }

    /** @return list<Step> */
    private function coatAndTurn(Job $job, Step $coat): array
    {
        return $job->choices->turned
            ? [
                $coat,
                new Step(
                    "turn-{$coat->key}",
                    'turn',
                    StepKind::Turn,
                    Follow::minutes(max(1.0, $job->turnMin - 5.0), $job->turnMin + 5.0),
                    3.0,
                    [Caution::Epoxy],
                ),
            ]
            : [$coat];
    }

    /** @return list<Step> */
    private function finishCoats(Job $job): array
    {
        $steps = [];
        $of = $job->choices->finishCoats;
        for ($n = 1; $n <= $of; $n++) {
            $steps = [...$steps, ...$this->coatAndTurn($job, $this->coat(
                $job,
                "finish-{$n}",
                $of === 1 ? 'finish' : 'finish_of',
                new Layer(Jar::Clear, $job->weights->finishGM2, onCloth: false, builds: true),
                $n === 1 ? Follow::minutes(5.0) : Follow::whileTacky('finish-'.($n - 1)),
                ['n' => $n, 'of' => $of],
            ))];
        }
        $last = "finish-{$of}";
        if ($job->postCure !== null) {
            $steps[] = new Step(
                'post-cure',
                'post_cure',
                StepKind::PostCure,
                Follow::onceSandable($last),
                10.0,
                [Caution::Heat],
                ['c' => (int) round($job->postCure->celsius), 'hours' => (int) ceil($job->postCure->minutes / 60.0)],
            );
        }
        // A clear needs tooth; a polish needs none left.
        $steps[] = new Step('wet-flat', 'wet_flat', StepKind::Flat, match (true) {
            $job->postCure !== null => Follow::minutes($job->postCure->minutes),
            $job->choices->printThrough === PrintThrough::Wait => Follow::onceSettled($last),
            default => Follow::onceSandable($last),
        }, 5.0, [Caution::Dust], grits: new Grits(320, match (true) {
            $job->choices->top === Top::PolishResin => 2000,
            $job->filler !== null => 400,
            default => 600,
        }, SandingMethod::WetBlock));
        if ($job->holes > 0) {
            $steps[] = new Step(
                'drill',
                'drill',
                StepKind::Prepare,
                Follow::freely(),
                10.0 + $job->pace->drillPerHole * $job->holes,
                [Caution::Rotary, Caution::Dust, Caution::Structure],
                ['holes' => $job->holes],
            );
        }

        return $steps;
    }

    /** @param array<string, int> $args */
    private function coat(Job $job, string $key, string $name, Layer $layer, Follow $follow, array $args = [], ?float $areaM2 = null): Step
    {
        return new Step($key, $name, StepKind::Coat, $follow, $job->pace->coating($areaM2 ?? $job->areaM2), self::EPOXY, $args, $layer);
    }
}
