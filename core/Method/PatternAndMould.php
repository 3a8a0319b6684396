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
use OakGloss\Geometry\BentPanel;
use OakGloss\Material\AidKind;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\Halves;
use OakGloss\Method\Choice\LayUpWay;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\MouldPlies;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\TopKind;

/**
 * M7: a pattern surfaced, a mould laminated on it in lifts that it bears, and a part laid up or infused in the mould, held
 * under vacuum through cure; demoulded, joined, and cleared as a raw moulding is.
 */
final class PatternAndMould implements Method
{
    /** The pattern is made as fine as what its parts are keyed with asks for, no finer, P. */
    private const FORM_FROM = 240;
    private const FORM_TO = 400;

    /** Texture that the surfacer leaves, µm (planning value). */
    private const SURFACER_UM = 40.0;

    private const WET_MIN = 25.0;

    /** The pump is on until the bag has drawn down, and the resin comes while it still holds, min. */
    private const DRAWN_MIN = 15.0;
    private const HELD_MIN = 240.0;

    private const KEY_SEAM = 180;

    public static function code(): string
    {
        return 'pattern_mould';
    }

    public function startsFrom(): Start
    {
        return Start::Form;
    }

    public function substrates(): array
    {
        return Substrate::cases();
    }

    public function needs(): array
    {
        return [Slot::Skin, Slot::Cloth, Slot::GelCoat, Slot::MouldResin, Slot::MouldCloth, Slot::FillerClear, Slot::Clear];
    }

    public function mayHave(): array
    {
        return [Slot::InnerCloth, Slot::Surfacer, Slot::Wax, Slot::ReleaseFilm, Slot::BondPaste];
    }

    public function stages(): array
    {
        return [Stage::Pattern, Stage::Mould, Stage::Cloth, Stage::Off, Stage::Surface];
    }

    public function mostPlies(): int
    {
        return PlyCount::MOST;
    }

    public function usual(): Usual
    {
        return new Usual(new Choices(plies: 4));
    }

    public function example(): Example
    {
        return new Example(
            new BentPanel(500.0, 260.0, 90.0, 40.0, 30.0, 4.0),
            Substrate::Wood,
            ['plies' => 3, 'mouldPlies' => 14],
            sun: true,
        );
    }

    public function coatCount(): CoatCount
    {
        return new CoatCount(0, 0, Role::FillerFlat);
    }

    public function choices(): array
    {
        return Listed::settled([MouldPlies::class, PlyCount::class, LayUpWay::class, Halves::class, ...TopCoats::choices()]);
    }

    public function refusals(Job $job): array
    {
        return [
            ...($job->isPolyester(Slot::GelCoat) === $job->isPolyester(Slot::MouldResin) ? [] : [
                new Finding(Severity::Refuse, 'method.gel_chemistry', [], Slot::GelCoat->field()),
            ]),
            ...($job->coats->liftPlies > 0 ? [] : [new Finding(Severity::Refuse, 'method.lift_too_hot', [], 'mould_resin_id')]),
            ...($job->choices->of(TopKind::class) === Top::Clear ? [] : [new Finding(Severity::Refuse, 'method.cleared', [], 'top')]),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::Original, Lies::Pattern)
            ->atNeed(25, 'pattern_first', Lies::Nothing)
            ->gain($wish->pieces >= 3, 40, 'mould_for_many')
            ->gain($wish->form === Form::Deep, 20, 'mould_for_deep')
            ->cost($wish->pieces < 3, 25, 'mould_for_few')
            ->cost($wish->skill === Skill::First, 25, 'mould_skill')
            ->needing(Tool::VacuumPump, Tool::SprayGun, Tool::Respirator);
    }

