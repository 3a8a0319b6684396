<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Shop;
use App\Shelf\Kind\Aids;
use BackedEnum;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OakGloss\Film\FilmSource;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;

/** The fields of a brief that follow from its method: what it begins with, its slots and its choices. */
final readonly class MethodFields
{
    /** Choices that a brief names. What nobody says stands as the method usually has it, and `print_through` as the shop has it. */
    public const NAMED = [
        'wet_out', 'after_wet_out', 'top', 'finish_coats', 'stripes', 'print_through', 'plies', 'faces', 'holding', 'hard_top',
        'mould_plies', 'lay_up', 'halves', 'damage',
    ];

    /** And those that must be said where the method has them. */
    private const SAID = ['wet_out', 'after_wet_out', 'top', 'finish_coats'];

    private const FILM = ['film_um', 'film_relief_um', 'film_known_by'];

    private function __construct(private Method $method)
    {
    }

    public static function of(Method $method): self
    {
        return new self($method);
    }

    /** @return array<string, list<mixed>> */
    public function rules(int $shopId): array
    {
        return $this->filmRules() + $this->slotRules($shopId) + $this->choiceRules($shopId);
    }

    /**
     * @param array<string, mixed> $given checked
     *
     * @return array<string, mixed> of what the method leaves out, what is usual, or nothing
     */
    public function columns(array $given, Shop $shop): array
    {
        $columns = [];
        foreach ([...self::FILM, ...array_map(fn (Slot $s): string => $s->field(), Slot::cases())] as $field) {
            $columns[$field] = $given[$field] ?? null;
        }
        foreach (self::usual($this->method, $shop) as $field => $usual) {
            $value = $given[$field] ?? $usual;
            $columns[$field] = is_int($usual) ? (int) $value : $value;
        }

        return $columns;
    }

    /** @return array<string, string|int> what a brief of a method begins with */
    public static function usual(Method $method, Shop $shop): array
    {
        $choices = get_object_vars($method->usual()->choices);
        $usual = [];
        foreach (self::NAMED as $field) {
            $value = $field === 'print_through' ? $shop->print_through : $choices[Str::camel($field)];
            $usual[$field] = $value instanceof BackedEnum ? $value->value : $value;
        }

        return $usual;
    }

    /** @return array<string, list<mixed>> */
    private function filmRules(): array
    {
        return ! $this->method->startsFrom()->hasFilm() ? [] : [
            'film_um' => ['required', 'numeric', 'between:0,2000'],
            'film_relief_um' => ['required', 'numeric', 'between:1,1000'],
            'film_known_by' => ['required', Rule::enum(FilmSource::class)],
        ];
    }

    /** @return array<string, list<mixed>> only what lies on this shop's shelf; a sheet that a part already uses may stay */
    private function slotRules(int $shopId): array
    {
        $clears = ChoiceFields::rules($shopId);
        $on = fn (string $shelf): array => ['integer', Rule::exists($shelf, 'id')->where('shop_id', $shopId)];
        $rules = [];
        foreach (Methods::slots($this->method) as $i => $slot) {
            $rules[$slot->field()] = [$i < count($this->method->needs()) ? 'required' : 'nullable', ...match ($slot->shelf()) {
                Shelf::Resin => $on('resins'),
                Shelf::Cloth => $on('cloths'),
                Shelf::Clear => $clears[$slot->field()],
                Shelf::Aid => [
                    'integer',
                    Rule::exists('shelf_items', 'id')->where('shop_id', $shopId)->where('kind', Aids::NAME)
                        ->where('data->what', $slot->value),
                ],
            }];
        }

        return $rules;
    }

    /** @return array<string, list<mixed>> */
    private function choiceRules(int $shopId): array
    {
        $has = array_map(fn (array $c): string => $c[0]->value, $this->method->choices());
        $may = ChoiceFields::rules($shopId);
        $rules = [];
        foreach (array_intersect(self::NAMED, $has) as $field) {
            $rules[$field] = [in_array($field, self::SAID, true) ? 'required' : 'sometimes', ...$may[$field]];
        }

        return $rules;
    }
}
