<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;
use OakGloss\Geometry\TwoFaces;
use OakGloss\Geometry\TwoSides;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\TopKind;

/**
 * Both faces of a piece clothed from bare: the first over supports, its cloth wrapped to the middle of the rim; turned onto
 * it while that dents and no longer sticks; the second laps it on the rim. From there on as any two-sided piece.
 */
final class BothFaces implements Method
{
    /** Cloth goes into a base that is wet still, min. */
    private const WET_MIN = 20.0;

    public static function code(): string
    {
        return 'both_faces';
    }

    public function startsFrom(): Start
    {
        return Start::BarePiece;
    }

    public function substrates(): array
    {
        return array_values(array_filter(Substrate::cases(), fn (Substrate $s): bool => $s->holdsResin()));
    }

    public function needs(): array
    {
        return [Slot::Base, Slot::Skin, Slot::Cloth];
    }

    public function mayHave(): array
    {
        return [Slot::Clear, Slot::Primer];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Cloth, Stage::Build, Stage::Level, Stage::Surface];
    }

    public function mostPlies(): int
    {
        return 1;
    }

    public function usual(): Usual
    {
        return new Usual();
    }

    public function example(): Example
    {
        return new Example(new TwoFaces(620.0, 180.0, 60.0, 3.0), Substrate::Wood);
    }

    public function coatCount(): CoatCount
    {
        return new CoatCount(TwoSided::COATS, TwoSided::COATS, Role::LastFlat);
    }

    public function choices(): array
    {
        return Listed::settled([BuildWeight::class, ...TopCoats::choices(false)]);
    }

    public function refusals(Job $job): array
    {
        return [
            ...($job->brief->sides === null ? [new Finding(Severity::Refuse, 'method.two_faces', [], 'shape')] : []),
            ...($job->choices->of(TopKind::class) === Top::Clear ? [] : [new Finding(Severity::Refuse, 'method.cleared', [], 'top')]),
            ...($job->isCuredThroughCloth() ? [new Finding(Severity::Refuse, 'layer.through_cloth', [
                'layer' => $job->materials->skinResin->name, 'under' => $job->materials->baseResin->name ?? '',
            ], Slot::Skin->field())] : []),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::BarePart)
            ->refuse(! $wish->substrate->holdsResin(), 'wont_hold')
            ->gain($wish->bothFaces, 40, 'both_faces_seen')
            ->cost(! $wish->bothFaces, 40, 'one_face_is_enough')
            ->cost($wish->form === Form::Deep, 30, 'hands_deep');
    }

    public function steps(Job $job): array
    {
        $sides = $job->brief->sides ?? new TwoSides([], [], []);

        return CommonPractice::in($job, [
            ...SoundSurface::steps($job),
            ...($job->needsSeal() ? [$job->coat(Role::Seal)->after(Follow::minutes(5.0))] : []),
            ...$this->clothed($job, 1, $sides->first, $job->needsSeal() ? Follow::whileTacky('seal') : Follow::minutes(5.0)),
            // The rim's own film is counted once: the lap drinks what the second face brings it.
            ...$this->clothed($job, 2, array_values(array_diff($sides->second, $sides->first)), Follow::whileTacky('wet-out-1')),
            ...TwoSided::onward($job, Follow::onceSandable('wet-out-2'), Stage::Build, 'wipe-round'),
        ]);
    }

    /**
     * @param list<string> $face zones of it
     *
     * @return list<Step>
     */
    private function clothed(Job $job, int $n, array $face, Follow $base): array
    {
        $area = $job->brief->areaOf($face);

        return [
            $job->coat(Role::Base, only: $face)->nth($n, isSaid: false)->named($n === 1 ? 'base_first_face' : 'base_second_face')
                ->after($base)->lainOn(),
            Step::of(Role::Lay)->nth($n, isSaid: false)->named($n === 1 ? 'lay_first_face' : 'lay_second_face')
                ->after(Follow::minutes(0.0, self::WET_MIN))->taking($job->pace->laying($area)),
            $job->coat(Role::WetOut, only: $face)->nth($n, isSaid: false)->named('wet_out_face')->saying(['n' => $n])
                ->after(Follow::whileTacky("base-{$n}"))->lainOn(),
        ];
    }
}
