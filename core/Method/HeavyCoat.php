<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Geometry\Panel;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\Tilting;
use OakGloss\Method\Choice\TopKind;

/**
 * M12: one more heavy coat on a skinned panel. A machine under its own weight, stopped at the first hint of fibre;
 * refined until the scratch is no haze under resin; poured, spread, warmed lightly, tipped off.
 */
final class HeavyCoat implements Method
{
    /** What a wipe left has gone off by then, min. */
    private const FLASH_MIN = 15.0;

    /** A poured line stands on nothing steeper, degrees (ours). */
    public const STEEPEST_DEG = 45.0;

    public static function code(): string
    {
        return 'heavy_coat';
    }

    public function startsFrom(): Start
    {
        return Start::Film;
    }

    public function substrates(): array
    {
        return Substrate::cases();
    }

    public function needs(): array
    {
        return [Slot::Skin, Slot::Cloth];
    }

    public function mayHave(): array
    {
        return [Slot::Clear, Slot::FillerClear];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Build, Stage::Level, Stage::Surface];
    }

    public function mostPlies(): int
    {
        return 1;
    }

    public function usual(): Usual
    {
        return new Usual(new Choices(top: Top::PolishResin), 160.0, 60.0, FilmSource::Guessed);
    }

    public function example(): Example
    {
        return new Example(
            new Panel(500.0, 300.0, 3.0),
            Substrate::Carbon,
            ['top' => Top::PolishResin],
            ExistingFilm::known(160.0, 60.0, FilmSource::Gauged),
        );
    }

    public function coatCount(): CoatCount
    {
        return new CoatCount(1, 1, Role::LastFlat, Role::Pour);
    }

    public function choices(): array
    {
        return Listed::settled([BuildWeight::class, Tilting::class, AgainstPrintThrough::class, TopKind::class, ...TopCoats::choices()]);
    }

    public function refusals(Job $job): array
    {
        $slope = $job->slopesDeg()[0];

        return [
            ...($job->brief->film === null ? [new Finding(Severity::Refuse, 'method.no_film', [], 'film_um')] : []),
            ...($slope <= self::STEEPEST_DEG ? [] : [
                new Finding(Severity::Refuse, 'method.pour_level', ['slope' => $slope, 'most' => self::STEEPEST_DEG], 'shape'),
            ]),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::ThinSkin)
            ->atNeed(15, 'pour_over_ridges', Lies::BadSkin)
            ->atNeed(10, 'one_face_at_a_time', Lies::ClothedPiece)
            ->gain($wish->form === Form::Flat, 20, 'pour_is_level')
            ->cost($wish->form === Form::Deep, 40, 'pour_runs')
            ->needing(Tool::Sander);
    }

    public function steps(Job $job): array
    {
        $of = max(1, $job->coats->build);
        [$pour, $pours] = [$job->coat(Role::Pour), []];
        for ($n = 1; $n <= $of; $n++) {
            $pours[] = $pour->nth($n, $of)
                ->after($n === 1 ? Follow::minutes(self::FLASH_MIN) : Follow::whileTacky('pour-'.($n - 1)));
            $pours[] = Step::of(Role::Warm)->nth($n, isSaid: false)->after(Follow::minutes(0.0, 10.0))->taking(4.0 + 4.0 * $job->areaM2);
        }
        $top = new TopCoats();

        return CommonPractice::in($job, [
            $job->wipe('wash', 'wash_film', 5.0),
            Step::of(Role::ResinFlat, 'machine')->named($job->shop->has(Tool::Sander) ? 'machine_down' : 'block_down')->taking(5.0)
                ->sandedWith(new Grits(150, 320, SandingMethod::Orbital, ridgesOnly: true))->in(Stage::Ground),
            $job->wipe('wipe-edges', 'wipe_edges', 3.0),
            Step::of(Role::FlashOff)->after(Follow::minutes(self::FLASH_MIN))->taking(2.0),
            ...$pours,
            Step::of(Role::ResinFlat, 'flat')->nth(2, isSaid: false)->named('resin_flat')
                ->after(Follow::onceSandable("pour-{$of}"))->taking(5.0)
                ->sandedWith(new Grits(180, 240, SandingMethod::DryBlock)),
            ...$top->lastFlat($job, "pour-{$of}"),
            ...$top->of($job, "pour-{$of}"),
        ]);
    }
}
