<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Part;
use App\Models\Shop;
use App\Planning\FromPart;
use App\Planning\MethodFields;
use App\Planning\Shapes;
use App\Planning\TrialPanel;
use App\Rules\NearDate;
use App\Time\ShopTime;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Unique;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\Slot;
use OakGloss\Method\Start;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Inches;

/** A part's brief as it is typed. */
final class PartRequest extends FormRequest
{
    private const MOST_ZONES = 24;

    public function authorize(): bool
    {
        return Auth::check();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $shape = is_string($this->input('shape')) ? $this->input('shape') : '';
        $typed = $this->boolean('zones_typed') || $shape === 'faces';

        return [
            'name' => ['required', 'string', 'max:60'],
            'letter' => ['required', 'string', 'regex:/^[A-Z]{1,2}$/D', $this->freeLetter()],
            'substrate' => [$this->isPart() ? 'required' : 'sometimes', Rule::enum(Substrate::class)],
            'primed' => ['boolean'],
            'tone' => [$this->isBare() ? 'required' : 'sometimes', Rule::enum(Tone::class)],
            'shape' => ['required', Rule::in(Shapes::of($this->planMethod()))],
            'unit' => ['required', Rule::in(['mm', 'in'])],
            'finish' => ['required', Rule::enum(Finish::class)],
            'sun' => ['boolean'],
            'heat' => ['boolean'],
            'wear' => ['boolean'],
            'needed_by' => ['nullable', 'string', 'date_format:Y-m-d\TH:i', new NearDate()],
            'priority' => ['sometimes', Rule::in(['low', 'normal', 'high'])],
            'customer' => ['nullable', 'string', 'max:80'],
            'wrap_mm' => ['required', 'numeric', 'between:0,300'],
            'holes' => ['required', 'integer', 'between:0,200'],
            'backing' => [$this->hasBase() ? 'required' : 'sometimes', Rule::enum(Backing::class)],
            'method' => ['sometimes', Rule::in(array_keys(Methods::all()))],
            'zones_typed' => ['boolean'],
            'trial' => ['boolean'],
        ] + MethodFields::of($this->planMethod())->rules((int) Auth::user()?->shop_id)
          + $this->sizeRules($shape) + ($typed ? $this->zoneRules() : []);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        $names = [
            'wrap_mm' => 'wrap',
            'needed_by' => 'needed by',
            'film_um' => 'film over the weave',
            'film_relief_um' => 'ridge to low',
            'film_known_by' => 'how the film is known',
        ];
        foreach (Slot::cases() as $slot) {
            $names[$slot->field()] ??= lcfirst((string) __("form.slots.{$slot->value}"));
        }
        foreach (MethodFields::named() as $choice) {
            $names[$choice] = lcfirst((string) __("words.choice.{$choice}"));
        }
        foreach (array_unique(array_merge(...array_values(Shapes::SIZES))) as $size) {
            $names["sizes.{$size}"] = (string) __("words.size.{$size}");
        }
        for ($i = 0; $i < self::MOST_ZONES; $i++) {
            foreach ([
                'name' => 'name',
                'kind' => 'kind',
                'slope_deg' => 'slope',
                'length_mm' => 'length',
                'area_cm2' => 'area',
                'radius_mm' => 'radius',
                'visibility' => 'visibility',
                'above' => 'what feeds',
            ] as $field => $word) {
                $names["zones.{$i}.{$field}"] = "{$word} of zone ".($i + 1);
            }
        }

        return $names;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'letter.regex' => (string) __('form.letter_like'),
            'letter.unique' => (string) __('form.letter_taken'),
            'zones.*.name.distinct' => (string) __('form.zone_name'),
            'needed_by.date_format' => (string) __('form.needed_by_like'),
        ];
    }

    /**
     * The brief as columns, for a preview and for the store alike.
     *
     * @return array<string, mixed>
     */
    public function columns(Shop $shop): array
    {
        $given = $this->validated();
        $zones = array_map(fn (array $z): array => [
            'name' => (string) $z['name'],
            'kind' => (string) $z['kind'],
            'slope_deg' => (float) $z['slope_deg'],
            'length_mm' => (float) $z['length_mm'] * $this->toMm(),
            'area_cm2' => (float) $z['area_cm2'] * $this->toMm() ** 2 / ($this->toMm() === 1.0 ? 1.0 : 100.0),
            'radius_mm' => isset($z['radius_mm']) ? (float) $z['radius_mm'] * $this->toMm() : null,
            'visibility' => (string) $z['visibility'],
            'above' => implode(
                ', ',
                array_map(
                    fn (string $n): string => (string) array_values($given['zones'])[(int) $n - 1]['name'],
                    FromPart::names((string) ($z['above'] ?? '')),
                ),
            ),
        ], array_values($given['zones'] ?? []));

        return [
            'zones' => $zones,
            'zones_typed' => $zones !== [],
            'sizes' => array_map(floatval(...), array_intersect_key($given['sizes'] ?? [], array_flip(Shapes::SIZES[$given['shape']]))),
            'priority' => $given['priority'] ?? 'normal',
            'needed_by' => isset($given['needed_by'])
                ? (new ShopTime($shop->zone))->local((new ShopTime($shop->zone))->at(str_replace('T', ' ', $given['needed_by'])))->utc()
                : null,
            'method' => $this->planMethod()::code(),
            // A sheet is its own part.
            'substrate' => $this->isPart() ? $given['substrate'] : Substrate::Carbon->value,
            // What nobody covers with cloth on a base has no colour that matters.
            'tone' => $this->isBare() ? $given['tone'] : Tone::Black->value,
            // Where no base is laid there is nothing to tint.
            'backing' => $this->hasBase() ? $given['backing'] : Backing::Untinted->value,
            'holes' => (int) $given['holes'],
            'wrap_mm' => (float) $given['wrap_mm'],
        ] + ($this->boolean('trial') ? ['is_trial' => true] + TrialPanel::least($this->planMethod()) : [])
          + array_map(
              fn (string $flag): bool => $this->boolean($flag),
              array_combine(['primed', 'sun', 'heat', 'wear'], ['primed', 'sun', 'heat', 'wear']),
          )
          + array_intersect_key(
              $given,
              array_flip([
                  'name',
                  'letter',
                  'shape',
                  'unit',
                  'finish',
              ]),
          )
          + MethodFields::of($this->planMethod())->columns($given, $shop);
    }

    /** What feeds a zone is told by the numbers of the zones, and no zone feeds itself. */
    private function knownZones(string $field, mixed $value, Closure $fail): void
    {
        $count = count((array) $this->input('zones', []));
        $own = 1 + (int) explode('.', $field)[1];
        foreach (FromPart::names(is_string($value) ? $value : '') as $number) {
            if (! ctype_digit($number) || (int) $number < 1 || (int) $number > $count || (int) $number === $own) {
                $fail(
                    (int) $number === $own
                        ? (string) __('form.feeds_itself', ['n' => $own])
                        : (string) __('form.no_such_zone', ['n' => $number, 'most' => $count]),
                );
            }
        }
    }

    /** No two open parts carry one letter. */
    private function freeLetter(): Unique
    {
        $part = $this->route('part');

        return Rule::unique('parts', 'letter')->where('shop_id', Auth::user()?->shop_id)
            ->whereNull('finished_at')->whereNull('cancelled_at')->whereNull('deleted_at')
            ->ignore($part instanceof Part ? $part->id : $this->integer('editing'));
    }

    private function toMm(): float
    {
        return Inches::mmOf(1.0, (string) $this->input('unit'));
    }

    /** The method that is asked for; the first where none is, or none of that name. */
    private function planMethod(): Method
    {
        return Methods::orFirst($this->string('method')->toString());
    }

    private function isPart(): bool
    {
        return $this->planMethod()->startsFrom() !== Start::Plate;
    }

    private function isBare(): bool
    {
        return in_array($this->planMethod()->startsFrom(), [Start::Part, Start::BarePiece], true);
    }

    private function hasBase(): bool
    {
        return in_array(Slot::Base, $this->planMethod()->needs(), true);
    }

    /** @return array<string, list<string>> */
    private function sizeRules(string $shape): array
    {
        $most = $this->input('unit') === 'in' ? 200 : 5000;
        $rules = [];
        foreach (Shapes::SIZES[$shape] ?? [] as $size) {
            $rules["sizes.{$size}"] = ['required', 'numeric', str_ends_with($size, '_deg') ? 'between:5,90' : "between:0.01,{$most}"];
        }

        return $rules;
    }

    /** @return array<string, list<mixed>> */
    private function zoneRules(): array
    {
        return [
            'zones' => ['required', 'array', 'min:1', 'max:'.self::MOST_ZONES],
            'zones.*.name' => ['required', 'string', 'max:40', 'distinct:ignore_case'],
            'zones.*.kind' => ['required', Rule::enum(ZoneKind::class)],
            'zones.*.slope_deg' => ['required', 'numeric', 'between:0,90'],
            'zones.*.length_mm' => ['required', 'numeric', 'between:0.05,5000'],
            'zones.*.area_cm2' => ['required', 'numeric', 'between:0.01,300000'],
            'zones.*.radius_mm' => ['nullable', 'required_if:zones.*.kind,edge', 'numeric', 'between:0.01,100'],
            'zones.*.visibility' => ['required', Rule::enum(Visibility::class)],
            'zones.*.above' => ['nullable', 'string', 'max:300', $this->knownZones(...)],
        ];
    }
}
