<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Requests\PartRequest;
use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Planning\FewCups;
use App\Planning\Letters;
use App\Planning\MethodFields;
use App\Planning\OpenChoices;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Validator as ValidatorOfForm;
use OakGloss\Method\Choice\Listed;
use OakGloss\Method\Method;
use OakGloss\Quantity\OakGlossFault;

/** What follows from a brief that is being typed: the part as it would be, its plan, what is wrong and what is still to come. */
final readonly class BriefAnswer
{
    public function __construct(private Planner $planner, private OpenChoices $choices, private FewCups $fewCups)
    {
    }

    /** @return array{array<string, mixed>|null, list<string>, list<string>} columns or null, what is wrong, and what is still to come */
    public function typed(Request $request, User $user): array
    {
        $form = PartRequest::createFrom($request)->setContainer(app());
        // A tag and a name decide nothing about resin: the answer does not wait for them.
        $form->merge(['name' => $request->input('name') ?: 'part']);
        // The answer does not wait for a tag that another part carries.
        $form->merge(['letter' => Letters::free($user->shop, $user->shop->parts()->find($request->integer('editing')))[0]]);
        // The shape's own zones are the first that one edits.
        if ((array) $request->input('zones', []) === []) {
            $form->merge(['zones_typed' => '0']);
        }
        $validator = Validator::make($form->all(), $form->rules(), $form->messages(), $form->attributes());
        if ($validator->fails()) {
            return [null, ...$this->open($validator)];
        }
        $form->setValidator($validator);

        return [$form->columns($user->shop), [], []];
    }

    /**
     * Nobody did wrong by not having come to a field yet: those are named in their order, and only what was typed amiss is corrected.
     *
     * @return array{list<string>, list<string>} messages, and names of fields
     */
    private function open(ValidatorOfForm $validator): array
    {
        $blank = array_keys(array_filter($validator->failed(), fn (array $rules): bool => isset($rules['Required'])));
        $wrong = array_diff_key($validator->errors()->toArray(), array_flip($blank));

        return [
            array_values(array_unique(array_merge([], ...array_values($wrong)))),
            array_map($validator->getDisplayableAttribute(...), $blank),
        ];
    }

    /**
     * The part as it would be.
     *
     * @param array<string, mixed> $columns
     */
    public function unsaved(array $columns, Shop $shop, ?Part $inPlaceOf = null): Part
    {
        // What was chosen on the plan stays chosen when the brief changes.
        $chosen = $inPlaceOf?->only(array_diff(array_keys(Listed::kept()), MethodFields::named())) ?? [];
        $part = new Part($columns + ['shop_id' => $shop->id] + $chosen);
        $part->inPlaceOf = $inPlaceOf->id ?? 0;
        $part->setRelation('shop', $shop);
        // What was done stays done, whatever is typed now.
        $part->setRelation('facts', $inPlaceOf?->facts()->get() ?? $part->newCollection());

        return $part->loadMissing('slots');
    }

    /**
     * @param Part|null    $was   the part as it stands, where one is changed
     * @param list<string> $wrong what is to be corrected first
     * @param list<string> $still what was not typed yet
     *
     * @return array{
     *     planned: PlannedPart|null,
     *     less: PlannedPart|null,
     *     was: PlannedPart|null,
     *     wrong: list<string>,
     *     still: list<string>,
     *     fault: string|null
     * }
     */
    public function to(?Part $part, ?Part $was = null, array $wrong = [], array $still = []): array
    {
        $fault = null;
        $planned = $less = null;
        if ($part !== null) {
            try {
                $planned = $this->planner->plan($part);
                $less = $this->choices->oneCoatLess($planned);
            } catch (OakGlossFault $e) {
                $fault = ucfirst($e->getMessage()).'.';
            }
        }

        return [
            'planned' => $planned,
            'less' => $less,
            'was' => $planned === null || $was === null || $part === $was ? null : $this->planner->plan($was),
            'wrong' => $wrong,
            'still' => $still,
            'fault' => $fault,
        ];
    }

    /**
     * Sheets that suit so large a part better than what stands in its fields, of those that nobody picked by hand.
     *
     * @return array<string, string> by field
     */
    public function better(Request $request, ?PlannedPart $planned, Method $method, Shop $shop): array
    {
        $picked = array_flip(explode(' ', $request->string('picked')->toString()));

        return $planned === null ? []
            : array_map('strval', array_diff_key($this->fewCups->instead($planned->plan, $method, $shop), $picked));
    }
}
