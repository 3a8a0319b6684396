<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Geometry\TwoFaces;
use OakGloss\Geometry\TwoSides;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\TopKind;

/**
 * M11: a clothed piece that is seen from both sides. One face at a time on supports smaller than it; turned when the
 * first sticks no more and still dents, so that the rims, which both faces' coats reach, bond; flatted, and again until
 * no texture is left.
 */
final class TwoSided implements Method
{
    /** A round coats each face once. */
    public const COATS = 2;

    public static function code(): string
    {
        return 'two_sided';
    }

    public function startsFrom(): Start
    {
        return Start::Piece;
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
        return new Usual(new Choices(), 25.0, 90.0, FilmSource::Guessed);
    }

    public function example(): Example
    {
        return new Example(
            new TwoFaces(620.0, 180.0, 60.0, 3.0),
            Substrate::Wood,
            film: ExistingFilm::known(25.0, 90.0, FilmSource::Guessed),
        );
    }

    public function coatCount(): CoatCount
    {
        return new CoatCount(self::COATS, self::COATS, Role::LastFlat);
    }

    public function choices(): array
    {
        return Listed::settled([BuildWeight::class, ...TopCoats::choices(false)]);
    }

    public function refusals(Job $job): array
    {
        return [
            ...($job->brief->film === null ? [new Finding(Severity::Refuse, 'method.no_film', [], 'film_um')] : []),
            ...($job->brief->sides === null ? [new Finding(Severity::Refuse, 'method.two_faces', [], 'shape')] : []),
            ...($job->choices->of(TopKind::class) === Top::Clear ? [] : [new Finding(Severity::Refuse, 'method.cleared', [], 'top')]),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)->onlyOn(Lies::ClothedPiece)->gain($wish->bothFaces, 40, 'both_faces_seen')
            ->cost(! $wish->bothFaces, 15, 'one_face_is_enough');
    }

    public function steps(Job $job): array
    {
        return CommonPractice::in($job, [$job->wipe('wash', 'wash_film', 5.0), ...self::onward($job, Follow::freely(), Stage::Ground)]);
    }

    /**
     * From cloth that was wetted out on both faces.
     *
     * @param Stage  $highs in which they come down
     * @param string $wipe  key of the wipes between its rounds
     *
     * @return list<Step>
     */
    public static function onward(Job $job, Follow $wetOut, Stage $highs, string $wipe = 'wipe'): array
    {
        $sides = $job->brief->sides ?? new TwoSides([], [], []);
        $rounds = max(1, intdiv($job->coats->build + self::COATS - 1, self::COATS));
        $steps = [
            self::flat(1, 'highs_down')->after($wetOut)->in($highs),
            Step::of(Role::OpenBlisters)->taking(5.0 + 10.0 * $job->areaM2),
            $job->wipe('wipe-highs', 'wipe_lows'),
            // A shallower pit is left to the film that still comes over it.
            Step::of(Role::DotFill)->taking(8.0 + 6.0 * $job->areaM2)->saying(['um' => (int) round($rounds * $job->filmUm(Role::Build))]),
        ];
        for ($n = 1; $n <= $rounds; $n++) {
            $steps = [...$steps, ...self::round($job, $sides, $n), ...($n === $rounds ? [] : [
                self::flat($n + 1, 'flat_faces')->in(Stage::Build),
                $job->wipe("{$wipe}-{$n}", 'wipe_lows'),
            ])];
        }
        $top = new TopCoats();

        return [
            ...$steps,
            Step::of(Role::LastFlat)->named('flat_both')->taking(8.0)->sandedWith(new Grits(320, 600, SandingMethod::WetBlock)),
            ...$top->holes($job),
            ...$top->flattedBetween($job),
        ];
    }

    /** @return list<Step> */
    private static function round(Job $job, TwoSides $sides, int $n): array
    {
        [$first, $second] = [self::COATS * $n - 1, self::COATS * $n];

        return [
            $job->coat(Role::Build, 'face', $sides->first)->nth($first, isSaid: false)->named('first_face')->saying(['n' => $n])
                ->after($n === 1 ? Follow::minutes(30.0) : Follow::minutes(5.0))->lainOn(),
            $job->coat(Role::Build, 'face', $sides->second)->nth($second, isSaid: false)->named('second_face')->saying(['n' => $n])
                ->after(Follow::whileTacky("face-{$first}"))->lainOn(),
            $job->wipe("wash-blush-{$n}", 'wash_blush_pad', 3.0)->after(Follow::onceSandable("face-{$second}")),
        ];
    }

    /** Down to the highs' foot and no further, both faces. */
    private static function flat(int $nth, string $name): Step
    {
        return Step::of(Role::ResinFlat, 'faces')->nth($nth, isSaid: false)->named($name)->taking(5.0)
            ->sandedWith(new Grits(180, 240, SandingMethod::DryBlock, ridgesOnly: true));
    }
}
