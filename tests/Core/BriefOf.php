<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\Fibre;
use OakGloss\Film\FilmSource;
use OakGloss\Film\Rheology;
use OakGloss\Film\Weave;
use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Shape;
use OakGloss\Geometry\TwoFaces;
use OakGloss\Material\Backing;
use OakGloss\Material\Chemistry;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClearKind;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Resin;
use OakGloss\Material\SprayedClear;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Bagged;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choices;
use OakGloss\Method\CrackOrChip;
use OakGloss\Method\Damage;
use OakGloss\Method\Faces;
use OakGloss\Method\FlatPlate;
use OakGloss\Method\GlueDown;
use OakGloss\Method\HardTop;
use OakGloss\Method\HeavyCoat;
use OakGloss\Method\Holding;
use OakGloss\Method\LayUp;
use OakGloss\Method\LiftOffShell;
use OakGloss\Method\Materials;
use OakGloss\Method\Method;
use OakGloss\Method\PartBrief;
use OakGloss\Method\PatternAndMould;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Rescue;
use OakGloss\Method\SheetMetal;
use OakGloss\Method\Slot;
use OakGloss\Method\Top;
use OakGloss\Method\TwoSided;
use OakGloss\Method\WetOut;
use OakGloss\Mixing\Catalyst;
use OakGloss\Mixing\MixRatio;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Temperature;

/** A part as each method would be given it, with what it is made of. */
final class BriefOf
{
    public static function usual(Method $method, Choices $choices = new Choices()): PartBrief
    {
        $of = $method->example();

        return new PartBrief(
            $of->shape->zones(),
            $of->shape->developedMm(),
            $of->substrate,
            $of->primed,
            Tone::Black,
            $of->backing,
            Finish::Gloss,
            $of->sun,
            false,
            false,
            choices: $choices->but(...$of->chosen),
            film: $of->film,
            blankMm: $of->blankMm,
            sides: $of->shape instanceof TwoFaces ? $of->shape->sides() : null,
            wholeM2: $of->wholeM2,
        );
    }

    /** @return array<string, PartBrief> with what each method leaves to choose made otherwise */
    public static function variants(Method $method): array
    {
        $usual = self::usual($method);
        $but = fn (Choices $choices): PartBrief => $usual->with($choices);
        $all = $usual->choices;

        return ['as usual' => $usual] + match ($method::code()) {
            BrushOnSkin::code() => [
                'two plies' => $but($all->but(plies: 2)),
                'two plies at once' => $but($all->but(plies: 2, wetOut: WetOut::AtOnce)),
                'on adhesive' => $but($all->but(holding: Holding::Adhesive)),
                'into wet resin' => $but($all->but(holding: Holding::WetLay)),
                'two plies into wet resin' => $but($all->but(holding: Holding::WetLay, plies: 2, afterWetOut: AfterWetOut::SecondAtTack)),
                'insured, spot coats, turned' => $but($all->but(afterWetOut: AfterWetOut::SecondAtTack, secondPasses: 2, turned: true)),
                'over black paint' => Sample::brief(backing: Backing::Painted, choices: $all->but(holding: Holding::Adhesive)),
                'post-cured, polished' => $but($all->but(printThrough: PrintThrough::PostCure, top: Top::PolishResin)),
            ],
            SheetMetal::code() => ['waits, turned' => $but($all->but(printThrough: PrintThrough::Wait, turned: true, secondPasses: 1))],
            FlatPlate::code() => ['one face, one ply' => $but($all->but(plies: 1, faces: Faces::One))],
            Rescue::code() => [
                'no round' => Sample::brief(Substrate::Carbon, film: ExistingFilm::known(260.0, 20.0, FilmSource::Measured)),
                'thin and guessed' => Sample::brief(Substrate::Carbon, film: ExistingFilm::known(50.0, 120.0, FilmSource::Guessed)),
            ],
            GlueDown::code() => ['one ply under film, cleared' => $but($all->but(plies: 1, hardTop: HardTop::Film, top: Top::Clear))],
            Bagged::code() => ['three plies, turned' => $but($all->but(plies: 3, turned: true))],
            LiftOffShell::code() => ['five plies' => $but($all->but(plies: 5))],
            PatternAndMould::code() => [
                'infused halves' => self::panel(Substrate::Steel, $all->but(layUp: LayUp::Infused, halves: 2)),
                'thick on a print' => self::panel(Substrate::Petg, $all->but(mouldPlies: 30)),
            ],
            CrackOrChip::code() => ['through' => $but($all->but(damage: Damage::Through)), 'a crack, cleared' => $but($all->but(damage: Damage::Crack, top: Top::Clear))],
            TwoSided::code() => ['nearly smooth' => self::twoFaces($all, ExistingFilm::known(120.0, 20.0, FilmSource::Gauged))],
            HeavyCoat::code() => ['cleared' => $but($all->but(top: Top::Clear))],
            default => [],
        };
    }

    private static function panel(Substrate $substrate, Choices $choices, bool $sun = false): PartBrief
    {
        return self::shaped(new BentPanel(500.0, 260.0, 90.0, 40.0, 30.0, 4.0), $substrate, $choices, sun: $sun);
    }

    private static function twoFaces(Choices $choices, ?ExistingFilm $film = null): PartBrief
    {
        return self::shaped(new TwoFaces(620.0, 180.0, 60.0, 3.0), Substrate::Wood, $choices, $film ?? ExistingFilm::known(25.0, 90.0, FilmSource::Guessed));
    }

