<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Material\AidKind;
use OakGloss\Material\Chemistry;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\BuildCoats;
use OakGloss\Method\Choice\BuildWeight;
use OakGloss\Method\Choice\CoveredWith;
use OakGloss\Method\Choice\HardTopWay;
use OakGloss\Method\Choice\HeldBefore;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\Openings;
use OakGloss\Method\Choice\OpeningSize;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\TopKind;

/**
 * M3: cloth glued down dry on a mist of adhesive, ply on ply, then stippled through with catalysed polyester in small
 * cups; coats at tack, highs knocked off, a last coat that wax or film closes to the air, polished.
 */
final class GlueDown implements Method
{
    /** Film goes on while the coat is wet, min. */
    private const WET_MIN = 5.0;

    public static function code(): string
    {
        return 'glue_down';
    }

    public function startsFrom(): Start
    {
        return Start::Part;
    }

    public function substrates(): array
    {
        return array_values(array_filter(Substrate::cases(), fn (Substrate $s): bool => $s->bearsStyrene() && $s->holdsResin()));
    }

    public function needs(): array
    {
        return [Slot::Skin, Slot::Cloth];
    }

    public function mayHave(): array
    {
        return [Slot::InnerCloth, Slot::Clear, Slot::Primer, Slot::Adhesive];
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
        return new Usual(new Choices(top: Top::PolishResin, plies: 2), skin: Chemistry::Polyester);
    }

    public function example(): Example
    {
        return Example::bent(Substrate::GlassFibre, ['top' => Top::PolishResin, 'plies' => 2]);
    }

    public function coatCount(): CoatCount
    {
        return CoatsAtTack::count();
    }

    public function choices(): array
    {
        return Listed::settled([
            BuildCoats::class, BuildWeight::class, PlyCount::class, HardTopWay::class, TopKind::class,
            CoveredWith::class, HeldBefore::class, Openings::class, OpeningSize::class,
            ...TopCoats::choices(false),
        ]);
    }

    public function refusals(Job $job): array
    {
        return [
            ...($job->isPolyester(Slot::Skin) ? [] : [new Finding(Severity::Refuse, 'method.polyester_only', [], 'skin_resin_id')]),
            ...($job->needsSeal() ? [new Finding(Severity::Refuse, 'method.seal_first', [], 'primed')] : []),
            ...$job->mistFindings(),
            // What holds the cloth softens before the resin does.
            ...($job->isHot() ? [new Finding(Severity::Warn, 'method.glue_heat', [], 'heat')] : []),
        ];
    }

    public function suits(Wish $wish): Suits
    {
        return Suits::for($wish)
            ->onlyOn(Lies::BarePart)
            ->refuse(! $wish->substrate->bearsStyrene(), 'styrene')
            ->refuse(! $wish->substrate->holdsResin(), 'wont_hold')
            ->cost($wish->form === Form::Deep, 25, 'glue_deep')
            ->cost($wish->heat, 30, 'glue_heat')
            ->cost($wish->sun, 15, 'polyester_sun')
            ->cost(true, 12, 'styrene_shop')
            ->gain($wish->isUrgent, 14, 'glue_fast')
            ->needing(Tool::Respirator);
    }

    public function steps(Job $job): array
    {
        $top = new TopCoats();

        return CommonPractice::in($job, [
            ...SoundSurface::steps($job),
            ...$this->plies($job),
            ...$this->coats($job),
            ...$this->hardTop($job),
            ...$top->lastFlat($job, 'hard-top'),
            ...$top->of($job, 'hard-top'),
        ]);
    }

    /** @return list<Step> a mist, and the cloth unrolled onto it as it settles; the next likewise */
    private function plies(Job $job): array
    {
        $sheet = $job->aid(AidKind::Adhesive);
        $of = $job->choices->of(PlyCount::class);
        $inner = $job->weightOf(Role::InnerWetOut);
        $steps = [];
        for ($n = 1; $n <= $of; $n++) {
            $steps = [...$steps, ...$job->ontoMist(
                fn (int $s, int $in): Step => $in === 1
                    ? Step::of(Role::Adhesive, 'mist')->nth($n, $of)->named($n === 1 ? 'adhesive' : 'mist_again')
                    : Step::of(Role::Adhesive, 'mist')->nth($in * ($n - 1) + $s)->named('mist_section')
                        ->saying(['n' => $n, 'section' => $s, 'sections' => $in]),
                fn (int $s, int $in): Step => $in === 1
                    ? Step::of(Role::Lay, 'unroll')->nth($n, $of)->named('unroll')
                    : Step::of(Role::Lay, 'unroll')->nth($in * ($n - 1) + $s)->named('unroll_section')
                        ->saying(['n' => $n, 'section' => $s, 'sections' => $in]),
            )];
        }

        return [
            ...$steps,
            Step::of(Role::Trim)->named('trim_close')->taking($job->pace->trimming($job->brief->rimM()))->minding(Caution::Knife)
                ->in(Stage::Cloth),
            // Both plies lie dry: what the lower one drinks is given too.
            $job->coat(Role::WetOut)->named('stipple')->after(Follow::minutes($sheet->readyMin))
                ->laying($job->weightOf(Role::WetOut) + ($of - 1) * $inner, drunkGM2: ($of - 1) * $inner),
        ];
    }

    /** @return list<Step> coats until the weave is nearly filled, hardened, and their highs knocked off */
    private function coats(Job $job): array
    {
        $coats = new CoatsAtTack($job, 'wet-out');

        return [
            ...$coats->build(),
            Step::of(Role::ResinFlat, 'highs')->named('knock_highs')->after(Follow::onceSandable($coats->last()))->taking(5.0)
                ->sandedWith(new Grits(150, 180, SandingMethod::DryBlock, ridgesOnly: true))->in(Stage::Build),
            $job->wipe('wipe-highs', 'wipe_lows'),
        ];
    }

    /** @return list<Step> polyester stays soft where air gets at it */
    private function hardTop(Job $job): array
    {
        $isFilmed = $job->choices->of(HardTopWay::class) === HardTop::Film;
        $film = Step::of(Role::FilmOver, 'film-top')->named('film_over_top')->after(Follow::minutes(0.0, self::WET_MIN))
            ->taking(5.0 + 10.0 * $job->areaM2);

        return [
            $job->coat(Role::HardTop)->named($isFilmed ? 'hard_top_film' : 'hard_top_wax')->after(Follow::minutes(5.0)),
            ...($isFilmed ? [$film] : []),
            Step::of(Role::TopWash)->named($isFilmed ? 'top_film_off' : 'top_wax_off')->after(Follow::onceSandable('hard-top'))
                ->taking($job->pace->wiping($job->areaM2)),
        ];
    }
}
