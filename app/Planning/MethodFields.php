<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Shop;
use App\Rules\FieldRules;
use App\Shelf\Kind\Aids;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;
use OakGloss\Film\FilmSource;
use OakGloss\Method\Choice\AgainstPrintThrough;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;

/** The fields of a brief that follow from its method: what it begins with, its slots and its choices. */
final readonly class MethodFields
{
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
        return $this->filmRules() + $this->slotRules($shopId) + $this->choiceRules();
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

    /** @return array<string, string|int|float|null> what a brief of a method begins with */
    public static function usual(Method $method, Shop $shop): array
    {
        $usual = array_intersect_key($method->usual()->choices->kept(), array_flip(self::named()));
        $usual[AgainstPrintThrough::name()] = $shop->print_through->value;

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
        $clears = self::clearRules($shopId);
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
    private function choiceRules(): array
    {
        $rules = [];
        foreach (array_keys($this->method->choices()) as $choice) {
            if ($choice::IS_IN_BRIEF) {
                $rules[$choice::name()] = [$choice::IS_SAID ? 'required' : 'sometimes', ...FieldRules::what($choice::field())];
            }
        }

        return $rules;
    }

    /** @return list<string> choices that a brief names; what nobody says stands as the method usually has it, or the shop */
    public static function named(): array
    {
        return array_keys(array_filter(Listed::all(), fn (string $c): bool => $c::IS_IN_BRIEF));
    }

    /** @return array<string, list<mixed>> what a clear of a part may be, by the field of its slot */
    public static function clearRules(int $shopId): array
    {
        $clear = fn (): Exists => Rule::exists('clears', 'id')->where('shop_id', $shopId);

        return [
            Slot::Clear->field() => ['integer', $clear()->whereNot('kind', 'filler')],
            Slot::FillerClear->field() => ['integer', $clear()->where('kind', 'filler')],
        ];
    }
}
