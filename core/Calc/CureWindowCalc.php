<?php

declare(strict_types=1);

namespace OakGloss\Calc;

use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Spread;
use OakGloss\Cure\TackWindow;

/** Model `cure-window`. */
final class CureWindowCalc implements Calculation
{
    public function run(Fields $in): array
    {
        $resin = $in->object('resin');
        $kinetics = self::kinetics($resin);
        $resin->close();
        $air = CommonFields::air($in);
        $lag = $in->numberOr('part_lag_min', 0.0, 0.0, 1440.0);
        $applied = $in->number('applied_min', -1e7, 1e8);
        $spread = new Spread();
        if ($given = $in->objectOr('spread')) {
            $spread = new Spread($given->numberOr('rate_sigma', 0.12, 0.0, 1.0), $given->numberOr('temp_c', 1.5, 0.0, 15.0));
            $given->close();
        }
        $in->close();

        $forecast = new CureForecast(new PartTemperature($air, $lag), $kinetics, $spread, $applied);
        $events = [];
        $found = [];
        foreach (array_keys($kinetics->agesMin) as $event) {
            $found[$event] = $forecast->event($event, $applied);
            $events[$event] = [
                'expected_min' => $found[$event]->expectedMin,
                'early_min' => $found[$event]->earlyMin,
                'late_min' => $found[$event]->lateMin,
            ];
        }
        $sure = isset($found['tack_from'], $found['tack_until'])
            ? (new TackWindow($found['tack_from'], $found['tack_until']))->sure()
            : null;

        return [
            'activation_j_mol' => $kinetics->activation->joulePerMol,
            'events' => $events,
            'sure_window' => $sure === null ? null : ['from_min' => $sure['from'], 'until_min' => $sure['until']],
        ];
    }

    private static function kinetics(Fields $resin): Kinetics
    {
        $given = $resin->object('ages_min');
        $ages = [];
        foreach ($given->names() as $event) {
            $ages[$event] = $given->number($event, 0.001, 1e6);
        }
        if ($ages === []) {
            throw $resin->bad('ages_min', 'needs at least one event');
        }
        $stall = ['full'];
        if ($resin->has('stall_events')) {
            $stall = [];
            foreach ($resin->list('stall_events', 0, 50) as $event) {
                if (! is_string($event) || ! isset($ages[$event])) {
                    throw $resin->bad('stall_events', 'must name events of ages_min');
                }
                $stall[] = $event;
            }
        }

        return new Kinetics(
            CommonFields::reference($resin),
            CommonFields::activation($resin),
            $ages,
            $resin->numberOr('stall_c', null, -40.0, 80.0),
            $stall,
        );
    }
}
