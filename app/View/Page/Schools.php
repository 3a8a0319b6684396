<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Formatter;
use BackedEnum;
use Illuminate\Support\Str;
use OakGloss\Method\Choice;
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
        $choices = get_object_vars($plan->brief->choices);
        $schools = [];
        foreach (ChoicesLeft::of($plan) as $choice) {
            $stands = $choices[Str::camel($choice->value)] ?? null;
            if ($stands instanceof BackedEnum) {
                $schools[] = [
                    'what' => $format->word('choice', $choice),
                    'stands' => $format->word($choice->value, $stands),
                    'why' => $format->word("{$choice->value}_why", $stands),
                    'others' => self::others($choice, $stands, $format),
                ];
            }
        }

        return $schools;
    }

    /** @return list<string> */
    private static function others(Choice $choice, BackedEnum $stands, Formatter $format): array
    {
        return array_values(array_map(
            fn (BackedEnum $c): string => (string) __('choose.or', [
                'what' => $format->word($choice->value, $c), 'why' => $format->word("{$choice->value}_why", $c),
            ]),
            array_filter($stands::cases(), fn (BackedEnum $c): bool => $c !== $stands),
        ));
    }
}
