<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Part;
use App\Models\Shop;
use App\Planning\MethodFields;
use App\Shelf\Slots;
use App\Words\Formatter;
use BackedEnum;
use Illuminate\Support\Facades\Lang;
use OakGloss\Method\Choice\FinishCoats;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choices;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\Slot;
use OakGloss\Quantity\Field;

/** What a brief asks of a method: its slots with what the shelf has for each, and the choices that are made before the plan. */
final readonly class MethodForm
{
    /** What a part's own form begins with, besides its choices. */
    private const KEPT = ['substrate', 'tone', 'primed', 'film_um', 'film_relief_um', 'film_known_by', 'backing'];

    /** More numbers than so are typed, not picked. */
    private const MOST_PICKED = 40.0;

    public function __construct(private Formatter $format, private Slots $slots)
    {
    }

    /**
     * @param Part|null            $like  the part, or the one made last: what a form begins with
     * @param array<string, mixed> $typed what was typed so far
     *
     * @return array{
     *     method: Method, substrates: array<int|string, string>, slots: list<array{Slot, bool}>, shelf: array<string, array<int, string>>,
     *     given: array<string, mixed>, stands: array<string, mixed>,
     *     picks: array<string, array{string, array<int|string, string>, string|int|float|null, string, bool}>,
     * }
     */
    public function of(Method $method, Shop $shop, ?Part $part, ?Part $like, array $typed = []): array
    {
        $given = $part?->only([...self::KEPT, ...MethodFields::named()]) ?? [];
        $substrates = $this->format->choices('substrate', $method->substrates());
        foreach (Methods::slots($method) as $slot) {
            // A new part begins with what the last of its kind had.
            $given[$slot->field()] = $part !== null || $like?->method === $method::code() ? $like?->inSlot($slot)?->sheetId() : null;
        }
        if ($part === null) {
            $given['clear_id'] = $this->slots->usualClear($shop, $method);
            $given['filler_id'] = null;
        }
        $shelf = $this->slots->shelf($shop, $part);
        foreach ($method->needs() as $slot) {
            $given[$slot->field()] ??= $this->slots->usual($shop, $slot, $method) ?? array_key_first($shelf[$slot->value]);
        }
        $film = $method->usual();
        $given += $part !== null ? [] : [
            'film_um' => $film->filmUm, 'film_relief_um' => $film->reliefUm, 'film_known_by' => $film->filmKnownBy,
        ];
        $picks = $this->picks($method, $shop, $part);
        $choices = ['substrate' => $substrates] + array_map(fn (array $pick): array => $pick[1], $picks);
        // What another way of working left there, and this one does not have, is no choice.
        $given = array_filter(
            $typed,
            fn (mixed $v, string $field): bool => is_string($v) && $v !== ''
                && (($choices[$field] ?? []) === [] || isset($choices[$field][$v])),
            ARRAY_FILTER_USE_BOTH,
        ) + array_map(fn (mixed $v): mixed => $v instanceof BackedEnum ? $v->value : $v, $given);
        if (! in_array($given['substrate'] ?? '', array_keys($substrates), true)) {
            $given['substrate'] = array_key_first($substrates);
        }

        return [
            'method' => $method,
            'slots' => [
                ...array_map(fn (Slot $s): array => [$s, false], $method->needs()),
                ...array_map(fn (Slot $s): array => [$s, true], $method->mayHave()),
            ],
            'substrates' => $substrates,
            'shelf' => $shelf,
            'given' => $given,
            'picks' => $picks,
            'stands' => array_filter($given, fn (mixed $v): bool => $v !== null)
                + array_map(fn (array $pick): string|int|float|null => $pick[2], $picks),
        ];
    }

    /**
     * By field: label, choices (none of what is typed), the usual one, its unit, and whether few parts have it.
     *
     * @return array<string, array{string, array<int|string, string>, string|int|float|null, string, bool}>
     */
    private function picks(Method $method, Shop $shop, ?Part $part): array
    {
        $usual = MethodFields::usual($method, $shop);
        $picks = [];
        foreach (array_keys($method->choices()) as $choice) {
            $name = $choice::name();
            if ($choice::IS_IN_BRIEF) {
                $picks[$name] = [
                    $this->format->word('choice', $name), $this->values($choice::field(), $method, $part), $usual[$name],
                    $choice::field()->unit, $choice::IS_RARE,
                ];
            }
        }

        return $picks;
    }

    /**
     * The picks that are shown at once, or the folded ones, each with what stands.
     *
     * @param array<string, array{string, array<int|string, string>, string|int|float|null, string, bool}> $picks
     * @param array<string, mixed>                                                                         $given
     *
     * @return list<array{field: string, label: string, choices: array<int|string, string>, value: mixed, unit: string}>
     */
    public static function each(array $picks, array $given, bool $isRare): array
    {
        $each = [];
        foreach ($picks as $field => [$label, $choices, $usual, $unit, $rare]) {
            if ($rare === $isRare) {
                $value = $given[$field] ?? $usual;
                $each[] = ['field' => $field, 'label' => $label, 'choices' => $choices, 'value' => $value, 'unit' => $unit];
            }
        }

        return $each;
    }

    /** @return array<int|string, string> what a choice may be, in words: of an enum all of it, else so many as it makes sense to offer */
    private function values(Field $field, Method $method, ?Part $part): array
    {
        if ($field->enum !== null) {
            return $this->format->choices($field->name, $field->enum::cases());
        }
        $said = Lang::has("words.{$field->name}") ? __("words.{$field->name}") : null;
        $most = match ($field->name) {
            PlyCount::name() => $method->mostPlies(),
            FinishCoats::name() => max(2, (int) $part?->getAttribute($field->name)),
            default => (int) $field->most,
        };
        if ($said === null && $most - $field->least > self::MOST_PICKED) {
            return [];
        }
        $numbers = range((int) $field->least, $most);

        return is_array($said) ? $said
            : array_combine($numbers, array_map(fn (int $n): string => $n === 0 ? (string) __('form.none') : (string) $n, $numbers));
    }
}
