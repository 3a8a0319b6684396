<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Cure\Kinetics;
use OakGloss\Cure\PaceCheck;
use OakGloss\Cure\Touch;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Content;
use OakGloss\Fact\NotesCoatAge;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** The witness patch was touched. */
final readonly class Touched extends Content implements ChecksCoat
{
    use NotesCoatAge;

    public const KIND = 'touched';

    public const IS_ACT = true;

    public function __construct(public Touch $touch, public ?float $ageMin = null, public ?int $resinId = null)
    {
    }

    public static function fields(): array
    {
        return self::withAge(Field::choice('touch', Touch::class));
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

    public function found(): string
    {
        return $this->touch->value;
    }
}
