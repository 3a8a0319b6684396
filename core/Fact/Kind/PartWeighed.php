<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\FilmBook;
use OakGloss\Fact\ReadsFilm;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** The part itself lay on a scale, dry. */
final readonly class PartWeighed extends Content implements ReadsFilm
{
    public const KIND = 'part_weighed';

    public function __construct(public float $grams)
    {
    }

    public static function fields(): array
    {
        return [Field::number('grams', 1.0, 200000.0)];
    }

    public static function phrases(): array
    {
        return ['label' => 'Part weighed', 'record' => 'the part weighs :grams'];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['grams' => $words->grams($this->grams)]);
    }

    public function intoFilm(FilmBook $film, float $atMin): void
    {
        $film->weighed($this->grams, $atMin);
    }
}
