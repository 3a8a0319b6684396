<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Formatter;
use BackedEnum;
use OakGloss\Method\Choice\Listed;
use OakGloss\Plan\ChoicesLeft;
use OakGloss\Plan\FinishPlan;

/** Where good people disagree on a way of working: what stands on this plan, why, and what else may be taken. */
final class Schools
{
    /**
     * @return list<array{what: string, stands: string, why: string, others: list<string>}> of the choices that are one of several ways
     */
    public static function of(FinishPlan $plan, Formatter $format): array
    {
        $schools = [];
        foreach (ChoicesLeft::of($plan) as $choice) {
            $name = $choice::name();
            $stands = isset(Listed::kept()[$name]) ? $plan->brief->choices->of($choice) : null;
            if ($stands instanceof BackedEnum) {
                $schools[] = [
                    'what' => $format->word('choice', $name),
                    'stands' => $format->word($name, $stands),
                    'why' => $format->word("{$name}_why", $stands),
                    'others' => self::others($name, $stands, $format),
                ];
            }
        }

        return $schools;
    }

    /** @return list<string> */
    private static function others(string $name, BackedEnum $stands, Formatter $format): array
    {
        return array_values(array_map(
            fn (BackedEnum $c): string => (string) __('choose.or', [
                'what' => $format->word($name, $c), 'why' => $format->word("{$name}_why", $c),
            ]),
            array_filter($stands::cases(), fn (BackedEnum $c): bool => $c !== $stands),
        ));
    }
}
