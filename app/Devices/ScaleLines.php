<?php

declare(strict_types=1);

namespace App\Devices;

use OakGloss\Mixing\ScaleReading;

/**
 * Reads a scale's text as it comes: whole lines and halves, with noise between. A line is a weight with its unit (`12.34 g`,
 * `+ 0.012 kg`), before it perhaps a word for rest or motion, or a word for too much. docs/scale.md has all of it.
 * What is no such line is passed over and counted; a half line waits for its rest.
 */
final class ScaleLines
{
    /** No line is longer: what is, is noise. */
    private const LONGEST = 80;

    private const LINE = '/^(?<word>=|~|ST|US|S|M)?[,;: ]*(?<sign>[+-]?) *(?<number>\d{1,6}(?:[.,]\d{1,4})?)'
        .' *(?<unit>g|kg)[,;: ]*(?<after>=|~|ST|US|S|M)?$/i';

    private const OVER = '/^(?:=|~|ST|US|S|M)?[,;: ]*(?:OVER|OL|UNDER|UL|-{3,}|E{3,})[,;: ]*(?:g|kg)?$/i';

    /** Lines that were none. */
    public int $noise = 0;

    /** @param string|null $half a line whose rest has not come yet; null in the middle of one whose beginning is lost */
    public function __construct(public ?string $half = '')
    {
    }

    /**
     * @param float $atS when these bytes came, seconds
     *
     * @return list<ScaleReading>
     */
    public function read(string $bytes, float $atS): array
    {
        $lines = preg_split('/[\r\n]+/', $this->half.$bytes) ?: [''];
        $rest = (string) array_pop($lines);
        if ($this->half === null) {
            // The end of a line is a number too, and a wrong one.
            if ($lines === []) {
                return [];
            }
            array_shift($lines);
        }
        $this->half = $rest;
        if (strlen($rest) > self::LONGEST) {
            $this->half = null;
            $this->noise++;
        }

        return array_values(array_filter(array_map(fn (string $line): ?ScaleReading => $this->line(trim($line), $atS), $lines)));
    }

    private function line(string $line, float $atS): ?ScaleReading
    {
        if ($line === '') {
            return null;
        }
        if (preg_match(self::OVER, $line) === 1) {
            return new ScaleReading($atS, null, null, true);
        }
        if (strlen($line) > self::LONGEST || preg_match(self::LINE, $line, $found) !== 1) {
            $this->noise++;

            return null;
        }
        $grams = (float) strtr($found['number'], ',', '.') * (strtolower($found['unit']) === 'kg' ? 1000.0 : 1.0);
        $isAtRest = match (strtoupper($found['word'].($found['after'] ?? ''))) {
            '=', 'ST', 'S' => true,
            '~', 'US', 'M' => false,
            default => null,
        };

        return new ScaleReading($atS, $found['sign'] === '-' ? -$grams : $grams, $isAtRest);
    }
}
