<?php

declare(strict_types=1);

namespace App\Planning;

use App\Words\Formatter;
use App\Words\Sentences;

/** The words of a choice's values, and of what each comes to. */
final class ChoiceWords
{
    public function __construct(private readonly Formatter $format, private readonly Sentences $sentences)
    {
    }

    /** A value of a choice, as it stands on its button: `4 coats`, `70 g/m²`, `at once + second coat at tack`. */
    public function option(string $field, string $value): string
    {
        if ($field === 'pair') {
            $pair = PricedChoice::pair($value);

            return implode(' + ', array_map($this->option(...), array_keys($pair), $pair));
        }

        return match (true) {
            $field === 'build_coats' => (string) __('words.coats', ['n' => $value]),
            $field === 'plies', $field === 'mould_plies' => trans_choice("words.{$field}", (int) $value),
            $field === 'build_g_m2' && $value !== '0' => $this->format->weight((float) $value),
            default => $this->format->word($field, $value),
        };
    }

    public function optionWhy(string $field, string $value): string
    {
        return match (true) {
            $field === 'pair', in_array($field, ['build_coats', 'plies', 'mould_plies'], true) => '',
            $field === 'build_g_m2' => $value === '0' ? '' : (string) __('words.build_g_m2_holds'),
            default => $this->format->word("{$field}_why", $value),
        };
    }

    /** `+1 day`, `−76 g`, `risk 0.3 %`, `keeps Sat 13 Mar free`: only what differs. */
    public function gain(ChoiceGain $gain): string
    {
        $by = fn (?float $more, string $what): ?string => $more === null
            ? null
            : (string) __('parts.gain.'.($more > 0.0 ? 'more' : 'less'), ['by' => $what]);
        $free = fn (string $key, array $days): ?string => $days === []
            ? null
            : (string) __("parts.gain.{$key}", ['days' => implode(', ', array_map($this->format->dayOf(...), $days))]);
        $says = array_filter([
            $by($gain->laterMin, $this->later(abs((float) $gain->laterMin))),
            $by($gain->handsMin, (string) __('parts.gain.hands', ['span' => $this->format->span(abs((float) $gain->handsMin))])),
            $by($gain->grams, $this->format->grams(abs((float) $gain->grams))),
            $by($gain->mixes, trans_choice('parts.gain.mixes', abs((int) $gain->mixes))),
            $gain->anyShows === null ? null : (string) __('parts.gain.risk', ['share' => $this->format->percent($gain->anyShows)]),
            $gain->nibRisk === null ? null : (string) __('parts.gain.nibs', ['share' => $this->format->percent($gain->nibRisk)]),
            $free('frees', $gain->frees),
            $free('needs', $gain->needs),
        ]);

        return implode(' · ', $says);
    }

    /** Why a value can't be taken. */
    public function refusal(PricedChoice $option): string
    {
        return $option->refusal === null ? '' : $this->sentences->finding($option->refusal)['what'];
    }

    /** By whole days, or by hours where it is less than one. */
    private function later(float $minutes): string
    {
        $days = (int) round($minutes / 1440.0);

        return $days >= 1 ? trans_choice('parts.gain.days', $days) : $this->format->span($minutes);
    }
}
