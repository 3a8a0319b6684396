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
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\FrameOfShell;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\TopKind;

/**
 * M6: a shell laid up on the original panel, which stays as it is. It is finished while the panel still backs it, then
 * lifted off, trimmed, and bonded to the inner frame.
 */
final class LiftOffShell implements Method
{
    /** One ply alone curls as it cures. */
    public const LEAST_PLIES = 2;

    /** The next ply lies in what is still wet, min. */
    private const WET_MIN = 30.0;

    private const KEY_RICH = 180;

    private const KEY_INSIDE = 120;

    public static function code(): string
    {
        return 'lift_off_shell';
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
        return [Slot::Skin, Slot::Cloth, Slot::Clear];
    }

    public function mayHave(): array
    {
        return [Slot::InnerCloth, Slot::FillerClear, Slot::Wax, Slot::ReleaseFilm, Slot::BondPaste];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Cloth, Stage::Build, Stage::Level, Stage::Surface, Stage::Off, Stage::Fit];
    }

    public function mostPlies(): int
    {
        return 6;
    }

    public function usual(): Usual
    {
        return new Usual(new Choices(plies: 3));
    }

    public function example(): Example
    {
        return new Example(new BentPanel(500.0, 260.0, 90.0, 40.0, 30.0, 4.0), Substrate::Painted, ['plies' => 3]);
    }

    public function coatCount(): CoatCount
    {
        return CoatsAtTack::count();
    }

    public function choices(): array
    {
        return Listed::settled([
            PlyCount::class, FrameOfShell::class, BuildCoats::class, BuildWeight::class => [Role::ResinFlat], ...TopCoats::choices(),
        ]);
    }

    public function refusals(Job $job): array
    {
        return [
            ...($job->choices->of(PlyCount::class) >= self::LEAST_PLIES ? [] : [
                new Finding(Severity::Refuse, 'method.shell_plies', ['least' => self::LEAST_PLIES], PlyCount::name()),
            ]),
            new Finding(
                Severity::Note,
                "method.shell_{$job->choices->of(FrameOfShell::class)->value}",
                ['mm' => self::thickMm($job)],
                FrameOfShell::name(),
            ),
            ...($job->choices->of(TopKind::class) === Top::Clear ? [] : [new Finding(Severity::Refuse, 'method.cleared', [], 'top')]),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::Original)
            ->atNeed(15, 'shell_off_pattern', Lies::Pattern)
            ->cost($wish->pieces > 1, 30, 'one_shell')
            ->refuse($wish->form === Form::Deep, 'shell_undercut')
            ->gain(true, 15, 'shell_keeps_original')
            ->cost($wish->skill === Skill::First, 20, 'shell_skill')
            ->needing(Tool::SprayGun, Tool::Clamps);
    }

    public function steps(Job $job): array
    {
        return CommonPractice::in($job, [
            ...$this->released($job),
            ...$this->plies($job),
            ...$this->floodAndSurface($job),
        ]);
    }

    /** @return list<Step> wax also closes the last pores of the panel */
    private function released(Job $job): array
    {
        $wax = $job->aid(AidKind::Wax);
        $waxes = array_map(
            fn (int $n): Step => Step::of(Role::Wax)->nth($n, $wax->coats)->named('wax_panel')->taking(3.0 + 12.0 * $job->areaM2)
                ->after(Follow::minutes($n === 1 ? 5.0 : $wax->betweenMin)),
            range(1, $wax->coats),
        );

        return [
            Step::of(Role::Strip)->named('smooth_panel')->taking($job->pace->smoothing($job->areaM2)),
            $job->wipe('wash-panel', 'wash_panel', 5.0),
            ...$waxes,
            Step::of(Role::ReleaseFilm)->named('film_panel')->after(Follow::minutes($wax->readyMin))->taking(5.0 + 8.0 * $job->areaM2),
        ];
    }

    /** @return list<Step> the first laid dry, which can still be shifted; the others into what is wet, turned against warping */
    private function plies(Job $job): array
    {
        $of = $job->choices->of(PlyCount::class);
        $dry = $job->aid(AidKind::ReleaseFilm)->readyMin;
        $steps = [
            Step::of(Role::CutPlies)->named('cut_turned')->taking(5.0 + $of * (4.0 + 6.0 * $job->areaM2))->saying(['plies' => $of]),
            Step::of(Role::Stack, 'first-ply')->named('first_ply_dry')->after(Follow::minutes($dry))
                ->taking($job->pace->laying($job->areaM2)),
            $job->coat(Role::InnerWetOut)->named('first_ply_wet')->after(Follow::minutes(0.0)),
        ];
        for ($n = 2; $n < $of; $n++) {
            $steps[] = $job->coat(Role::InnerPly, 'ply')->nth($n, $of)->named('ply_turned')->after(Follow::minutes(0.0, self::WET_MIN))
                ->taking($job->ply(false))->minding(Caution::Knife);
        }

        return [
            ...$steps,
            $job->coat(Role::WetOut)->named('outer_ply')->after(Follow::minutes(0.0, self::WET_MIN))->taking($job->ply(true, 0.4))
                ->minding(Caution::Knife),
            // Cloth past the rim levers the ply off, and leaves a void.
            Step::of(Role::Trim, 'trim-rim')->named('trim_rim')->after(Follow::minutes(0.0, self::WET_MIN))
                ->taking($job->pace->trimming($job->brief->rimM()))
                ->minding(Caution::Knife)->in(Stage::Cloth),
        ];
    }

    /** @return list<Step> a rich coat closes it; keyed, flooded, and surfaced while the panel backs it */
    private function floodAndSurface(Job $job): array
    {
        $of = max(2, $job->coats->build);
        $floods = array_map(
            fn (int $n): Step => $job->coat(Role::Build, 'flood')->nth($n)->named('flood')->saying(['n' => $n - 1, 'of' => $of - 1])
                ->after($n === 2 ? Follow::minutes(5.0) : Follow::whileTacky('flood-'.($n - 1))),
            range(2, $of),
        );
        $top = new TopCoats();

        return [
            $job->coat(Role::Build, 'rich')->nth(1, isSaid: false)->named('rich')->after(Follow::whileTacky('wet-out')),
            $job->keyed(Role::Key, self::KEY_RICH, key: 'key-rich')->named('key_rich')->after(Follow::onceSandable('rich-1')),
            $job->wipe('wipe-rich'),
            ...$floods,
            Step::of(Role::ResinFlat, 'flat')->named('flat_shell')->after(Follow::onceSandable("flood-{$of}"))->taking(5.0)
                ->sandedWith(new Grits(150, 240, SandingMethod::DryBlock)),
            ...$top->lastFlat($job, "flood-{$of}"),
            ...$top->of($job, "flood-{$of}", $this->offAndOn($job)),
        ];
    }

    /** By so much its edges stand out over the panel's own: plies as thick as they are, coats as they are planned, mm. */
    private static function thickMm(Job $job): float
    {
        $plies = $job->materials->cloth->weave->thicknessUm()
            + ($job->choices->of(PlyCount::class) - 1) * $job->materials->inner()->weave->thicknessUm();

        return round(($plies + max(2, $job->coats->build) * $job->filmUm(Role::Build)) / 1000.0, 1);
    }

    /** @return non-empty-list<Step> off the panel and onto its frame */
    private function offAndOn(Job $job): array
    {
        $rim = $job->brief->rimM();
        $frame = $job->choices->of(FrameOfShell::class);

        return [
            Step::of(Role::Demould, 'lift-off')->named('lift_off')->taking(10.0 + 15.0 * $job->areaM2),
            $job->wipe('wash-film', 'wash_release', 3.0),
            $job->trim('trim-shell', 'trim_shell'),
            // Where its own frame takes it, the old skin goes first: the original is not whole after that.
            ...($frame !== ShellFrame::Own ? [] : [
                Step::of(Role::CutOut, 'free-frame')->named('free_frame')->taking($job->pace->trimming(2.0 * $rim))->in(Stage::Fit),
            ]),
            $job->keyed(Role::Key, self::KEY_INSIDE, 0.3, 'key-inside')->named('key_inside'),
            $job->wipe('wipe-inside'),
            Step::of(Role::Bond)->named($frame === ShellFrame::Tabs ? 'bond_tabs' : 'bond')->after(Follow::minutes(5.0))
                ->taking(15.0 + 6.0 * $rim),
            Step::of(Role::Hang)->after(Follow::minutes($job->aid(AidKind::BondPaste)->readyMin))->taking(20.0),
            Step::of(Role::Inspect)->taking(10.0),
        ];
    }
}
