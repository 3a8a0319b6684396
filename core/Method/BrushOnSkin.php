<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Safety\Caution;

/** M1: one ply laid dry on a tacky base, wetted out and buried under brushed coats. */
final class BrushOnSkin implements Method
{
    /** Nibs go off with this paper, P. */
    public const NIBS = 240;

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

    public function coatCount(): CoatCount
    {
        return CoatsAtTack::count();
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
            ...(new TopCoats())->of($job, "finish-{$job->choices->finishCoats}"),
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
            $job->keyed(Role::Key, LaidDry::KEY, key: 'key-primer')->named('key')->after(Follow::minutes(960.0)),
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
        $laid = LaidDry::on($job, $job->needsSeal ? Follow::whileTacky('seal') : Follow::minutes(5.0));
        $wet = $job->choices->wetOut === WetOut::AtOnce ? Follow::minutes(0.0, 45.0) : Follow::onceSet($laid->under);

        return [...$laid->steps, $job->coat(Role::WetOut)->after($wet)];
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
        $coats = new CoatsAtTack($job, $job->choices->afterWetOut === AfterWetOut::BuildOnAtTack ? 'wet-out' : null);

        return [
            ...$coats->build(),
            Step::of(Role::ResinFlat, 'flat')->after(Follow::onceSandable($coats->last()))->taking(5.0)
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
