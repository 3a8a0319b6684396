<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Str;
use OakGloss\Cloth\Piece;
use OakGloss\Cure\Activation;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Method\Slot;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\MixRatio;
use OakGloss\Plan\ClearPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;
use OakGloss\Quantity\Unit;

/** Figures with their units, rounded as a bench reads them. */
trait SaysFigures
{
    /** Air that moves less than this is steady, °C an hour. */
    private const STEADY_C = 0.1;

    public function grams(float $grams): string
    {
        return $this->measures->say($grams, Unit::Gram, $grams < 100.0 ? 1 : 0);
    }

    /** What of a mix goes into the cup: weighed, or by the marks of a cup where nobody knows what it weighs. */
    public function mixed(float $grams, ?MixRatio $ratio, string $jar = ''): string
    {
        return $ratio?->isInCup() !== true ? $this->grams($grams) : $this->stock(match ($jar) {
            'resin', 'pigment' => $ratio->resinMl($grams), 'hardener' => $ratio->hardenerMl($grams), default => $ratio->mixMl($grams),
        }, 'ml');
    }

    /**
     * `640 g + 120 ml`: what steps mix together, what is weighed and what is measured in a cup each by itself.
     *
     * @param list<PlannedStep> $steps
     */
    public function mixes(array $steps, ?Slot $from = null): string
    {
        $sums = [];
        foreach ($steps as $step) {
            $ratio = $step->batch?->ratio;
            if (! $step->skipped && $ratio !== null && ($from === null || $step->step->layer?->slot === $from)) {
                $grams = $step->usedG ?? $step->batch->totalG();
                $unit = $ratio->isInCup() ? 'ml' : 'g';
                $sums[$unit] = ($sums[$unit] ?? 0.0) + ($ratio->isInCup() ? $ratio->mixMl($grams) : $grams);
            }
        }

        return implode(' + ', array_map(fn (float $sum, string $unit): string => $this->stock($sum, $unit), $sums, array_keys($sums)));
    }

    /** A quantity of the shelf in the unit of its kind. */
    public function stock(float $quantity, string $unit): string
    {
        return match ($unit) {
            'g' => $this->grams($quantity),
            'm' => $this->measures->say($quantity, Unit::Metre, 2, "\u{A0}"),
            'm²' => $this->area($quantity),
            'ml' => $this->measures->say($quantity, Unit::Millilitre, $quantity < 100.0 ? 1 : 0, "\u{A0}"),
            'pieces', 'pairs' => $quantity === 1.0 ? "1\u{A0}".Str::singular($unit) : number_format($quantity, 0, '.', ' ')."\u{A0}{$unit}",
            default => rtrim(rtrim(number_format($quantity, 1, '.', ' '), '0'), '.')."\u{A0}{$unit}",
        };
    }

    /** `1 can`, `3 cans`. */
    public function count(int $n, string $noun): string
    {
        return "{$n} ".Str::plural($noun, $n);
    }

    public function weight(float $gramsASquareMetre): string
    {
        return $this->measures->say($gramsASquareMetre, Unit::GramsASquareMetre, 0);
    }

    /** `12.4 g resin + 5.1 g hardener`, with what tints it. */
    public function batch(Batch $batch): string
    {
        $jars = array_filter(['resin' => $batch->resinG, 'hardener' => $batch->hardenerG, 'pigment' => $batch->pigmentG]);

        $say = fn (string $jar, float $g): string => $this->mixed($g, $batch->ratio, $jar)." {$jar}";

        return implode(' + ', array_map($say, array_keys($jars), $jars));
    }

    /** `180 ml clear + 90 ml hardener + 18 ml reducer`: the mix for all coats. */
    public function clearMix(ClearPlan $clear): string
    {
        $jars = array_filter($clear->mixMl(), fn (float $ml, string $jar): bool => $jar === 'clear' || $ml > 0.0, ARRAY_FILTER_USE_BOTH);

        return implode(
            ' + ',
            array_map(
                fn (string $jar, float $ml): string => $this->measures->say($ml, Unit::Millilitre, 0)." {$jar}",
                array_keys($jars),
                $jars,
            ),
        );
    }

