<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Cure\Kinetics;
use OakGloss\Cure\PaceCheck;
use OakGloss\Cure\Touch;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Content;
use OakGloss\Fact\Entry;
use OakGloss\Fact\Situation;
use OakGloss\Fact\Words;

/** The witness patch was touched. */
final readonly class Touched extends Content implements ChecksCoat
{
    public const KIND = 'touched';

    public const IS_ACT = true;

    public function __construct(public Touch $touch, public ?float $ageMin = null, public ?int $resinId = null)
    {
    }

    public static function entries(): array
    {
        return [
            Entry::choice('touch', Touch::class),
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
        return ['label' => 'Tack check', 'record' => 'tack check: :touch'];
    }

    public function details(Words $words): array
    {
        return [$words->word('touch', $this->touch->value)];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['touch' => $words->word('touch', $this->touch->value)]);
    }

    public function paceRange(float $age, Kinetics $kinetics): array
    {
        return $this->touch->paceRange($age, $kinetics);
    }

    public function paceCheck(float $age, array $sheet): PaceCheck
    {
        return PaceCheck::ofTack($this->touch, $age, $sheet['tack_from'], $sheet['tack_until']);
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
        return $this->touch->value;
    }
}
