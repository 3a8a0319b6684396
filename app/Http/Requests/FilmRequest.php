<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Part;
use App\Planning\Planner;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OakGloss\Fact\Kind\Measured;
use OakGloss\Fact\Kind\PartWeighed;
use OakGloss\Geometry\Zone;

/** What was read of the film: the part on the scale, or a thickness. */
final class FilmRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(Planner $planner): array
    {
        $zones = $planner->plan($this->part())->plan->brief->coatedZones();

        return [
            'kind' => ['required', Rule::in([PartWeighed::KIND, Measured::KIND])],
            'part_g' => ['required_if:kind,part_weighed', 'nullable', 'numeric', 'between:1,200000'],
            'zone' => ['required_if:kind,measured', 'nullable', Rule::in(array_map(fn (Zone $z): string => $z->name, $zones))],
            'way' => ['required_if:kind,measured', 'nullable', Rule::in(Measured::WAYS)],
            'unit' => ['sometimes', Rule::in(['um', 'mm'])],
            'um' => [
                'required_if:kind,measured',
                'nullable',
                'numeric',
                $this->input('unit') === 'mm' ? 'between:0.001,5' : 'between:1,5000',
            ],
            'n' => ['nullable', 'integer', 'between:1,50'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'part_g.required_if' => (string) __('film.type_grams'),
            'um.required_if' => (string) __('film.type_thickness'),
            'um.between' => (string) __('film.thickness_range'),
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('film.fields');
    }

    /** What was read, as it is kept. */
    public function content(float $calliperStepUm): PartWeighed|Measured
    {
        $given = $this->validated();

        return $given['kind'] === PartWeighed::KIND ? new PartWeighed((float) $given['part_g']) : Measured::with(
            (string) $given['zone'],
            (string) $given['way'],
            (float) $given['um'] * (($given['unit'] ?? 'um') === 'mm' ? 1000.0 : 1.0),
            (int) ($given['n'] ?? 1),
            $calliperStepUm,
        );
    }

    private function part(): Part
    {
        $part = $this->route('part');

        return $part instanceof Part ? $part : abort(404);
    }
}
