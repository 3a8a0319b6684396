<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Cure\CoatPace;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\PaceCheck;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Content;
use OakGloss\Fact\NotesCoatAge;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** A paper was tried on a coat: it clogs, or dusts. */
final readonly class PaperTried extends Content implements ChecksCoat
{
    use NotesCoatAge;

    public const KIND = 'tried';

    public const IS_ACT = true;

    public function __construct(public string $paper, public ?float $ageMin = null, public ?int $resinId = null)
    {
    }

    public static function fields(): array
    {
        return self::withAge(Field::choice('paper', ['clogs', 'dusts']));
    }

    public static function phrases(): array
    {
        return ['label' => 'Sanding check', 'record' => 'paper :found'];
    }

    public function details(Words $words): array
    {
        return [$words->word('paper', $this->paper)];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['found' => $words->word('paper', $this->paper)]);
    }

    public function paceRange(float $age, Kinetics $kinetics): array
    {
        return CoatPace::paperRange($this->dusts(), $age, $kinetics);
    }

    public function paceCheck(float $age, array $sheet): PaceCheck
    {
        return PaceCheck::ofSanding($this->dusts(), $age, $sheet['sandable']);
    }

    public function found(): string
    {
        return $this->paper;
    }

    private function dusts(): bool
    {
        return $this->paper === 'dusts';
    }
}
