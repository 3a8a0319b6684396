<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Part;
use App\Models\Shop;
use App\Shelf\Slots;
use App\Words\Formatter;
use BackedEnum;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Faces;
use OakGloss\Method\Holding;
use OakGloss\Method\Method;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Slot;
use OakGloss\Method\Start;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;

/** What a brief asks of a method: its slots with what the shelf has for each, and the choices that are made before the plan. */
final readonly class WithWhat
{
    /** What a part's own form begins with. */
    private const KEPT = [
        'substrate', 'tone', 'primed', 'film_um', 'film_relief_um', 'film_known_by', 'backing', 'wet_out', 'after_wet_out', 'top',
        'print_through', 'finish_coats', 'stripes', 'plies', 'faces', 'holding',
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
        foreach ([...$method->needs(), ...$method->mayHave()] as $slot) {
            $given[$slot->field()] = $like?->inSlot($slot)?->sheetId();
        }
        if ($part === null) {
            $given['clear_id'] = $this->slots->usualClear($shop, $like);
            $given['filler_id'] = null;
        }
        $shelf = $this->slots->shelf($shop, $part);
        foreach ($method->needs() as $slot) {
            $given[$slot->field()] ??= $this->slots->usual($shop, $slot) ?? array_key_first($shelf[$slot->value]);
        }
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
        $plies = range(1, $method->mostPlies());
        $coats = range(1, max(2, $part->finish_coats ?? 1));
        $all = [
            'plies' => [array_combine($plies, array_map(strval(...), $plies)), $method->startsFrom() === Start::Plate ? 2 : 1],
            'holding' => $this->enum('holding', Holding::cases(), Holding::TackyBase->value),
            'faces' => $this->enum('faces', Faces::cases(), Faces::Both->value),
            'top' => $this->enum('top', Top::cases(), Top::Clear->value),
            'print_through' => $this->enum('print_through', PrintThrough::cases(), $shop->print_through->value),
            'finish_coats' => [array_combine($coats, array_map(strval(...), $coats)), 1],
            'stripes' => [[(string) __('form.none'), '1', '2', '3', '4'], 0],
            'wet_out' => $this->enum('wet_out', WetOut::cases(), WetOut::OnSetBase->value),
            'after_wet_out' => $this->enum('after_wet_out', AfterWetOut::cases(), AfterWetOut::CureThenKey->value),
        ];
        $picks = [];
        foreach (array_column($method->choices(), 0) as $choice) {
            if (isset($all[$choice->value])) {
                $picks[$choice->value] = [$this->format->word('choice', $choice), ...$all[$choice->value]];
            }
        }

        return $picks;
    }

    /**
     * @param list<BackedEnum> $cases
     *
     * @return array{array<int|string, string>, string}
     */
    private function enum(string $group, array $cases, string $usual): array
    {
        return [$this->format->choices($group, $cases), $usual];
    }
}
