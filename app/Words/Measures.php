<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Illuminate\Contracts\Auth\Guard;
use OakGloss\Quantity\DecimalMark;
use OakGloss\Quantity\Unit;

/** Metric or US measures, as who is signed in reads them. What is kept is metric. The one place that turns them. */
final readonly class Measures
{
    public const ALL = ['metric', 'us'];

    /** A stored number is shown with no more digits than a hand types. */
    private const TYPED_DIGITS = 6;

    public function __construct(private Guard $guard)
    {
    }

    public function isUs(): bool
    {
        $user = $this->guard->user();

        return $user instanceof User && $user->measures === 'us';
    }

    public function shown(Unit $kept): Unit
    {
        return match (true) {
            $kept === Unit::Share => Unit::Percent,
            $this->isUs() => $kept->us(),
            default => $kept,
        };
    }

    /** How who is signed in parts thousands and tenths. */
    public function mark(): DecimalMark
    {
        $user = $this->guard->user();

        return ($user instanceof User ? DecimalMark::tryFrom((string) $user->figures) : null) ?? DecimalMark::Unsaid;
    }

    /** `3.33 oz`: a kept quantity as it is read, with the digits that are given where it stays metric. */
    public function say(float $kept, Unit $unit, int $digits, string $between = ' '): string
    {
        $shown = $this->shown($unit);
        $value = $unit->to($shown, $kept);

        return number_format($value, $shown === $unit ? $digits : self::digits($shown, $value), '.', ' ')."{$between}{$shown->value}";
    }

    /** So many degrees Celsius more or less: no zero is turned. */
    public function sayDifference(float $celsius, string $between = ' '): string
    {
        $shown = $this->shown(Unit::Celsius);
        $turned = Unit::Celsius->to($shown, $celsius) - Unit::Celsius->to($shown, 0.0);

        return rtrim(rtrim(number_format($turned, 1), '0'), '.').$between.$shown->value;
    }

    /** Large ones need no thousandths. */
    private static function digits(Unit $shown, float $value): int
    {
        return max(0, $shown->digits() - (abs($value) >= 10.0 ? 1 : 0) - (abs($value) >= 1000.0 ? 1 : 0));
    }

    /**
     * A field for a figure: what it is labelled with and shows, and what its form sends along so that what is typed is read,
     * and a value that nobody changed stays what it was.
     *
     * @return array{unit: string, shown: string, sent: string}
     */
    public function field(?string $label, mixed $kept): array
    {
        $label = (string) $label;
        $unit = Unit::tryFrom($label) ?? Unit::written($label);
        if ($unit === null) {
            $text = is_scalar($kept) ? (string) $kept : '';

            return ['unit' => $label, 'shown' => $text, 'sent' => implode('|', [strtr($label, '|', ' '), '', $text, ''])];
        }
        $shown = $this->shown($unit);
        $text = match (true) {
            ! is_numeric($kept) => '',
            $shown === $unit => self::plain(round((float) $kept, self::TYPED_DIGITS)),
            default => self::plain(round($unit->to($shown, (float) $kept), 1 + $shown->digits())),
        };
        $exact = is_numeric($kept) ? (string) json_encode((float) $kept) : '';

        return [
            'unit' => $shown === $unit ? $label : $shown->value,
            'shown' => $text,
            'sent' => implode('|', [$shown->value, $unit->value, $text, $exact]),
        ];
    }

    /** Whether a label is a unit that others can stand in for. */
    public function isMeasure(?string $label): bool
    {
        return $label !== null && (Unit::tryFrom($label) ?? Unit::written($label)) !== null;
    }

    private static function plain(float $number): string
    {
        return (string) json_encode($number == (int) $number && abs($number) < 1e15 ? (int) $number : $number);
    }
}
