<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Shop;
use App\Shelf\Kind\Aids;
use Illuminate\Validation\Rule;
use OakGloss\Film\FilmSource;
use OakGloss\Method\Method;
use OakGloss\Method\Slot;
use OakGloss\Method\Start;

/** The fields of a brief that follow from its method: what it begins with, its slots and its choices. */
final readonly class MethodFields
{
    /** Choices that a brief names, each with what stands where the method leaves it out or nobody says; null as the shop has it. */
    private const USUAL = [
        'wet_out' => 'on_set_base', 'after_wet_out' => 'cure_then_key', 'top' => 'clear', 'finish_coats' => 1, 'stripes' => 0,
        'print_through' => null, 'plies' => 1, 'faces' => 'one', 'holding' => 'tacky_base',
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
        foreach (self::USUAL as $field => $usual) {
            $value = $given[$field] ?? $usual ?? $shop->print_through;
            $columns[$field] = is_int($usual) ? (int) $value : $value;
        }

        return $columns;
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
        foreach ([...$this->method->needs(), ...$this->method->mayHave()] as $i => $slot) {
            $rules[$slot->field()] = [$i < count($this->method->needs()) ? 'required' : 'nullable', ...match ($slot) {
                Slot::Base, Slot::Skin => $on('resins'),
                Slot::Cloth, Slot::InnerCloth => $on('cloths'),
                Slot::Clear, Slot::FillerClear => $clears[$slot->field()],
                default => [
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
        foreach (array_intersect(array_keys(self::USUAL), $has) as $field) {
            $rules[$field] = [in_array($field, self::SAID, true) ? 'required' : 'sometimes', ...$may[$field]];
        }

        return $rules;
    }
}
