<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Translation\Translator;
use OakGloss\Quantity\Unit;

/**
 * A line of lang/ with `:um µm` in it, or with `20 °C`, says mils and °F to who reads US measures: figure and unit are turned
 * together. What is put in by name, such as a product, stays as it is called.
 */
final class MeasuredTranslator extends Translator
{
    private const FIGURE = '/(:[a-z_]+|\d+(?:\.\d+)?)(\s|\x{A0})(°C|µm|mm|g\/m²|m²|ml|g|m)(?![\p{L}\/²³])/u';

    /** So many degrees more or less are no temperature. */
    private const DIFFERENCE_AFTER = '/(±|\bby|\bby about|\bwithin|\bevery)\s*$/u';
    private const DIFFERENCE_BEFORE = '/^ (an hour|over the|above the|colder|warmer|of the dew)/u';

    private ?Measures $measures = null;

    public function measuredBy(Measures $measures): void
    {
        $this->measures = $measures;
    }

    /**
     * @param string               $line
     * @param array<string, mixed> $replace
     */
    protected function makeReplacements($line, array $replace): string
    {
        return parent::makeReplacements($this->measures?->isUs() === true ? $this->turned((string) $line, $replace) : $line, $replace);
    }

    /** @param array<string, mixed> $replace */
    private function turned(string $line, array $replace): string
    {
        preg_match_all(self::FIGURE, $line, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach (array_reverse($found) as [[$all, $at], [$figure], [$between], [$unit]]) {
            $value = $figure[0] === ':' ? $replace[substr($figure, 1)] ?? null : $figure;
            $measured = Unit::from($unit);
            if (! is_numeric($value) || $this->measures === null) {
                continue;
            }
            $isDifference = $measured === Unit::Celsius
                && (preg_match(self::DIFFERENCE_AFTER, substr($line, 0, $at)) === 1
                    || preg_match(self::DIFFERENCE_BEFORE, substr($line, $at + strlen($all))) === 1);
            $says = $isDifference
                ? $this->measures->sayDifference((float) $value, $between)
                : $this->measures->say((float) $value, $measured, 1, $between);
            $line = substr_replace($line, $says, $at, strlen($all));
        }

        return $line;
    }
}
