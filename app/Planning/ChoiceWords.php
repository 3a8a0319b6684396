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

    /** What a choice comes to, or why it can't be taken. */
    public function price(PricedChoice $option): string
    {
        if ($option->refusal !== null) {
            return $this->sentences->finding($option->refusal)['what'];
        }
        $anew = $option->anewMin === null ? '' : (string) __('parts.anew', ['at' => $this->format->day($option->anewMin)]);
        $nibs = in_array($option->field, ['after_wet_out', 'pair'], true) && $option->nibRisk > 0.0
            ? (string) __('parts.nibs', ['share' => $this->format->percent($option->nibRisk)])
            : '';

        // A sheet has no film to burn through.
        return trans_choice($option->anyShows > 0.0 ? 'parts.price' : 'parts.price_plain', $option->mixes, [
            'ready' => $this->format->day($option->readyMin).$anew,
            'grams' => $this->format->grams($option->grams),
            'hands' => $this->format->span($option->handsMin),
            'risk' => $this->format->percent($option->risk),
            'any' => $this->format->percent($option->anyShows),
        ]).$nibs;
    }
}
