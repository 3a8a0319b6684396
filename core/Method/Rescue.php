<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\Tilting;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Choice\Turning;

/**
 * M9: a bad surface of a skin whose film nobody knows well. Ridges blocked down and no further, two coats, cured
 * through; what stays dark is low and asks for one more round.
 */
final class Rescue implements Method
{
    /** Coats of a round: one, and the second at its tack. */
    public const COATS = 2;

    /** Finer than P600 before a tie coat of clear: the fresh resin shows every scratch. */
    private const LAST_FROM = 320;
    private const LAST_TO = 800;

    public static function code(): string
    {
        return 'rescue';
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
        return [Slot::Skin, Slot::Cloth, Slot::Clear];
    }

    public function mayHave(): array
    {
        return [];
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
        return new Usual(new Choices(), 150.0, 80.0, FilmSource::Guessed);
    }

    public function example(): Example
    {
        return Example::bent(Substrate::Carbon, film: ExistingFilm::known(140.0, 90.0, FilmSource::Gauged));
    }

    public function coatCount(): CoatCount
    {
        return new CoatCount(0, self::COATS, Role::LastFlat);
    }

    public function choices(): array
    {
        return Listed::settled([BuildWeight::class, Turning::class, Tilting::class, ...TopCoats::choices(false)]);
    }

    public function refusals(Job $job): array
    {
        return [
            ...($job->brief->film === null ? [new Finding(Severity::Refuse, 'method.no_film', [], 'film_um')] : []),
            ...($job->choices->of(TopKind::class) === Top::Clear ? [] : [new Finding(Severity::Refuse, 'method.cleared', [], 'top')]),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)->onlyOn(Lies::BadSkin)->atNeed(20, 'rescue_for_depth', Lies::ThinSkin)
            ->gain($wish->lies === Lies::BadSkin, 20, 'rescue_keeps')->needing(Tool::SprayGun);
    }

    public function steps(Job $job): array
    {
        $rounds = intdiv($job->coats->build + self::COATS - 1, self::COATS);
        $steps = [$job->wipe('wash', 'wash_film', 5.0)];
        for ($n = 1; $n <= $rounds; $n++) {
            $steps = [...$steps, ...$this->round($job, $n)];
        }
        $last = $rounds === 0 ? null : 'coat-'.self::COATS * $rounds;
        $top = new TopCoats();

        return CommonPractice::in($job, [
            ...$steps,
            $this->block($last)->nth($rounds + 1)->named('block_flat')->sandedWith(new Grits(180, 240, SandingMethod::DryBlock)),
            Step::of(Role::LastFlat)->taking(5.0)->sandedWith(new Grits(self::LAST_FROM, self::LAST_TO, SandingMethod::WetBlock)),
            ...$top->holes($job),
            ...$top->tied($job),
        ]);
    }

    /** @return list<Step> */
    private function round(Job $job, int $n): array
    {
        [$first, $second] = [self::COATS * $n - 1, self::COATS * $n];
        $under = $n === 1 ? null : 'coat-'.($first - 1);

        return [
            // No further: what the ridges stand in is all that is known to be there.
            $this->block($under)->nth($n)->named('block_ridges')
                ->sandedWith(new Grits(180, 240, SandingMethod::DryBlock, ridgesOnly: true))->in(Stage::Build),
            $job->wipe("wipe-{$n}", 'wipe_lows'),
            ...$job->andTurn($this->coat($job, $first)->after(Follow::minutes(5.0))),
            ...$job->andTurn($this->coat($job, $second)->after(Follow::whileTacky("coat-{$first}"))),
        ];
    }

    private function coat(Job $job, int $n): Step
    {
        return $job->coat(Role::Build, 'coat')->nth($n)->named($n % self::COATS === 1 ? 'round_coat' : 'round_second')
            ->saying(['n' => intdiv($n + 1, self::COATS)]);
    }

    /** Cured through, so that what it shows stays as it shows. */
    private function block(?string $lastCoat): Step
    {
        return Step::of(Role::ResinFlat, 'block')->taking(5.0)->after($lastCoat === null ? Follow::freely() : Follow::onceCured($lastCoat));
    }
}
