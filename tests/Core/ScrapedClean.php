<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\Content;
use OakGloss\Fact\FilmBook;
use OakGloss\Fact\ReadsFilm;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** A kind of fact that only a test knows: it ends any step, and may say what stays over the crowns of the top. */
final readonly class ScrapedClean extends Content implements ReadsFilm
{
    public const KIND = 'scraped_clean';

    public function __construct(public ?float $um = null)
    {
    }

    public static function fields(): array
    {
        return [Field::number('um', 1.0, 5000.0)->optional()];
    }

    public static function phrases(): array
    {
        return ['label' => 'Scraped clean'];
    }

    public static function completes(StepKind $kind): bool
    {
        return true;
    }

    public function intoFilm(FilmBook $film, float $atMin): void
    {
        if ($this->um !== null) {
            $film->measured('top', $this->um, 20, 0.0, false, 1.0);
        }
    }
}
