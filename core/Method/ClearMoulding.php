<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\FilmSource;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Choice\PinholeDepth;
use OakGloss\Method\Choice\Pinholes;
use OakGloss\Method\Choice\TopKind;

/** M8: a raw carbon moulding cleared. Release agent off, keyed by hand, filler clear in heavy coats, blocked, urethane clear. */
final class ClearMoulding implements Method
{
    public static function code(): string
    {
        return 'clear_moulding';
    }

    public function startsFrom(): Start
    {
        return Start::Moulding;
    }

    public function substrates(): array
    {
        return [Substrate::Carbon];
    }

    public function needs(): array
    {
        return [Slot::Skin, Slot::Cloth, Slot::FillerClear, Slot::Clear];
    }

    public function mayHave(): array
    {
        return [];
    }

    public function stages(): array
    {
        return [Stage::Ground, Stage::Surface];
    }

    public function mostPlies(): int
    {
        return 1;
    }

    public function usual(): Usual
    {
        return new Usual(new Choices(), RawMoulding::OVER_UM, RawMoulding::RELIEF_UM, FilmSource::Moulded);
    }

    public function example(): Example
    {
        return Example::bent(Substrate::Carbon, film: ExistingFilm::known(30.0, 4.0, FilmSource::Moulded));
    }

    public function coatCount(): CoatCount
    {
        return new CoatCount(0, 0, Role::FillerFlat);
    }

    public function choices(): array
    {
        return Listed::settled([Pinholes::class, PinholeDepth::class, ...TopCoats::choices()]);
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
        return Suits::for($wish)->onlyOn(Lies::RawMoulding)->gain(true, 20, 'moulding_as_it_is')->needing(Tool::SprayGun, Tool::Respirator);
    }

    public function steps(Job $job): array
    {
        return CommonPractice::in($job, RawMoulding::steps($job));
    }
}
