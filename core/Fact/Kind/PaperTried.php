<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Cure\CoatPace;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\PaceCheck;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Content;
use OakGloss\Fact\Entry;
use OakGloss\Fact\Situation;
use OakGloss\Fact\Words;

/** A paper was tried on a coat: it clogs, or dusts. */
final readonly class PaperTried extends Content implements ChecksCoat
{
    public const KIND = 'tried';

    public const IS_ACT = true;

    public function __construct(public string $paper, public ?float $ageMin = null, public ?int $resinId = null)
    {
    }

    public static function entries(): array
    {
        return [
            Entry::choice('paper', ['clogs', 'dusts']),
            Entry::number('age_min', 0.0)->optional()->reckoned(),
            Entry::whole('resin_id')->optional()->reckoned(),
        ];
    }

    public static function typed(array $typed, Situation $now): static
    {
        $age = $now->coatAgeMin();

        return self::read(['age_min' => $age, 'resin_id' => $age === null ? null : $now->resinId()] + $typed);
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

    public function ageMin(): ?float
    {
        return $this->ageMin;
    }

    public function resinId(): ?int
    {
        return $this->resinId;
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
