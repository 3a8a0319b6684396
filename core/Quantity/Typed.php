<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/**
 * A quantity as somebody types it: `94`, `94,5`, `4 oz`, `18 1/2 in`, `1 lb 4 oz`, `65 F`, `3 mil`. A number alone is in the
 * unit that the field shows.
 */
final class Typed
{
    private const NUMBER = '[+-]?(?:\d+\s+\d+\/\d+|\d+\/\d+|\d+(?:[.,]\d+)?|[.,]\d+)';

    private const GLYPHS = ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8'];

    /**
     * In the unit that is wanted; null of what does not begin with a number: that is no quantity at all.
     *
     * @throws NotUnderstood If its unit is none, or measures something else, or its number can be read in two ways.
     */
    public static function read(string $text, Unit $shown, Unit $wanted): ?float
    {
        $text = trim((string) preg_replace('/[\s\x{A0}\x{202F}]+/u', ' ', strtr($text, self::GLYPHS + ['−' => '-'])));
        if (preg_match('/^'.self::NUMBER.'/u', $text) !== 1) {
            return null;
        }
        $sum = 0.0;
        $rest = $text;
        $parts = 0;
        while ($rest !== '') {
            if (preg_match('/^('.self::NUMBER.')\s*([^\d+-]*?)\s*(?=$|[\d+-])/u', $rest, $found) !== 1) {
                throw new NotUnderstood('no_number', $rest, $shown->measure());
            }
            $rest = ltrim(substr($rest, strlen($found[0])));
            $unit = $found[2] === '' ? ($parts === 0 && $rest === '' ? $shown : null) : Unit::written($found[2]);
            if ($unit === null) {
                [$why, $what] = $found[2] === '' ? ['no_number', $text] : ['no_unit', $found[2]];

                throw new NotUnderstood($why, $what, $shown->measure());
            }
            if ($unit->measure() !== $wanted->measure()) {
                throw new NotUnderstood('other_measure', $found[2], $wanted->measure());
            }
            // Degrees are not added up.
            if ($parts > 0 && $wanted->measure() === Measure::Temperature) {
                throw new NotUnderstood('no_number', $text, $wanted->measure());
            }
            $sum += $unit->to($wanted, self::number($found[1], $shown->measure()));
            $parts++;
        }

        return $sum;
    }

    /** @throws NotUnderstood If a comma stands where it may part thousands. */
    private static function number(string $text, Measure $measure): float
    {
        if (preg_match('/^([+-]?)(?:(\d+)\s+)?(\d+)\/(\d+)$/', $text, $of) === 1) {
            if ((int) $of[4] === 0) {
                throw new NotUnderstood('no_number', $text, $measure);
            }

            return ($of[1] === '-' ? -1.0 : 1.0) * ((float) $of[2] + (float) $of[3] / (float) $of[4]);
        }
        if (preg_match('/^[+-]?[1-9]\d{0,2},\d{3}$/', $text) === 1) {
            throw new NotUnderstood('two_ways', $text, $measure);
        }

        return (float) strtr($text, ',', '.');
    }
}
