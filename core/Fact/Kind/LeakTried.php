<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Cloth\LeakCheck;
use OakGloss\Fact\Content;
use OakGloss\Fact\Refused;
use OakGloss\Fact\Situation;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\OutOfRange;

/** The pressure under a clamped bag, read twice. One that holds ends the step; one that leaks is looked for and tried again. */
final readonly class LeakTried extends Content
{
    public const KIND = 'leak_tried';

    public const IS_ACT = true;

    /**
     * @param float      $fromMbar  absolute, when it was clamped
     * @param float      $toMbar    absolute, then
     * @param float      $minutes   between
     * @param float|null $limitMbar the shop's, in ten minutes, as it stood
     */
    public function __construct(public float $fromMbar, public float $toMbar, public float $minutes, public ?float $limitMbar = null)
    {
    }

    public static function fields(): array
    {
        return [
            Field::number('mbar_from', 0.0, 1100.0)->into('fromMbar'),
            Field::number('mbar_to', 0.0, 1100.0)->into('toMbar'),
            Field::number('over_min', LeakCheck::SHORTEST_MIN, 600.0)->into('minutes'),
            Field::number('limit', 0.1, 100.0)->into('limitMbar')->optional()->reckoned(),
        ];
    }

    public static function typed(array $typed, Situation $now): static
    {
        $read = self::read($typed);
        if ($read->toMbar < $read->fromMbar) {
            throw new Refused(self::class, 'mbar_to', 'falls');
        }

        return new self($read->fromMbar, $read->toMbar, $read->minutes, $now->leakLimitMbar());
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Leak check',
            'mbar_from' => 'Pressure when clamped, mbar',
            'mbar_to' => 'Pressure then, mbar',
            'over_min' => 'Minutes between',
            'falls' => 'A clamped bag does not draw down by itself: read both again.',
            'holds' => 'holds: :rise mbar in 10 min, :limit may be lost',
            'leaks' => 'leaks: :rise mbar in 10 min, :limit may be lost',
        ];
    }

    public static function fits(StepKind $kind): bool
    {
        return $kind === StepKind::LeakCheck;
    }

    public static function completes(StepKind $kind): bool
    {
        return $kind === StepKind::LeakCheck;
    }

    public function ends(StepKind $kind): bool
    {
        return self::completes($kind) && $this->check()->holds();
    }

    /** @throws OutOfRange If it was kept with figures out of range. */
    public function check(): LeakCheck
    {
        return LeakCheck::read($this->fromMbar, $this->toMbar, $this->minutes, $this->limitMbar ?? LeakCheck::LIMIT_MBAR);
    }

    public function details(Words $words): array
    {
        return [$this->record($words)];
    }

    public function record(Words $words): string
    {
        $read = $this->check();

        return $words->phrase($this, $read->holds() ? 'holds' : 'leaks', [
            'rise' => (string) round($read->mbarIn10, 1),
            'limit' => (string) round($read->limitMbar, 1),
        ]);
    }
}