    public static function shaped(Shape $shape, Substrate $substrate, Choices $choices, ?ExistingFilm $film = null, bool $sun = false, ?float $wholeM2 = null): PartBrief
    {
        return new PartBrief(
            $shape->zones(),
            $shape->developedMm(),
            $substrate,
            true,
            Tone::Black,
            Backing::Untinted,
            Finish::Gloss,
            $sun,
            false,
            false,
            choices: $choices,
            film: $film,
            sides: $shape instanceof TwoFaces ? $shape->sides() : null,
            wholeM2: $wholeM2,
        );
    }

    /** Of anything that a shelf may have for it, by the numbers that are drawn. */
    public static function anyMaterials(Method $method): Materials
    {
        $usual = self::materials($method);
        $any = fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $cloth = fn (): ClothRoll => new ClothRoll('any cloth', new Weave((float) mt_rand(80, 650), mt_rand(40, 60) / 100.0, $any([0.5, 0.6])), (float) $any([300, 1000, 1250]));
        $clear = fn (bool $isPolyester, ClearKind $kind): ClearCoat => new ClearCoat('any clear', new SprayedClear((float) mt_rand(40, 150), mt_rand(30, 90) / 100.0, 0.6, 0.3, 1.05, 3.0), Finish::Gloss, ! $isPolyester, 12.0, (float) mt_rand(300, 2900), 45.0, 14.0, kind: $kind, recoatUntilMin: $kind === ClearKind::Varnish ? 2900.0 : null, needsReleaseFilm: $isPolyester);
        $resin = fn (Resin $other): Resin => mt_rand(0, 9) > 0 ? $other : $any([Sample::resin(), self::polyester(), self::hot()]);
        $papers = array_values(array_filter($usual->grits, fn (int $p): bool => mt_rand(0, 9) > 0));

        return new Materials(
            $usual->baseResin === null ? null : $resin($usual->baseResin),
            $resin($usual->skinResin),
            $cloth(),
            mt_rand(0, 19) === 0 ? null : $clear(false, $any([ClearKind::TwoPart, ClearKind::TwoPart, ClearKind::Can, ClearKind::Varnish])),
            $papers === [] ? [240] : $papers,
            filler: $usual->filler === null ? null : $clear(mt_rand(0, 1) === 1, ClearKind::Filler),
            innerCloth: mt_rand(0, 1) === 1 ? $cloth() : null,
            resins: array_map($resin, $usual->resins),
            mouldCloth: $usual->mouldCloth === null || mt_rand(0, 9) === 0 ? $usual->mouldCloth : new ClothRoll('any glass', new Weave((float) mt_rand(160, 900), fibre: Fibre::Glass), 1250.0),
        );
    }

    /** A polyester by its sheet, catalysed by temperature. */
    public static function polyester(): Resin
    {
        $reference = Temperature::fromCelsius(20.0);
        $cure = Activation::given(56000.0);

        return new Resin(
            'sample polyester',
            new Kinetics($reference, $cure, ['tack_from' => 35.0, 'tack_until' => 240.0, 'sandable' => 420.0, 'full' => 4300.0]),
            new Rheology(1.2, $reference, 0.6, Activation::given(50000.0), 22.0, $cure, 0.06),
            MixRatio::byWeight(1.5),
            20.0,
            100.0,
            20.0,
            14.0,
            false,
            0.05,
            maxC: 30.0,
            chemistry: Chemistry::Polyester,
            catalyst: new Catalyst([[14.0, 2.0], [20.0, 1.5], [30.0, 1.0]], 1.18, 22.0),
        );
    }

    public static function materials(Method $method, ?Slot $without = null, ?ClothRoll $inner = null): Materials
    {
        $all = Sample::materials();
        $filler = new ClearCoat('sample filler', new SprayedClear(120.0, 0.6, 0.5, 0.5, 1.05, 3.0), Finish::Gloss, true, 15.0, 480.0, 80.0, 15.0, kind: ClearKind::Filler);

        return new Materials(
            $without === Slot::Base || ! in_array(Slot::Base, $method->needs(), true) ? null : $all->baseResin,
            match (true) {
                $method instanceof GlueDown => self::polyester(),
                $method instanceof PatternAndMould => self::hot(),
                default => $all->skinResin,
            },
            $all->cloth,
            $all->clear,
            $all->grits,
            filler: ! in_array(Slot::FillerClear, $method->needs(), true) || $without === Slot::FillerClear ? null : $filler,
            innerCloth: $inner,
            resins: $method instanceof PatternAndMould ? array_diff_key(['gel_coat' => self::hot(), 'mould_resin' => self::hot()], $without === null ? [] : [$without->value => 1]) : [],
            mouldCloth: $method instanceof PatternAndMould && $without !== Slot::MouldCloth ? new ClothRoll('sample glass', new Weave(450.0), 1200.0) : null,
        );
    }

    /** A laminating epoxy that is quick enough to cook a thick mould, and softens late. */
    private static function hot(): Resin
    {
        $resin = Sample::resin();

        return new Resin('sample laminating', $resin->kinetics, $resin->rheology, $resin->ratio, 14.0, 150.0, 23.0, 15.0, true, ultimateTgC: 110.0);
    }
}