    public function steps(Job $job): array
    {
        return CommonPractice::in($job, [
            ...self::in(Stage::Pattern, $this->pattern($job)),
            ...self::in(Stage::Mould, $this->mould($job)),
            ...self::in(Stage::Cloth, $this->laid($job)),
            ...self::in(Stage::Off, $this->off($job)),
            ...self::in(Stage::Surface, RawMoulding::steps($job, self::lastCoat($job))),
        ]);
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private static function in(Stage $stage, array $steps): array
    {
        return array_map(fn (Step $s): Step => $s->in($stage), $steps);
    }

    private static function lastCoat(Job $job): string
    {
        return $job->choices->of(LayUpWay::class) === LayUp::Infused ? 'infuse' : "ply-{$job->choices->of(PlyCount::class)}";
    }

    /** @return list<Step> filled and surfaced; the guide tint shows what is cut through */
    private function pattern(Job $job): array
    {
        $surfacer = $job->aid(AidKind::Surfacer);
        $coats = array_map(
            fn (int $n): Step => Step::of(Role::Surface)->nth($n, $surfacer->coats)->taking($job->pace->spraying($job->areaM2))
                ->after(Follow::minutes($n === 1 ? 5.0 : $surfacer->betweenMin)),
            range(1, $surfacer->coats),
        );

        return [
            Step::of(Role::Strip)->named('pattern_sound')->taking($job->pace->smoothing($job->areaM2)),
            $job->wipe('wipe-pattern'),
            ...$coats,
            Step::of(Role::FormFlat, 'pattern-flat')->named('pattern_flat')->after(Follow::minutes($surfacer->readyMin))->taking(10.0)
                ->sandedWith(new Grits(
                    self::FORM_FROM,
                    self::FORM_TO,
                    SandingMethod::WetBlock,
                    inClear: true,
                    peelUm: self::SURFACER_UM,
                )),
            $job->wipe('wash-pattern'),
            Step::of(Role::PartingLine)->taking(30.0 + 20.0 * sqrt($job->areaM2)),
            ...$this->released($job, 'pattern'),
        ];
    }

    /** @return list<Step> wax by its sheet and film over it, on a pattern or in a mould */
    private function released(Job $job, string $on): array
    {
        $wax = $job->aid(AidKind::Wax);

        return [
            ...array_map(
                fn (int $n): Step => Step::of(Role::Wax, "wax-{$on}")->nth($n, $wax->coats)->taking(3.0 + 12.0 * $job->areaM2)
                    ->after(Follow::minutes($n === 1 ? 5.0 : $wax->betweenMin)),
                range(1, $wax->coats),
            ),
            Step::of(Role::ReleaseFilm, "film-{$on}")->after(Follow::minutes($wax->readyMin))->taking(5.0 + 8.0 * $job->areaM2),
        ];
    }

    /** @return list<Step> gel coat, its coupling, and the laminate in lifts that don't cook themselves or the pattern */
    private function mould(Job $job): array
    {
        $wall = MouldWall::of($job);

        return [
            ...$wall->steps,
            ...$this->warmed($job, 1, $wall->last, 'warm_mould'),
            Step::of(Role::Demould, 'mould-off')->named('mould_off')->after($this->cured($job, $wall->last))
                ->taking(20.0 + 20.0 * $job->areaM2),
            Step::of(Role::Gauge)->taking(15.0 + 10.0 * $job->areaM2),
            $job->wipe('wash-mould', 'wash_release', 5.0),
        ];
    }

    /** @return list<Step> */
    private function laid(Job $job): array
    {
        $isInfused = $job->choices->of(LayUpWay::class) === LayUp::Infused;
        $of = $job->choices->of(PlyCount::class);
        $bag = Step::of(Role::Bag)->named($isInfused ? 'bag_infusion' : 'bag')->taking(15.0 + 25.0 * $job->areaM2);
        $leak = Step::of(Role::LeakCheck)->after(Follow::minutes($isInfused ? self::DRAWN_MIN : 5.0, $isInfused ? null : self::WET_MIN))
            ->taking(12.0);
        $last = self::lastCoat($job);

        return [
            ...$this->released($job, 'mould'),
            Step::of(Role::CutPlies)->taking(5.0 + $of * (4.0 + 6.0 * $job->areaM2))->saying(['plies' => $of]),
            ...($isInfused
                ? $this->infused($job, $bag, $leak)
                : [...$this->laidUp($job), $bag->after(Follow::minutes(0.0, self::WET_MIN)), $leak]),
            ...$this->warmed($job, 2, $last, 'warm_part'),
        ];
    }

    /** @return list<Step> held under vacuum through cure, then out of the mould */
    private function off(Job $job): array
    {
        $last = self::lastCoat($job);

        return [
            // Held through cure; what stays soft in the mould would print.
            Step::of(Role::Unbag)->named('unbag_part')
                ->after($job->postCure === null ? Follow::onceSandable($last) : $this->cured($job, $last))
               ->taking(10.0 + 10.0 * $job->areaM2),
            Step::of(Role::Demould, 'part-off')->named('part_off')->taking(10.0 + 15.0 * $job->areaM2)
                ->baring(RawMoulding::face()),
            $job->trim('trim-flange', 'trim_flange', (float) $job->choices->of(Halves::class)),
            ...$this->joined($job),
        ];
    }

    /** @return list<Step> resin and ply in turn, the seen ply against the mould */
    private function laidUp(Job $job): array
    {
        $of = $job->choices->of(PlyCount::class);

        return PeelPly::between($job, array_map(
            fn (int $n): Step => $job->coat($n === 1 ? Role::Laminate : Role::InnerPly, 'ply')->nth($n, $of)->named('mould_ply')
                ->minding(Caution::Knife)
                ->after($n === 1
                    ? Follow::minutes($job->aid(AidKind::ReleaseFilm)->readyMin)
                    : Follow::minutes(0.0, self::WET_MIN))
                ->taking($job->ply($n === 1, 0.5)),
            range(1, $of),
        ));
    }

    /** @return list<Step> laid dry, bagged, and found tight before any resin comes near it */
    private function infused(Job $job, Step $bag, Step $leak): array
    {
        return [
            Step::of(Role::Stack)->after(Follow::minutes($job->aid(AidKind::ReleaseFilm)->readyMin))
                ->taking(5.0 + 0.6 * $job->pace->laying($job->areaM2)
                    + ($job->choices->of(PlyCount::class) - 1) * $job->pace->innerPly($job->areaM2)),
            $bag,
            $leak,
            $job->coat(Role::Infuse)->filling(Beside::infusing(
                $job->brief->clothAreaM2(),
                max($job->brief->piece()->lengthMm, $job->brief->piece()->widthMm) / 1000.0,
                $job->materials->skinResin->rheology->densityGCm3,
            ))->after(Follow::minutes(5.0, self::HELD_MIN))->taking(15.0 + 30.0 * sqrt($job->areaM2)),
        ];
    }

    /** @return list<Step> a warm hold where service asks for it */
    private function warmed(Job $job, int $nth, string $last, string $name): array
    {
        $warm = $job->postCure;

        return $warm === null ? [] : [
            Step::of(Role::PostCure)->nth($nth, isSaid: false)->named($name)->after(Follow::onceSandable($last))->taking(10.0)
                ->saying(['c' => (int) round($warm->celsius), 'hours' => (int) ceil($warm->minutes / 60.0)]),
        ];
    }

    private function cured(Job $job, string $last): Follow
    {
        return $job->postCure === null ? Follow::onceCured($last) : Follow::minutes($job->postCure->minutes);
    }

    /** @return list<Step> */
    private function joined(Job $job): array
    {
        return $job->choices->of(Halves::class) === 1 ? [] : [
            $job->wipe('wash-halves', 'wash_release', 3.0),
            $job->keyed(Role::Key, self::KEY_SEAM, 0.3, 'key-halves')->named('key_halves'),
            $job->wipe('wipe-halves'),
            Step::of(Role::Join)->after(Follow::minutes(5.0))->taking(25.0 + 10.0 * sqrt($job->areaM2)),
            $job->keyed(Role::Key, self::KEY_SEAM, 0.3, 'dress-seam')->named('dress_seam')
                ->after(Follow::minutes($job->aid(AidKind::BondPaste)->readyMin)),
        ];
    }
}
