<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Skill;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\CoveredWith;
use OakGloss\Method\Choice\HeldBefore;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\Openings;
use OakGloss\Method\Choice\OpeningSize;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Choice\Turning;

/**
 * M4: for shapes too deep for hands to press cloth into. Plies wet on keyed black paint, release fabric and breather over
 * them, and a vacuum that is held through cure; what it bleeds off is built up again as resin top coats later.
 */
final class Bagged implements Method
{
    /** The next ply, and the bag, come while the resin is wet, min. */
    private const WET_MIN = 25.0;

    /** Pump on until the bag has drawn down, min. */
    private const DRAWN_MIN = 5.0;

    public static function code(): string
    {
        return 'bagged';
    }

    public function startsFrom(): Start
    {
        return Start::Part;
    }

    public function substrates(): array
    {
        return array_values(array_filter(Substrate::cases(), fn (Substrate $s): bool => $s->holdsResin()));
    }

    public function needs(): array
    {
        return [Slot::Skin, Slot::Cloth, Slot::Clear];
    }

    public function mayHave(): array
    {
        return [Slot::InnerCloth, Slot::Paint, Slot::Primer];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Cloth, Stage::Off, Stage::Build, Stage::Level, Stage::Surface];
    }

    public function mostPlies(): int
    {
        return 4;
    }

    public function usual(): Usual
    {
        return new Usual(new Choices());
    }

    public function example(): Example
    {
        return Example::bent(Substrate::Abs);
    }

    public function coatCount(): CoatCount
    {
        return CoatsAtTack::count();
    }

    public function choices(): array
    {
        return Listed::settled([
            PlyCount::class, BuildCoats::class, BuildWeight::class => [Role::ResinFlat], Turning::class => [Role::ResinFlat],
            AgainstPrintThrough::class, CoveredWith::class, HeldBefore::class, Openings::class, OpeningSize::class,
            ...TopCoats::choices(false),
        ]);
    }

    public function refusals(Job $job): array
    {
        return $job->choices->of(TopKind::class) === Top::Clear ? [] : [new Finding(Severity::Refuse, 'method.cleared', [], 'top')];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::BarePart)
            ->refuse(! $wish->substrate->holdsResin(), 'wont_hold')
            ->cost($wish->form !== Form::Deep, 30, 'bag_for_deep')
            ->gain($wish->form === Form::Deep, 35, 'bag_presses')
            ->cost($wish->skill === Skill::First, 25, 'bag_skill')
            ->needing(Tool::VacuumPump, Tool::SprayGun);
    }

    public function steps(Job $job): array
    {
        $coats = new CoatsAtTack($job, null);
        $top = new TopCoats();

        return CommonPractice::in($job, [
            ...SoundSurface::steps($job),
            ...SoundSurface::painted($job),
            ...$this->laidAndBagged($job),
            ...$coats->build(),
            Step::of(Role::ResinFlat, 'flat')->after(Follow::onceSandable($coats->last()))->taking(5.0)
                ->sandedWith(new Grits(150, 240, SandingMethod::DryBlock)),
            ...$top->lastFlat($job, $coats->last()),
            ...$top->of($job, $coats->last()),
        ]);
    }

    /** @return list<Step> */
    private function laidAndBagged(Job $job): array
    {
        $of = $job->choices->of(PlyCount::class);
        $plies = array_map(
            fn (int $n): Step => $job->coat($n === $of ? Role::BaggedPly : Role::InnerPly, 'wet-ply')->nth($n, $of)->named('wet_ply')
                ->after($n === 1 ? Follow::minutes(5.0) : Follow::minutes(0.0, self::WET_MIN))
                ->taking($job->ply($n === $of, 0.7))->minding(Caution::Knife),
            range(1, $of),
        );

        return [
            Step::of(Role::CutPlies)->named('cut_bag')->taking(10.0 + $of * (4.0 + 6.0 * $job->areaM2))->saying(['plies' => $of]),
            ...PeelPly::between($job, $plies),
            Step::of(Role::Bag)->after(Follow::minutes(0.0, self::WET_MIN))->taking(12.0 + 20.0 * $job->areaM2),
            Step::of(Role::LeakCheck)->after(Follow::minutes(self::DRAWN_MIN, self::WET_MIN))->taking(12.0),
            Step::of(Role::Unbag)->after(Follow::onceSandable("wet-ply-{$of}"))->taking(8.0 + 10.0 * $job->areaM2),
            // Fringe on a hard edge breaks off into the next coat.
            $job->trim('trim-fringe', 'trim_fringe'),
            $job->wipe('wipe-fringe'),
        ];
    }
}
