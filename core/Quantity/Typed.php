<?php

declare(strict_types=1);

namespace OakGloss\Quantity;

/**
 * A figure as somebody types it: `94`, `94,5`, `55 000`, `1'200`, `4 oz`, `18 1/2 in`, `1 lb 4 oz`, `65 F`, `3 mil`, `6 h`,
 * `1 h 30`, `2 %`, `700 mPa·s`. A number alone is in the unit that the field shows.
 */
final class Typed
{
    /** Thousands in groups of three, then tenths; or digits and tenths. */
    private const DECIMAL = '(?:\d{1,3}(?:[ .,\'’]\d{3})+(?:[.,]\d+)?(?!\d)|\d+(?:[.,]\d+)?|[.,]\d+)';

    private const NUMBER = '[+-]?(?:\d+\s+\d+\/\d+|\d+\/\d+|'.self::DECIMAL.')';

    private const GLYPHS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8', '−' => '-',
    ];

    /**
     * In the unit that is wanted; null of what does not begin with a number: that is no quantity at all.
     *
     * @throws NotUnderstood If its unit is none, or measures something else, or its number can be read in two ways.
     */
    public static function read(string $text, Unit $shown, Unit $wanted, DecimalMark $mark = DecimalMark::Unsaid): ?float
    {
        $text = self::plain($text);
        if (preg_match('/^'.self::NUMBER.'/u', $text) !== 1) {
            return null;
        }
        $sum = 0.0;
        $rest = $text;
        $last = null;
        while ($rest !== '') {
            if (preg_match('/^('.self::NUMBER.')\s*([^\d+-]*?)\s*(?=$|[\d+-])/u', $rest, $found) !== 1) {
                throw new NotUnderstood('no_number', $rest, $shown->measure());
            }
            $rest = ltrim(substr($rest, strlen($found[0])));
            $unit = match (true) {
                $found[2] !== '' => Unit::written($found[2]),
                $last === null && $rest === '' => $shown,
                // `1 h 30`
                $last === Unit::Hour && $rest === '' => Unit::Minute,
                default => null,
            };
            if ($unit === null) {
                [$why, $what] = $found[2] === '' ? ['no_number', $text] : ['no_unit', $found[2]];

                throw new NotUnderstood($why, $what, $shown->measure());
            }
            if ($unit->measure() !== $wanted->measure()) {
                throw new NotUnderstood('other_measure', $found[2], $wanted->measure());
            }
            // Degrees are not added up.
            if ($last !== null && $wanted->measure() === Measure::Temperature) {
                throw new NotUnderstood('no_number', $text, $wanted->measure());
            }
            $sum += $unit->to($wanted, self::number($found[1], $mark, $shown->measure()));
            $last = $unit;
        }

        return $sum;
    }

    /**
     * Of a field without a unit: a number, and behind it at most what the field is labelled with. Null of what is no number.
     *
     * @throws NotUnderstood If something else stands behind it, or it can be read in two ways.
     */
    public static function figure(string $text, string $label = '', DecimalMark $mark = DecimalMark::Unsaid): ?float
    {
        $text = self::plain($text);
        if (preg_match('/^('.self::NUMBER.')\s*(.*)$/us', $text, $found) !== 1) {
            return null;
        }
        if ($found[2] !== '' && ! str_starts_with(mb_strtolower($label), mb_strtolower($found[2]))) {
            throw new NotUnderstood('only_number', $found[2], null);
        }

        return self::number($found[1], $mark, null);
    }

    private static function plain(string $text): string
    {
        $text = trim((string) preg_replace('/[\s\x{A0}\x{2009}\x{202F}]+/u', ' ', strtr($text, self::GLYPHS)));

        // `m2`, `g/cm3`
        return (string) preg_replace_callback(
            '/(?<=m|yd|ft|in)([23])(?![\d.,])/u',
            fn (array $of): string => $of[1] === '2' ? '²' : '³',
            $text,
        );
    }

    /** @throws NotUnderstood If a mark stands where it may part thousands or tenths. */
    private static function number(string $text, DecimalMark $mark, ?Measure $measure): float
    {
        if (preg_match('/^([+-]?)(?:(\d+)\s+)?(\d+)\/(\d+)$/', $text, $of) === 1) {
            if ((int) $of[4] === 0) {
                throw new NotUnderstood('no_number', $text, $measure);
            }

            return ($of[1] === '-' ? -1.0 : 1.0) * ((float) $of[2] + (float) $of[3] / (float) $of[4]);
        }
        $digits = (string) preg_replace('/[ \'’]/u', '', $text);
        preg_match_all('/[.,]/', $digits, $marks);
        $last = (string) end($marks[0]);
        $isOne = count($marks[0]) === 1;
        // One mark before three digits, and nothing else that says which it is: 1,500 but not 0,500 and not 1 500,250.
        if ($isOne && $digits === $text && preg_match('/^[+-]?[1-9]\d{0,2}[.,]\d{3}$/', $digits) === 1) {
            if ($mark->doubts($last)) {
                throw new NotUnderstood('two_ways', $text, $measure);
            }

            return (float) ($mark->partsThousands($last) ? strtr($digits, [',' => '']) : strtr($digits, ',', '.'));
        }
        if ($isOne) {
            return (float) strtr($digits, ',', '.');
        }
        // Of several the last parts tenths where it differs from the others: 1.234,5; where it does not, 1.234.567, none does.
        $tenths = $last !== '' && count(array_keys($marks[0], $last, true)) === 1 ? strrpos($digits, $last) : false;
        [$whole, $part] = $tenths === false ? [$digits, ''] : [substr($digits, 0, $tenths), substr($digits, $tenths + 1)];
        if (count(array_unique($tenths === false ? $marks[0] : array_slice($marks[0], 0, -1))) > 1) {
            throw new NotUnderstood('no_number', $text, $measure);
        }

        return (float) (strtr($whole, ['.' => '', ',' => '']).'.'.$part);
    }
}
