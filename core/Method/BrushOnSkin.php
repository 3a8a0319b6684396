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

    /** Nibs go off with this paper, P. */
    public const NIBS = 240;

    /** A base that is rough enough to hold a tack coat, P. */
    private const KEY_BASE = 180;

    public static function code(): string
    {
        return 'brush_on';
    }

    public function startsFrom(): Start
    {
        return Start::Part;
    }

    public function needs(): array
    {
        return [Slot::Base, Slot::Skin, Slot::Cloth];
    }

    public function mayHave(): array
    {
        return [Slot::Clear, Slot::FillerClear];
    }

    public function choices(): array
    {
        $building = [Role::ResinFlat];

        return [
            [Choice::BuildCoats, $building],
            [Choice::SpotCoats, $building],
            [Choice::BuildWeight, $building],
            [Choice::Turned, [Role::LastFlat]],
            [Choice::Tilted, [Role::LastFlat]],
            [Choice::WetOut, [Role::WetOut]],
            [Choice::AfterWetOut, [Role::Insurance, Role::Nibs, Role::Build]],
            [Choice::PrintThrough, [Role::LastFlat, Role::PostCure]],
            [Choice::Top, [Role::LastFlat, Role::PostCure]],
            [Choice::FinishCoats, [Role::LastFlat, Role::PostCure]],
            ...TopCoats::choices(),
        ];
    }

    public function refusals(Job $job): array
    {
        return [];
    }

    public function steps(Job $job): array
    {
        return [
            ...$this->soundSurface($job),
            ...$this->baseAndCloth($job),
            ...$this->overTheCloth($job),
            ...$this->build($job),
            ...$this->finishCoats($job),
            ...(new TopCoats())->of($job),
        ];
    }

    /** @return list<Step> */
    private function soundSurface(Job $job): array
    {
        $bare = $job->substrate;
        // Where acetone attacks the part, the wipe is alcohol.
        $gently = $bare->bearsSolvent() ? '' : '_alcohol';
        $primed = [
            $job->wipe('wipe-primer'),
            Step::of(Role::Prime)->after(Follow::minutes(5.0))->taking($job->pace->spraying($job->areaM2)),
            $job->keyed(Role::Key, self::KEY_BASE, key: 'key-primer')->named('key')->after(Follow::minutes(960.0)),
        ];

        return [
            Step::of(Role::Strip)->taking(15.0),
            // Keying a greasy part drives the grease into the scratches.
            $job->wipe('wipe-1', "wipe{$gently}"),
            $job->keyed(Role::Key, $bare->keyGrit())->named($bare->isScored() ? 'key_score' : 'key')->minding(Caution::Knife),
            ...($job->needsPrimer ? $primed : []),
            $job->wipe('wipe-2', "wipe_mask{$gently}", 10.0),
            // Wood breathes out bubbles while it warms: under the base, not in it.
            ...($job->needsSeal ? [$job->coat(Role::Seal)->after(Follow::minutes(5.0))] : []),
        ];
    }

    /** @return list<Step> */
    private function baseAndCloth(Job $job): array
    {
        $steps = [
            $job->coat(Role::Base)
                ->after($job->needsSeal ? Follow::whileTacky('seal') : Follow::minutes(5.0)),
        ];
        $under = 'base';
        for ($n = 1; $n <= $job->tackCoats; $n++) {
            // Nothing holds dry cloth on a base that has cured: keyed, and a fresh thin coat with a window of its own.
            $steps[] = $job->keyed(Role::KeyBase, self::KEY_BASE, 0.6)->nth($n, isSaid: false)->after(Follow::onceSandable($under));
            $steps[] = $job->wipe("wipe-base-{$n}");
            $steps[] = $tack = $job->coat(Role::Tack)->nth($n, isSaid: false)->after(Follow::minutes(5.0));
            $under = $tack->key;
        }

        return [
            ...$steps,
            Step::of(Role::Lay)->after(Follow::whileTacky($under))->taking($job->pace->laying($job->areaM2)),
            $job->coat(Role::WetOut)
                ->after($job->choices->wetOut === WetOut::AtOnce ? Follow::minutes(0.0, 45.0) : Follow::onceSet($under)),
        ];
    }

    /** @return list<Step> */
    private function overTheCloth(Job $job): array
    {
        if ($job->choices->afterWetOut === AfterWetOut::BuildOnAtTack) {
            return [];
        }
        $isInsured = $job->choices->afterWetOut === AfterWetOut::SecondAtTack;

        return [
            ...($isInsured ? [$job->coat(Role::Insurance, 'second')->after(Follow::whileTacky('wet-out'))] : []),
            // Nibs only: the weave lies just under.
            $job->keyed(Role::Nibs, self::NIBS, 0.5)->after(Follow::onceSandable($isInsured ? 'second' : 'wet-out'))
                ->taking(5.0 + 0.5 * $job->pace->keying($job->areaM2) + $job->pace->trimMin)
                ->minding(Caution::Knife, Caution::Rotary),
            $job->wipe('wipe-3'),
        ];
    }

    /** @return list<Step> */
    private function build(Job $job): array
    {
        $steps = [];
        $last = $job->choices->afterWetOut === AfterWetOut::BuildOnAtTack ? 'wet-out' : null;
        $coats = $job->buildCoats + ($job->passZones === [] ? 0 : $job->choices->secondPasses);
        for ($n = 1; $n <= $coats; $n++) {
            $coat = $n <= $job->buildCoats
                ? $job->coat(Role::Build)->nth($n, $job->buildCoats)
                : $job->coat(Role::Spot, 'pass', $job->passZones)->nth($n - $job->buildCoats, isSaid: false);
            $coat = $coat->after($last === null ? Follow::minutes(5.0) : Follow::whileTacky($last));
            $steps = [...$steps, ...$job->andTurn($coat)];
            $last = $coat->key;
        }

        return [
            ...$steps,
            Step::of(Role::ResinFlat, 'flat')->after(Follow::onceSandable((string) $last))->taking(5.0)
                ->sandedWith(new Grits(150, 240, SandingMethod::DryBlock)),
            $job->wipe('wipe-4'),
        ];
    }

    /** @return list<Step> */
    private function finishCoats(Job $job): array
    {
        $steps = [];
        $of = $job->choices->finishCoats;
        for ($n = 1; $n <= $of; $n++) {
            $coat = $job->coat(Role::Finish)->nth($n, $of)->named($of === 1 ? 'finish' : 'finish_of')
                ->after($n === 1 ? Follow::minutes(5.0) : Follow::whileTacky('finish-'.($n - 1)));
            $steps = [...$steps, ...$job->andTurn($coat)];
        }

        return [...$steps, ...(new TopCoats())->lastFlat($job, "finish-{$of}")];
    }
}
