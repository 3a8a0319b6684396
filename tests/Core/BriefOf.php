<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Clear\ClearKind;
use OakGloss\Clear\SprayedClear;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Geometry\FlatSheet;
use OakGloss\Material\Backing;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\BrushOnSkin;
use OakGloss\Method\Choices;
use OakGloss\Method\Faces;
use OakGloss\Method\FlatPlate;
use OakGloss\Method\Holding;
use OakGloss\Method\Method;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Rescue;
use OakGloss\Method\SheetMetal;
use OakGloss\Method\Slot;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Optics\Finish;
use OakGloss\Plan\Materials;
use OakGloss\Plan\PartBrief;

/** A part as each method would be given it, with what it is made of. */
final class BriefOf
{
    public static function usual(Method $method, Choices $choices = new Choices()): PartBrief
    {
        return match ($method::code()) {
            SheetMetal::code() => Sample::brief(Substrate::Steel, choices: $choices),
            FlatPlate::code() => new PartBrief((new FlatSheet(600.0, 400.0))->zones(), (new FlatSheet(600.0, 400.0))->developedMm(), Substrate::Carbon, false, Tone::Black, Backing::Untinted, Finish::Gloss, false, false, false, choices: $choices->but(plies: 3, faces: Faces::Both), blankMm: ['length' => 180.0, 'width' => 120.0]),
            Rescue::code() => Sample::brief(Substrate::Carbon, choices: $choices, film: ExistingFilm::known(140.0, 90.0, FilmSource::Gauged)),
            default => Sample::brief(choices: $choices),
        };
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
            default => [],
        };
    }

    public static function materials(Method $method, ?Slot $without = null, ?ClothRoll $inner = null): Materials
    {
        $all = Sample::materials();
        $filler = new ClearCoat('sample filler', new SprayedClear(120.0, 0.6, 0.5, 0.5, 1.05, 3.0), Finish::Gloss, true, 15.0, 480.0, 80.0, 15.0, kind: ClearKind::Filler);

        return new Materials(
            $without === Slot::Base ? null : $all->baseResin,
            $all->skinResin,
            $all->cloth,
            $all->clear,
            $all->grits,
            filler: ! $method instanceof SheetMetal || $without === Slot::FillerClear ? null : $filler,
            innerCloth: $inner,
        );
    }
}
