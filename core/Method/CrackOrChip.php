<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Geometry\Patch;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\AwayDays;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\ClearOf;
use OakGloss\Method\Choice\DamageDepth;
use OakGloss\Method\Choice\DamageKind;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Choice\SentPrice;
use OakGloss\Method\Choice\TopKind;

/**
 * M10: a chip or crack. Feathered around exposed fibre and never on it, coats in small cups until the place stands proud,
 * cured through, down to polish. Through the laminate: unsound plies out, a backing ply spliced, filled flush.
 */
final class CrackOrChip implements Method
{
    private const FEATHER = 180;

    public static function code(): string
    {
        return 'crack_or_chip';
    }

    public function startsFrom(): Start
    {
        return Start::Place;
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
        return [Slot::Clear];
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
        return new Usual(new Choices(top: Top::PolishResin), 150.0, 120.0, FilmSource::Guessed);
    }

    public function example(): Example
    {
        return new Example(
            new Patch(30.0, 12.0, 40.0),
            Substrate::Carbon,
            ['top' => Top::PolishResin],
            ExistingFilm::known(150.0, 120.0, FilmSource::Gauged),
            wholeM2: 0.35,
        );
    }

    public function coatCount(): CoatCount
    {
        return CoatsAtTack::count();
    }

    public function choices(): array
    {
        return Listed::settled([
            DamageKind::class, DamageDepth::class, BuildCoats::class, BuildWeight::class => [Role::ResinFlat], TopKind::class,
            ClearOf::class, SentOut::class, AwayDays::class, SentPrice::class,
        ]);
    }

    public function refusals(Job $job): array
    {
        return $job->brief->film === null ? [new Finding(Severity::Refuse, 'method.no_film', [], 'film_um')] : [];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)->onlyOn(Lies::DamagedSkin)->gain(true, 30, 'repair_is_local');
    }

    public function steps(Job $job): array
    {
        $isThrough = $job->choices->of(DamageKind::class) === Damage::Through;
        $top = new TopCoats();
        $last = 'proud-'.max(CoatsAtTack::LEAST, $job->coats->build);

        return CommonPractice::in($job, [
            $job->wipe('wash', 'wash_film', 5.0),
            Step::of(Role::MaskWide, 'mask')->taking(8.0),
            ...($isThrough ? $this->spliced($job) : []),
            $this->feather($job, $isThrough),
            $job->wipe('wipe-feather'),
            // Coats that thin would take weeks.
            ...($isThrough || ! self::isDeep($job) ? [] : [$job->coat(Role::FillFlush)->after(Follow::minutes(5.0))]),
            ...$this->proud($job, ! $isThrough && self::isDeep($job) ? Follow::whileTacky('fill-flush') : Follow::minutes(5.0)),
            Step::of(Role::UnmaskFaces, 'mask-off')->after(Follow::minutes(15.0))->taking(3.0),
            Step::of(Role::ResinFlat, 'block')->named('block_proud')->after(Follow::onceSandable($last))->taking(5.0)
                ->sandedWith(new Grits(180, 240, SandingMethod::DryBlock)),
            ...$top->lastFlat($job, $last),
            ...self::maskedForClear($top->of($job, $last)),
        ]);
    }

    /**
     * To a body line or an edge, or blended a hand beyond the feather: a tape line in a face is seen for ever.
     *
     * @param list<Step> $steps
     *
     * @return list<Step>
     */
    private static function maskedForClear(array $steps): array
    {
        $sprays = array_keys(array_filter($steps, fn (Step $s): bool => in_array($s->role, [Role::Clear, Role::Varnish], true)));
        if ($sprays === []) {
            return $steps;
        }
        array_splice($steps, $sprays[count($sprays) - 1] + 1, 0, [
            Step::of(Role::UnmaskFaces, 'mask-clear-off')->after(Follow::minutes(15.0))->taking(3.0)->in(Stage::Surface),
        ]);
        $lines = array_keys(array_filter($steps, fn (Step $s): bool => $s->role === Role::MaskLine));
        array_splice($steps, $lines[0] ?? $sprays[0], 0, [
            Step::of(Role::MaskFaces, 'mask-clear')->named('mask_blend')->taking(8.0)->in(Stage::Surface),
        ]);

        return $steps;
    }

    /** Deeper than so, it is filled flush before any coat, mm (ours). */
    private const FILLED_MM = 1.0;

    /** What coats still have to fill of a depth, µm: of a filled one what the filler sinks. */
    public static function toCoatUm(Choices $choices): float
    {
        $depth = $choices->of(DamageDepth::class);

        return match (true) {
            $choices->of(DamageKind::class) === Damage::Through, $depth >= self::FILLED_MM => 0.0,
            default => 1000.0 * $depth,
        };
    }

    private static function isDeep(Job $job): bool
    {
        return $job->choices->of(DamageDepth::class) >= self::FILLED_MM;
    }

    /** Around exposed fibre, never on it. */
    private function feather(Job $job, bool $isThrough): Step
    {
        $name = match ($job->choices->of(DamageKind::class)) {
            Damage::Chip => 'feather',
            Damage::Crack => 'feather_crack',
            Damage::Through => 'feather_fill',
        };
        $step = $job->keyed(Role::Key, self::FEATHER, key: 'feather')->named($name);

        return $isThrough ? $step->after(Follow::onceSandable('fill-flush')) : $step;
    }

    /** @return list<Step> sound again, but seen: quoted so */
    private function spliced(Job $job): array
    {
        return [
            Step::of(Role::CutOut)->taking(15.0),
            $job->keyed(Role::Key, LaidDry::KEY, key: 'key-back')->named('key_back'),
            $job->wipe('wipe-back'),
            $job->coat(Role::Splice)->after(Follow::minutes(5.0)),
            $job->coat(Role::FillFlush)->after(Follow::whileTacky('splice')),
        ];
    }

    /** @return list<Step> small cups, each coat in the tack of the one before and past its mask, until it stands over what is around it */
    private function proud(Job $job, Follow $first): array
    {
        $of = max(CoatsAtTack::LEAST, $job->coats->build);
        $steps = [];
        for ($n = 1; $n <= $of; $n++) {
            $before = 'proud-'.($n - 1);
            if ($n > 1) {
                $steps[] = Step::of(Role::MaskWide, 'mask-out')->nth($n, isSaid: false)->named('mask_out')->in(Stage::Build)
                    ->after(Follow::whileTacky($before))->taking(5.0);
            }
            $steps[] = $job->coat(Role::Build, 'proud')->nth($n, $of)->named('proud')
                ->after($n === 1 ? $first : Follow::whileTacky($before));
        }

        return $steps;
    }
}
