<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WaitsForSupplier;
use App\Http\BriefAnswer;
use App\Http\Requests\PartRequest;
use App\Http\Requests\WishRequest;
use App\Models\Customer;
use App\Models\Part;
use App\Models\Resin;
use App\Models\Shop;
use App\Models\User;
use App\Planning\BriefHolds;
use App\Planning\FromPart;
use App\Planning\Letters;
use App\Planning\Planner;
use App\Planning\Shapes;
use App\Planning\TrialPanel;
use App\View\OldInput;
use App\View\Page\MethodForm;
use App\View\Page\NewUnit;
use App\View\Page\PartsList;
use App\View\Page\Proposals;
use App\View\Page\ZoneRows;
use App\Words\Formatter;
use App\Words\Sentences;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Method\Finding;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Quantity\OakGlossFault;

final class PartController
{
    /** Tags have eight colours of their own. */
    private const COLOURS = 8;

    public function __construct(private readonly BriefAnswer $answer)
    {
    }

    public function index(Request $request, Planner $planner, #[CurrentUser] User $user): View
    {
        $list = new PartsList($request, $user->shop);
        $all = $planner->all($user->shop);

        return view('parts.index', [
            'list' => $list,
            'planned' => $list->planned($all),
            'lying' => $list->lying(),
            'finished' => $list->finished(),
            'months' => $list->months($all),
            'people' => $user->shop->people,
        ]);
    }

    /** With what was answered to the questions that a new part begins with. */
    public function create(WishRequest $request, Planner $planner, Proposals $proposals, #[CurrentUser] User $user): View
    {
        $isTrial = $request->boolean('trial');
        $resin = $isTrial ? Resin::query()->where('shop_id', $user->shop_id)->current()->find($request->integer('resin')) : null;
        $method = Methods::all()[$request->string('method')->toString()] ?? ($isTrial ? TrialPanel::method($resin) : null);
        if ($method !== null && ! $request->session()->hasOldInput()) {
            $said = $request->said();
            $brief = $isTrial ? TrialPanel::brief($method, $resin) : [];
            $request->session()->now('_old_input', $brief + $proposals->brief(
                $method::code(),
                $request->wish($user->shop),
                ['length' => (float) $said['length'], 'width' => (float) $said['width']],
                $user->shop,
            ));
        }

        return $this->form(null, $planner, $user);
    }

    public function edit(Part $part, Planner $planner, #[CurrentUser] User $user): View
    {
        return $this->form($part, $planner, $user);
    }

    /** What follows from what is typed so far; the same fragment that the page begins with. */
    public function answer(Request $request, #[CurrentUser] User $user): View
    {
        NewUnit::turn($request);
        $method = Methods::orFirst($request->string('method')->toString());
        $shape = Shapes::fitting($method, $request->string('shape')->toString());
        $request->merge(['sizes' => Shapes::carried(
            Str::before($request->string('sizes_for')->toString(), '/'),
            $shape,
            (array) $request->input('sizes', []),
        )]);
        $with = $this->with($request, $user->shop);
        $methodChanged = $request->input('with_for') !== $request->input('method');
        if ($methodChanged) {
            // Fields that come with another way are answered as they will stand, not as missing.
            $request->merge(['shape' => $shape] + $with['stands']);
        }
        [$typed, $wrong, $still] = $this->answer->typed($request, $user);
        $edited = $user->shop->parts()->find($request->integer('editing'));
        $part = $typed === null ? null : $this->answer->unsaved($typed, $user->shop, $edited);
        $answer = $this->answer->to($part, $edited, $wrong, $still);
        $better = $edited === null && $typed !== null ? $this->answer->better($request, $answer['planned'], $method, $user->shop) : [];
        if ($better !== []) {
            // What stands there nobody picked: for so large a part the shelf has what hands spread in time.
            $request->merge($better);
            $with = $this->with($request, $user->shop);
            $answer = $this->answer->to($this->answer->unsaved($better + $typed, $user->shop));
        }
        $shapeChanged = $request->input('sizes_for') !== "{$shape}/".$request->input('unit');

        return view('parts.fragments', [
            'answer' => $answer,
            'methodChanged' => $methodChanged || $better !== [],
            'with' => $with,
            'shape' => $shape,
            'shapes' => Shapes::of($method),
            'method' => $method,
            'unit' => (string) $request->input('unit', 'mm'),
            'sizes' => (array) $request->input('sizes', []),
            'shapeChanged' => $shapeChanged,
            'zonesTyped' => $request->boolean('zones_typed') || $shape === 'faces',
            'zoneRows' => ZoneRows::typed($request, $part),
            // Rows that are being typed in are left alone, but for their own button and a new unit.
            'redrawZones' => ! $request->boolean('zones_typed')
                || $shapeChanged
                || (array) $request->input('zones', []) === []
                || in_array($request->header('HX-Trigger-Name'), ['zones_add', 'zones_from_shape'], true),
        ]);
    }

    public function store(
        PartRequest $request,
        Planner $planner,
        WaitsForSupplier $waits,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $shop = $user->shop;
        $columns = $request->columns($shop);
        $this->refuseWhereRefused($this->answer->unsaved($columns, $shop), $planner);
        $part = Part::query()->create($columns + [
            'shop_id' => $shop->id,
            'colour' => ($shop->parts()->count() % self::COLOURS) + 1,
        ]);

        $said = __('form.planned', ['part' => $part->name]);
        $held = $waits->hold($part, $user);
        if ($held !== null) {
            $said .= ' '.__('form.waits', [
                'step' => $format->step($held['step']->step), 'at' => $format->date($held['untilMin']), 'what' => $held['what'],
            ]);
        }

        return redirect()->route('parts.show', $part)->with('notice', $said);
    }

    public function update(PartRequest $request, Part $part, Planner $planner, Formatter $format): RedirectResponse
    {
        $columns = $request->columns($part->shop);
        $this->refuseWhereHeld($part, $columns, $planner, $format);
        $this->refuseWhereRefused($this->answer->unsaved($columns, $part->shop, $part), $planner, $part);
        $tag = $part->letter;
        $part->update($columns);
        $this->keepCustomer($part, $request);

        return redirect()->route('parts.show', $part)->with(
            'notice',
            __('form.changed').($part->letter === $tag ? '' : ' '.__('form.mark_anew', ['old' => $tag, 'new' => $part->letter])),
        );
    }

    /**
     * @param array<string, mixed> $columns
     *
     * @throws ValidationException At each field that rests on something that was done: with the act that holds it.
     */
    private function refuseWhereHeld(Part $part, array $columns, Planner $planner, Formatter $format): void
    {
        if (! $part->isBegun()) {
            return;
        }
        $holds = BriefHolds::of($planner->plan($part)->plan);
        $messages = [];
        foreach (array_intersect(BriefHolds::changed($part, $columns), array_keys($holds)) as $column) {
            $act = $holds[$column];
            $messages[$column] = __('form.held', ['act' => $format->step($act->step), 'at' => $format->when($act->doneAtMin)]);
        }
        if ($messages !== []) {
            throw ValidationException::withMessages($messages);
        }
    }

    /** Whom it is for, where the form asks; quotes keep whom they were given to. */
    private function keepCustomer(Part $part, PartRequest $request): void
    {
        $name = trim((string) $request->validated('customer'));
        if ($name !== '' && $name !== Customer::of($part)?->name) {
            Customer::query()->create(['part_id' => $part->id, 'shop_id' => $part->shop_id, 'name' => $name]);
        }
    }

    private function form(?Part $part, Planner $planner, User $user): View
    {
        $shop = $user->shop;
        // A shop goes on with what it used last.
        $latest = $part ?? $shop->parts()->latest('id')->first();
        $method = Methods::orFirst((string) OldInput::of('method', $part->method ?? 'brush_on'));

        return view('parts.form', [
            'part' => $part,
            'letters' => Letters::free($shop, $part),
            'methods' => array_map(fn (Method $m): string => (string) __('methods.'.$m::code().'.name'), Methods::all()),
            'answer' => $this->answer->to($part === null ? null : $planner->filled($part), $part),
            'holds' => $part?->isBegun() === true ? $this->holdWords($part, $planner) : [],
            'customer' => $part === null ? null : Customer::of($part),
            'zoneRows' => OldInput::rows('zones', ZoneRows::EMPTY)
                ?? ($part === null ? [] : ZoneRows::inUnit(FromPart::zoneRows(FromPart::brief($part)), $part->unit)),
            'shapes' => Shapes::of($method),
        ] + app(MethodForm::class)->of($method, $shop, $part, $latest));
    }

    /** @return array<string, mixed> what the method that was picked asks for, with what was typed of it */
    private function with(Request $request, Shop $shop): array
    {
        $part = $shop->parts()->find($request->integer('editing'));
        $method = Methods::orFirst($request->string('method')->toString());

        return app(MethodForm::class)->of($method, $shop, $part, $part ?? $shop->parts()->latest('id')->first(), $request->all());
    }

    /** @return list<string> what can't be changed any more, each with the act that holds it */
    private function holdWords(Part $part, Planner $planner): array
    {
        $format = app(Formatter::class);
        $by = [];
        foreach (BriefHolds::of($planner->plan($part)->plan) as $column => $step) {
            $name = __('form.holds')[$column] ?? null;
            if ($name !== null) {
                $by[$step->step->key]['what'][$name] = $name;
                $by[$step->step->key]['act'] = __('form.by_act', [
                    'act' => $format->step($step->step), 'at' => $format->when($step->doneAtMin),
                ]);
            }
        }

        return array_values(array_map(fn (array $h): string => ucfirst(implode(', ', $h['what'])).' '.$h['act'], $by));
    }

    /** @throws ValidationException At the field that a refusal is about. */
    private function refuseWhereRefused(Part $part, Planner $planner, ?Part $was = null): void
    {
        try {
            $planned = $planner->plan($part);
            $before = $was === null ? null : $planner->plan($was)->plan;
        } catch (OakGlossFault $e) {
            throw ValidationException::withMessages(['sizes' => ucfirst($e->getMessage()).'.']);
        }
        $messages = [];
        foreach ($planned->plan->refusedSince($before) as $finding) {
            $messages[$finding->field ?? 'shape'][] = $this->sentence($finding);
        }
        if ($messages !== []) {
            throw ValidationException::withMessages($messages);
        }
    }

    private function sentence(Finding $finding): string
    {
        $said = app(Sentences::class)->finding($finding);

        return "{$said['what']} {$said['tip']}";
    }
}
