<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Translation\Translator;
use OakGloss\Quantity\Unit;

/**
 * A line of lang/ with `:um µm` in it, or with `20 °C`, says mils and °F to who reads US measures: figure and unit are turned
 * together. What is put in by name, such as a product, stays as it is called. So many degrees more or less are no
 * temperature: a line writes them `10 Δ°C`, and their sign is not read.
 */
final class MeasuredTranslator extends Translator
{
    private const FIGURE = '/(:[a-z_]+|\d+(?:\.\d+)?)(\s|\x{A0})(Δ?°C|µm|mm|g\/m²|m²|ml|g|m)(?![\p{L}\/²³])/u';

    private const DIFFERENCE = 'Δ';

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
        $line = $this->measures?->isUs() === true ? $this->turned((string) $line, $replace) : (string) $line;

        return parent::makeReplacements(str_replace(self::DIFFERENCE.Unit::Celsius->value, Unit::Celsius->value, $line), $replace);
    }

    /** @param array<string, mixed> $replace */
    private function turned(string $line, array $replace): string
    {
        preg_match_all(self::FIGURE, $line, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach (array_reverse($found) as [[$all, $at], [$figure], [$between], [$unit]]) {
            $value = $figure[0] === ':' ? $replace[substr($figure, 1)] ?? null : $figure;
            $isDifference = str_starts_with($unit, self::DIFFERENCE);
            $measured = Unit::from(substr($unit, $isDifference ? strlen(self::DIFFERENCE) : 0));
            if (! is_numeric($value) || $this->measures === null) {
                continue;
            }
            $says = $isDifference
                ? $this->measures->sayDifference((float) $value, $between)
                : $this->measures->say((float) $value, $measured, 1, $between);
            $line = substr_replace($line, $says, $at, strlen($all));
        }

        return $line;
    }
}
