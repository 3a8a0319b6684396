<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Shop;
use App\Planning\TrialPanel;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Purpose;
use OakGloss\Choosing\Skill;
use OakGloss\Choosing\Wish;
use OakGloss\Material\Substrate;
use OakGloss\Optics\Finish;

/** A few plain answers about a part that is to be made. Nothing has to be said: what is not stands as usual. */
final class WishRequest extends FormRequest
{
    public const FLAGS = ['sun', 'heat', 'wear', 'both_faces', 'urgent'];

    /** What stands where nothing is said. */
    public const USUAL = [
        'lies' => 'bare_part', 'purpose' => 'cosmetic', 'substrate' => 'abs', 'form' => 'curved', 'pieces' => 1, 'finish' => 'gloss',
        'skill' => 'some', 'length' => 400, 'width' => 250,
    ];

    public function authorize(): bool
    {
        return Auth::check();
    }

    /** A trial panel is flat, and as large as it is. */
    protected function prepareForValidation(): void
    {
        if ($this->boolean('trial')) {
            $this->merge(['form' => Form::Flat->value, 'length' => TrialPanel::SIDE_MM, 'width' => TrialPanel::SIDE_MM]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lies' => ['sometimes', Rule::enum(Lies::class)],
            'purpose' => ['sometimes', Rule::enum(Purpose::class)],
            'substrate' => ['sometimes', Rule::enum(Substrate::class)],
            'form' => ['sometimes', Rule::enum(Form::class)],
            'finish' => ['sometimes', Rule::enum(Finish::class)],
            'skill' => ['sometimes', Rule::enum(Skill::class)],
            'pieces' => ['sometimes', 'required', 'integer', 'between:1,500'],
            'length' => ['sometimes', 'required', 'numeric', 'between:3,3000'],
            'width' => ['sometimes', 'required', 'numeric', 'between:3,2000'],
        ] + array_fill_keys(self::FLAGS, ['boolean']);
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return __('choose.fields');
    }

    /** While it is typed, what is wrong stands where the answer would. */
    protected function failedValidation(Validator $validator): void
    {
        if ($this->hasHeader('HX-Request')) {
            throw new HttpResponseException(response()->view('parts.ways-wrong', ['message' => $validator->errors()->first()]));
        }
        parent::failedValidation($validator);
    }

    /** @return array<string, mixed> what was said, and what stands where nothing was */
    public function said(): array
    {
        return $this->validated() + self::USUAL;
    }

    public function wish(Shop $shop): Wish
    {
        $said = $this->said();

        return new Wish(
            Lies::from($said['lies']),
            Purpose::from($said['purpose']),
            Substrate::from($said['substrate']),
            Form::from($said['form']),
            (int) $said['pieces'],
            Finish::from($said['finish']),
            $this->boolean('sun'),
            $this->boolean('heat'),
            $this->boolean('wear'),
            $this->boolean('both_faces'),
            $this->boolean('urgent'),
            Skill::from($said['skill']),
            $shop->has(),
        );
    }
}
