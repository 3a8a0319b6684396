<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Cost\Hours;
use OakGloss\Cost\Material;
use OakGloss\Cost\Quote;

/** Model `quote`: what a part costs, line by line. */
final class QuoteCalc implements Calculation
{
    private const MOST_LINES = 500;

    public function run(Fields $in): array
    {
        $materials = array_map(function (Fields $line): Material {
            $material = new Material(
                $line->number('quantity', 0.0, 1e9),
                $line->number('pack_quantity', 1e-6, 1e9),
                $line->whole('pack_price_minor', 0, 1_000_000_000_000),
            );
            $line->close();

            return $material;
        }, $in->objectsOr('materials', self::MOST_LINES));
        $hours = array_map(function (Fields $line): Hours {
            $hour = new Hours($line->number('minutes', 0.0, 1e7), $line->whole('rate_minor_h', 0, 1_000_000_000));
            $line->close();

            return $hour;
        }, $in->objectsOr('hours', self::MOST_LINES));
        $quote = Quote::of(
            $materials,
            $hours,
            array_map(fn (float $minor): int => (int) $minor, $in->numbersOr('fixed_minor', self::MOST_LINES, -1e12, 1e12)),
            $in->numberOr('waste_percent', 0.0, 0.0, 100.0),
            $in->numberOr('margin_percent', 0.0, -100.0, 1000.0),
            $in->numberOr('tax_percent', 0.0, 0.0, 100.0),
        );
        $in->close();

        return [
            'materials_minor' => $quote->materialsMinor,
            'waste_minor' => $quote->wasteMinor,
            'hours_minor' => $quote->hoursMinor,
            'cost_minor' => $quote->costMinor,
            'margin_minor' => $quote->marginMinor,
            'net_minor' => $quote->netMinor,
            'tax_minor' => $quote->taxMinor,
            'total_minor' => $quote->totalMinor,
        ];
    }
}
