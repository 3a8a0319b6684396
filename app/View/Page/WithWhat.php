<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Part;
use App\Models\Shop;
use App\Planning\MethodFields;
use App\Shelf\Slots;
use App\Words\Formatter;
use BackedEnum;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Choices;
use OakGloss\Method\Damage;
use OakGloss\Method\Faces;
use OakGloss\Method\HardTop;
use OakGloss\Method\Holding;
use OakGloss\Method\LayUp;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Slot;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;

/** What a brief asks of a method: its slots with what the shelf has for each, and the choices that are made before the plan. */
final readonly class WithWhat
{
    /** What a part's own form begins with. */
    private const KEPT = [
        'substrate', 'tone', 'primed', 'film_um', 'film_relief_um', 'film_known_by', 'backing', 'wet_out', 'after_wet_out', 'top',
        'print_through', 'finish_coats', 'stripes', 'plies', 'faces', 'holding', 'hard_top', 'mould_plies', 'lay_up', 'halves', 'damage',
    ];

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
     *     picks: array<string, array{string, array<int|string, string>, string|int}>,
     * }
     */
    public function of(Method $method, Shop $shop, ?Part $part, ?Part $like, array $typed = []): array
    {
        $given = $part?->only(self::KEPT) ?? [];
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
            fn (mixed $v, string $field): bool => is_string($v) && $v !== '' && (! isset($choices[$field]) || isset($choices[$field][$v])),
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
                + array_map(fn (array $pick): string|int => $pick[2], $picks),
        ];
    }

    /** @return array<string, array{string, array<int|string, string>, string|int}> label, choices and the usual one, by field */
    private function picks(Method $method, Shop $shop, ?Part $part): array
    {
        $upTo = fn (int $most): array => array_combine(range(1, $most), array_map(strval(...), range(1, $most)));
        $all = [
            'plies' => $upTo($method->mostPlies()),
            'mould_plies' => $upTo(Choices::MOST_MOULD_PLIES),
            'finish_coats' => $upTo(max(2, $part->finish_coats ?? 1)),
            'stripes' => [(string) __('form.none'), '1', '2', '3', '4'],
            'halves' => __('words.halves'),
        ];
        foreach (self::cases() as $field => $cases) {
            $all[$field] = $this->format->choices($field, $cases);
        }
        $usual = MethodFields::usual($method, $shop);
        $picks = [];
        foreach (array_column($method->choices(), 0) as $choice) {
            if (isset($all[$choice->value])) {
                $picks[$choice->value] = [$this->format->word('choice', $choice), $all[$choice->value], $usual[$choice->value]];
            }
        }

        return $picks;
    }

    /** @return array<string, list<BackedEnum>> of the choices that are one of several ways, by field */
    private static function cases(): array
    {
        return [
            'holding' => Holding::cases(), 'faces' => Faces::cases(), 'top' => Top::cases(), 'print_through' => PrintThrough::cases(),
            'wet_out' => WetOut::cases(), 'after_wet_out' => AfterWetOut::cases(), 'hard_top' => HardTop::cases(),
            'lay_up' => LayUp::cases(), 'damage' => Damage::cases(),
        ];
    }
}
