<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Recorder;
use App\Models\Paper;
use App\Models\Part;
use App\Models\User;
use App\Money\PriceBook;
use App\Planning\PlannedPart;
use App\Planning\Planner;
use App\Shelf\ShelfPapers;
use App\Stock\TakenFrom;
use App\View\Page\Flatting;
use App\Words\Formatter;
use App\Words\Sentences;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Cost\Material;
use OakGloss\Fact\Kind\Changed;
use OakGloss\Fact\Kind\Decided;
use OakGloss\Method\StepKind;
use OakGloss\Plan\Consumption;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SandingWay;
use OakGloss\Plan\SandingWays;
use OakGloss\Plan\Taken;

/** The sand room: how far each paper may cut on each zone, what was sanded, and what comes next. */
final class SandController
{
    public function __construct(private readonly TakenFrom $takenFrom, private readonly PriceBook $prices)
    {
    }

    public function show(Part $part, Planner $planner, Formatter $format, Sentences $sentences): View
    {
        $planned = $planner->plan($part);
        $flats = array_values(array_filter(
            $planned->plan->steps,
            fn (PlannedStep $s): bool => $s->step->kind === StepKind::Flat && $s->ladder !== null,
        ));

        $answer = FilmAnswer::of($planned->plan);

        return view('parts.sand', [
            'planned' => $planned,
            'answer' => $answer,
            'said' => $sentences->answer($answer),
            'flats' => array_map(fn (PlannedStep $s): Flatting => new Flatting(
                $planned,
                $s,
                $this->papers($planned, $s),
                $s->isDone() ? [] : $this->priced($planned, $s),
                $this->changes($planned, $s),
                $this->toBuy($planned, $s),
                $format,
            ), $flats),
        ]);
    }

    /** How a flatting that is ahead is to be driven, and which paper begins it. */
    public function decide(
        Request $request,
        Part $part,
        string $step,
        Planner $planner,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['way' => ['required', 'regex:/^(wet_block|dry_block|orbital)-\d+$/']]);
        [$driven, $from] = explode('-', (string) $given['way']);
        if (! isset(Grit::MEAN_GRAIN_UM[(int) $from])) {
            throw ValidationException::withMessages(['act' => __('sand.no_paper', ['grit' => $from])]);
        }
        $planned = $planner->plan($part);
        $flat = $planned->plan->step($step);
        if ($flat?->step->kind !== StepKind::Flat || $flat->isDone() || ($flat->sanding->facts ?? []) !== []) {
            throw ValidationException::withMessages(['act' => __('sand.settled')]);
        }
        if ($driven === SandingMethod::Orbital->value && ! SandingWays::hasMachine($planned->plan)) {
            throw ValidationException::withMessages(['act' => __('sand.no_machine')]);
        }
        $recorder->record($part, $user, $planned->floor, $step, new Decided(driven: SandingMethod::from($driven), fromGrit: (int) $from));

        $taken = __('sand.is_taken', ['driven' => $format->word('driven', $driven), 'grit' => $from]);

        return redirect()->route('parts.sand', $part)->with('notice', $taken);
    }

    /** The last flatting waits until the weave will not print back. */
    public function wait(
        Part $part,
        string $step,
        Planner $planner,
        Recorder $recorder,
        Formatter $format,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $planned = $planner->plan($part);
        $print = $planned->print();
        if ($print === null || $print['step']->step->key !== $step || $print['waitUntilMin'] === null) {
            throw ValidationException::withMessages(['act' => __('sand.no_wait')]);
        }
        $recorder->record($part, $user, $planned->floor, $step, new Decided(notBefore: $print['waitUntilMin']));

        return back()->with('notice', __('sand.waits', [
            'step' => $format->step($print['step']->step),
            'at' => $format->date($print['waitUntilMin']),
        ]));
    }

    /** Clean water, or a fresh piece of the same paper. */
    public function change(
        Request $request,
        Part $part,
        string $step,
        Planner $planner,
        Recorder $recorder,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(['what' => ['required', Rule::in(Changed::WHAT)]]);
        $planned = $planner->plan($part);
        if ($planned->plan->step($step)?->step->kind !== StepKind::Flat) {
            throw ValidationException::withMessages(['act' => __('sand.no_flatting')]);
        }
        $recorder->record($part, $user, $planned->floor, $step, new Changed($given['what']));

        return redirect()->route('parts.sand', $part)->with('notice', __('sand.kept'));
    }

    /**
     * Pieces of each paper that the ladder will wear out, and what the shelf has; null where nobody counts them.
     *
     * @return list<array{grit: int, pieces: int, has: int|null, byHand: int}>
     */
    private function papers(PlannedPart $planned, PlannedStep $flat): array
    {
        $ladder = $flat->ladder ?? throw new \LogicException('a flatting has a ladder');
        $stock = Paper::query()->where('shop_id', $planned->part->shop_id)->current()
            ->whereIn(
                'form',
                ShelfPapers::FORMS[$ladder->method->value],
            )->get(['grit', 'sheets'])->groupBy('grit');
        $pieces = fn (Grit $grit, bool $isIts): int => (int) array_sum(array_map(
            fn (Taken $t): float => $t->grit?->number === $grit->number && ($t->driven === $ladder->method) === $isIts ? $t->quantity : 0.0,
            Consumption::ofLadder($planned->plan, $ladder),
        ));

        return array_map(fn (LadderStep $rung): array => [
            'grit' => $rung->grit->number,
            'pieces' => $pieces($rung->grit, true),
            'byHand' => $pieces($rung->grit, false),
            'has' => $stock->get($rung->grit->number)?->contains('sheets', null) === true
                ? null : (int) $stock->get($rung->grit->number)?->sum('sheets'),
        ], $ladder->steps);
    }

    /**
     * Each with its hands and papers in money, where they have a price.
     *
     * @return list<array{way: SandingWay, minor: int|null, pieces: float}>
     */
    private function priced(PlannedPart $planned, PlannedStep $flat): array
    {
        $priced = [];
        foreach (SandingWays::of($planned->plan, $flat) as $way) {
            $minor = PriceBook::hands($planned->part->shop, $way->ladder->minutes);
            foreach ($this->takenFrom->jars($planned->part, $planned->plan->log, $flat->step->key, $way->papers) as $used) {
                $price = $this->prices->last($planned->part->shop_id, $used->jar);
                $minor = $price === null || $minor === null ? $minor : $minor + (new Material($used->quantity, ...$price))->minor();
            }
            $priced[] = ['way' => $way, 'minor' => $minor, 'pieces' => array_sum(array_column($way->papers, 'quantity'))];
        }

        return $priced;
    }

    /** @return array<string, int> how often water and paper were changed, wiped, and guide coat laid */
    private function changes(PlannedPart $planned, PlannedStep $flat): array
    {
        $counts = array_fill_keys(Changed::WHAT, 0);
        foreach ($planned->plan->log->of($flat->step->key, Changed::class) as $fact) {
            $counts[$fact->content->what]++;
        }

        return $counts;
    }

    /**
     * Where the shelf can't bridge a gap: the paper that would.
     *
     * @return list<int>
     */
    private function toBuy(PlannedPart $planned, PlannedStep $flat): array
    {
        $ladder = $flat->ladder;
        $shelf = $ladder === null ? [] : $planned->plan->materials->papersFor($ladder->method);

        return $ladder === null || $flat->isDone()
            ? []
            : array_values(array_filter(
                array_map(fn ($rung): int => $rung->grit->number, $ladder->steps),
                fn (int $p): bool => ! in_array($p, $shelf, true),
            ));
    }
}