    /** `95 % too little`: of what was asked for. */
    public function off(float $share): string
    {
        return $share <= -1.0 ? (string) __('weigh.off.none') : (string) __(
            $share < 0.0 ? 'weigh.off.little' : 'weigh.off.much',
            ['off' => $share > 2.0 ? (string) __('weigh.off.times', ['n' => (string) round($share + 1.0)]) : $this->percent(abs($share))],
        );
    }

    public function um(float $micrometres): string
    {
        return $this->measures->say($micrometres, Unit::Micrometre, 0);
    }

    /** `0.4 mm`, or `none` where a tenth would read as nothing. */
    public function orNone(float $value, string $unit): string
    {
        return $value < 0.05 ? (string) __('film.no') : $this->measured($value, $unit);
    }

    /** `0.4 mm`, as it is; of a unit that is no measure too. */
    public function measured(float $value, string $unit, int $digits = 1): string
    {
        $of = Unit::tryFrom($unit);

        return $of === null ? number_format($value, $digits)." {$unit}" : $this->measures->say($value, $of, $digits);
    }

    public function mm(float $mm, int $digits = 0): string
    {
        $text = $this->measures->say($mm, Unit::Millimetre, $digits);

        return (string) preg_replace('/\.0 mm$/', ' mm', $text);
    }

    /** `0.250 m²`, on one line. */
    public function area(float $squareMetres): string
    {
        return $this->measures->say($squareMetres, Unit::SquareMetre, $squareMetres < 1.0 ? 3 : 2, "\u{A0}");
    }

    public function percent(float $share): string
    {
        $percent = 100.0 * $share;

        return match (true) {
            $percent < 0.01 => 'under 0.01 %',
            $percent < 0.1 => number_format($percent, 2).' %',
            $percent < 10.0 => number_format($percent, 1).' %',
            default => round($percent).' %',
        };
    }

    /** `43.2`: parts of hardener to 100 of resin. */
    public function hardener(MixRatio $ratio): string
    {
        return $this->parts($ratio, $ratio->hardenerPerResin);
    }

    /** Parts of hardener to 100 of resin, of a cup that came out so: by volume where it is measured by marks. */
    public function parts(MixRatio $ratio, float $hardenerPerResin): string
    {
        $share = $ratio->isInCup() ? $ratio->hardenerMl($hardenerPerResin) / $ratio->resinMl(1.0) : $hardenerPerResin;

        return number_format(100.0 * $share, 1);
    }

    /** `52.1 kJ/mol`. */
    public function activation(Activation $activation): string
    {
        return round($activation->joulePerMol / 1000.0, 1).' kJ/mol';
    }

    /** The chance that any of a zone shows, `6 %`. A habit errs everywhere at once. */
    public function chance(?ZoneState $state): string
    {
        return $this->percent($state?->anyShows() ?? 0.0);
    }

    public function celsius(float $c): string
    {
        return $this->measures->say($c, Unit::Celsius, 1);
    }

    /** `rising 0.4/h`; null where the air is steady. */
    public function trend(float $celsiusPerHour): ?string
    {
        return abs($celsiusPerHour) < self::STEADY_C ? null : (string) __(
            $celsiusPerHour > 0.0 ? 'app.rising' : 'app.falling',
            ['by' => number_format(abs($celsiusPerHour) * ($this->measures->isUs() ? 1.8 : 1.0), 1)],
        );
    }

    /** `580 × 380 mm`. */
    public function piece(Piece $piece): string
    {
        $shown = $this->measures->shown(Unit::Millimetre);
        $side = fn (float $mm): string => $shown === Unit::Millimetre ? (string) round($mm) : (string) round(
            Unit::Millimetre->to($shown, $mm),
            1,
        );

        return "{$side($piece->lengthMm)} × {$side($piece->widthMm)} {$shown->value}";
    }

    public function slope(Zone $zone): string
    {
        return $zone->slopeDeg < 1.0 ? 'level' : round($zone->slopeDeg).'°';
    }

    /** `flank · 62°`, `rim · r 3 mm`. */
    public function zone(Zone $zone): string
    {
        return $zone->name.match ($zone->kind) {
            ZoneKind::Edge => ' · r '.$this->mm((float) $zone->radiusMm, 1),
            ZoneKind::Lap => ' · lap',
            ZoneKind::Bare => ' · bare',
            default => ' · '.$this->slope($zone),
        };
    }
}
