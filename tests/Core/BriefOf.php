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
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\Choices;
use OakGloss\Method\Faces;
use OakGloss\Method\FlatPlate;
use OakGloss\Method\Method;
use OakGloss\Method\Rescue;
use OakGloss\Method\SheetMetal;
use OakGloss\Method\Slot;
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

    public static function materials(Method $method, ?Slot $without = null): Materials
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
        );
    }
}
