<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;
use OakGloss\Material\AidKind;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\CoveredWith;
use OakGloss\Method\Choice\FinishCoats;
use OakGloss\Method\Choice\HeldBefore;
use OakGloss\Method\Choice\HoldingWay;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\Openings;
use OakGloss\Method\Choice\OpeningSize;
use OakGloss\Method\Choice\OverTheWetOut;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\SecondPasses;
use OakGloss\Method\Choice\Tilting;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Choice\Turning;
use OakGloss\Method\Choice\WetOutMoment;

/** M1: one ply or two, laid on a tacky base, on adhesive or into wet resin, and buried under brushed coats. */
final class BrushOnSkin implements Method
{
    /** Wet-out at once after the cloth, within so many minutes. */
    private const AT_ONCE_MIN = 45.0;

    /** Resin that cloth is laid into stays wet enough, min. */
    private const WET_MIN = 20.0;

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

    public function substrates(): array
    {
        return Substrate::cases();
    }

    public function needs(): array
    {
        return [Slot::Base, Slot::Skin, Slot::Cloth];
    }

    public function mayHave(): array
    {
        return [Slot::InnerCloth, Slot::Clear, Slot::FillerClear, Slot::Primer, Slot::Paint, Slot::Adhesive];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Cloth, Stage::Build, Stage::Level, Stage::Surface];
    }

    public function mostPlies(): int
    {
        return 2;
    }

    public function usual(): Usual
    {
        return new Usual();
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
            BuildCoats::class, SecondPasses::class, BuildWeight::class => [Role::ResinFlat], Turning::class, Tilting::class,
            WetOutMoment::class, HoldingWay::class, PlyCount::class, OverTheWetOut::class, AgainstPrintThrough::class,
            TopKind::class, FinishCoats::class,
            CoveredWith::class, HeldBefore::class, Openings::class, OpeningSize::class, ...TopCoats::choices(),
        ]);
    }

    public function refusals(Job $job): array
    {
        $isStuck = $job->choices->of(HoldingWay::class) === Holding::Adhesive;

        return [
            // On adhesive the base is cured and keyed before any cloth, if there is one at all.
            ...(! $isStuck && $job->isCuredThroughCloth() ? [new Finding(Severity::Refuse, 'layer.through_cloth', [
                'layer' => $job->materials->skinResin->name, 'under' => $job->materials->baseResin->name ?? '',
            ], Slot::Skin->field())] : []),
            // What holds the cloth softens before the resin does.
            ...($isStuck && $job->isHot() ? [new Finding(Severity::Refuse, 'method.adhesive_heat', [], HoldingWay::name())] : []),
            ...($isStuck ? $job->mistFindings() : []),
            ...($isStuck && $job->choices->of(PlyCount::class) > 1
                ? [new Finding(Severity::Refuse, 'method.adhesive_plies', [], PlyCount::name())]
                : []),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::BarePart)
            ->atNeed(25, 'strip_anew', Lies::BadSkin, Lies::ThinSkin, Lies::DamagedSkin, Lies::RawMoulding)
            ->refuse(! $wish->substrate->holdsResin(), 'wont_hold')
            ->gain($wish->form !== Form::Deep, 12, 'few_tools')
            ->cost($wish->form === Form::Deep, 22, 'hands_deep')
            ->cost($wish->substrate->isMetal(), 18, 'metal_moves')
            ->cost($wish->pieces > 4, 10, 'one_by_one');
    }

    public function steps(Job $job): array
    {
        return CommonPractice::in($job, [
            ...$this->soundSurface($job),
            ...$this->baseAndCloth($job),
            ...$this->overTheCloth($job),
            ...$this->build($job),
            ...$this->finishCoats($job),
            ...(new TopCoats())->of($job, "finish-{$job->choices->of(FinishCoats::class)}"),
        ]);
    }

    /** @return list<Step> */
    private function soundSurface(Job $job): array
    {
        return [
            ...SoundSurface::steps($job),
            ...($job->brief->backing === Backing::Painted ? SoundSurface::painted($job) : []),
            // Wood breathes out bubbles while it warms: under the base, not in it.
            ...($job->needsSeal() ? [$job->coat(Role::Seal)->after(Follow::minutes(5.0))] : []),
        ];
    }

    /** @return list<Step> */
    private function baseAndCloth(Job $job): array
    {
        $under = $job->needsSeal() ? Follow::whileTacky('seal') : Follow::minutes(5.0);

        return match ($job->choices->of(HoldingWay::class)) {
            Holding::TackyBase => $this->onTackyBase($job, $under),
            Holding::Adhesive => $this->onAdhesive($job, $under),
            Holding::WetLay => $this->intoWetResin($job, $under),
        };
    }

    /** @return list<Step> */
    private function onTackyBase(Job $job, Follow $base): array
    {
        $laid = LaidDry::on($job, $base);
        $wet = fn (string $under): Follow => $job->choices->of(WetOutMoment::class) === WetOut::AtOnce
            ? Follow::minutes(0.0, self::AT_ONCE_MIN)
            : Follow::onceSet($under);

        return $job->choices->of(PlyCount::class) === 1 ? [...$laid->steps, $job->coat(Role::WetOut)->after($wet($laid->under))] : [
            ...$laid->steps,
            $job->coat(Role::InnerWetOut)->after($wet($laid->under)),
            // The second ply lies in the tack of the resin that wets the first.
            Step::of(Role::Lay)->nth(2, isSaid: false)->named('lay_second')->after(Follow::whileTacky('inner-wet-out'))
                ->taking($job->pace->laying($job->areaM2)),
            $job->coat(Role::WetOut)->after($wet('inner-wet-out')),
        ];
    }

    /** @return list<Step> adhesive sticks to what is hard and clean: a base that tints, or a seal, is cured and keyed first */
    private function onAdhesive(Job $job, Follow $base): array
    {
        $mist = $job->aid(AidKind::Adhesive);
        $isTinted = $job->brief->backing->pigmentShare() > 0.0;
        $under = $isTinted ? 'base' : ($job->needsSeal() ? 'seal' : null);

        return [
            ...($isTinted ? [$job->coat(Role::Base)->after($base)] : []),
            ...($under === null ? [] : [
                // The amine of a young epoxy, and its blush, keep a polyester soft.
                ...($job->isCuredThroughCloth() ? [Step::of(Role::Wash, 'wash-set-base')->after(Follow::onceCured($under))
                    ->taking(5.0 + 2.0 * $job->pace->wiping($job->areaM2))] : []),
                $job->keyed(Role::Key, LaidDry::KEY, 0.6, 'key-set-base')->named('key')->after(Follow::onceSandable($under)),
                $job->wipe('wipe-set-base'),
            ]),
            ...$job->ontoMist(
                fn (int $s, int $in): Step => $in === 1
                    ? Step::of(Role::Adhesive)
                    : Step::of(Role::Adhesive)->nth($s)->named('mist_section')->saying(['n' => 1, 'section' => $s, 'sections' => $in]),
                fn (int $s, int $in): Step => $in === 1
                    ? Step::of(Role::Lay)->named('lay_adhesive')
                    : Step::of(Role::Lay)->nth($s)->named('unroll_section')->saying(['n' => 1, 'section' => $s, 'sections' => $in]),
            ),
            $job->coat(Role::WetOut)->after(Follow::minutes($mist->readyMin)),
        ];
    }

    /** @return list<Step> each ply into resin that is wet, which soaks up through it */
    private function intoWetResin(Job $job, Follow $base): array
    {
        $lay = Step::of(Role::Lay)->named('lay_wet')->after(Follow::minutes(0.0, self::WET_MIN))->taking($job->pace->laying($job->areaM2));
        $first = $job->choices->of(PlyCount::class) === 1 ? [] : [
            $job->coat(Role::InnerWetOut)->after(Follow::whileTacky('base')),
            $lay,
        ];

        return [
            $job->coat(Role::Base)->after($base),
            ...$first,
            $job->coat(Role::WetOut)->after(Follow::whileTacky($first === [] ? 'base' : 'inner-wet-out')),
            $first === [] ? $lay : $lay->nth(2, isSaid: false),
        ];
    }

    /** @return list<Step> */
    private function overTheCloth(Job $job): array
    {
        if ($job->choices->of(OverTheWetOut::class) === AfterWetOut::BuildOnAtTack) {
            return [];
        }
        $isInsured = $job->choices->of(OverTheWetOut::class) === AfterWetOut::SecondAtTack;

        return [
            ...($isInsured ? [$job->coat(Role::Insurance, 'second')->after(Follow::whileTacky('wet-out'))] : []),
            // Nibs only: the weave lies just under.
            $job->keyed(Role::Nibs, self::NIBS, 0.5)->after(Follow::onceSandable($isInsured ? 'second' : 'wet-out'))
                ->taking(0.5 * $job->pace->keying($job->areaM2) + $job->pace->trimming($job->brief->rimM()))
                ->minding(Caution::Knife, Caution::Rotary),
            $job->wipe('wipe-3'),
        ];
    }

    /** @return list<Step> */
    private function build(Job $job): array
    {
        $coats = new CoatsAtTack($job, $job->choices->of(OverTheWetOut::class) === AfterWetOut::BuildOnAtTack ? 'wet-out' : null);

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
        $of = $job->choices->of(FinishCoats::class);
        for ($n = 1; $n <= $of; $n++) {
            $coat = $job->coat(Role::Finish)->nth($n, $of)->named($of === 1 ? 'finish' : 'finish_of')
                ->after($n === 1 ? Follow::minutes(5.0) : Follow::whileTacky('finish-'.($n - 1)));
            $steps = [...$steps, ...$job->andTurn($coat)];
        }

        return [...$steps, ...(new TopCoats())->lastFlat($job, "finish-{$of}")];
    }
}
