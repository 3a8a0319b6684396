<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShelfRequest;
use App\Models\AuditEntry;
use App\Models\Lot;
use App\Models\Resin;
use App\Models\SheetFile;
use App\Models\ShelfItem;
use App\Models\StockMove;
use App\Models\User;
use App\People\Audit;
use App\Planning\PaceBook;
use App\Planning\PartSteps;
use App\Planning\Planner;
use App\Shelf\FromShelf;
use App\Shelf\Kind\Resins;
use App\Shelf\Lineage;
use App\Shelf\Renewal;
use App\Shelf\ShelfKind;
use App\Shelf\ShelfKinds;
use App\Shelf\ShortForm;
use App\Shelf\UnreadableSheet;
use App\Stock\Ledger;
use App\Stock\SheetFiles;
use App\Stock\Stocks;
use App\View\Drawing\CoatLife;
use App\View\Drawing\PaceChart;
use App\View\Drawing\SheetCurve;
use App\View\Page\StockRow;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\OakGlossFault;

/** The shelf: what parts are made with. A changed sheet is a new row; parts already begun keep the old one. */
final class ShelfController
{
    /** Lots and moves of one item that its page lists, the ones that matter first. */
    private const MOST_LOTS = 40;
    private const MOST_MOVES = 30;

    public function index(
        Request $request,
        Planner $planner,
        PartSteps $chains,
        Stocks $stocks,
        Formatter $format,
        #[CurrentUser] User $user,
    ): View {
        $shop = $user->shop;
        $sought = trim($request->string('q')->toString());
        $kinds = ShelfKinds::all();
        $asked = $request->string('kind')->toString();
        $tab = match (true) {
            $sought !== '' => null,
            isset($kinds[$asked]) => $asked,
            default => Resins::NAME,
        };
        [$items, $rows, $counts, $short] = [[], [], [], []];
        $stock = $stocks->of($shop);
        foreach ($kinds as $name => $kind) {
            $all = $kind->of($shop);
            $counts[$name] = $all->count();
            foreach ($all as $item) {
                $rows["{$name}-{$item->id}"] = StockRow::of($stock, $kind, $item);
                $isShort = array_filter($rows["{$name}-{$item->id}"], fn (StockRow $row): bool => $row->isMissed()) !== [];
                $short += $isShort ? [$name => true] : [];
            }
            if ($tab === $name) {
                $items[$name] = $all;
            } elseif ($tab === null) {
                $items[$name] = $all->filter(fn (ShelfItem $item): bool => Str::contains(
                    $kind->title($item).' '.$kind->line($item, $format),
                    $sought,
                    ignoreCase: true,
                ));
            }
        }
        $airC = $planner->floor($shop)->airNowC();

        return view('shelf.index', [
            'kinds' => $kinds,
            'tab' => $tab,
            'sought' => $sought,
            'counts' => $counts,
            'short' => $short,
            'items' => $items,
            'airC' => $airC,
            'rows' => $rows,
            'toBuy' => count($stock->shopping()),
            'lives' => collect($items['resins'] ?? [])->mapWithKeys(
                fn (ShelfItem $r): array => $r instanceof Resin ? [$r->id => $this->life($chains, $r, $airC)] : [],
            ),
        ]);
    }

    public function create(ShelfKind $kind, Planner $planner, #[CurrentUser] User $user): View
    {
        return $this->form($kind, $kind->make(), $planner, $user);
    }

    /** What nearly every label says, and no more. */
    public function short(ShortForm $form): View
    {
        return view('shelf.short', ['form' => $form, 'kind' => $form->kind()]);
    }

    /** The sheet is what its maker wrote, and what was assumed is so: somebody looked. */
    public function confirm(ShelfKind $kind, int $id, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $item = $kind->find($id);
        Gate::authorize('see', $item);
        // What a millilitre weighs is weighed or typed: a press makes no ratio by weight of assumed densities.
        $stays = $item instanceof Resin && $item->isByCup() ? array_values(array_intersect($item->assumed(), Resin::DENSITIES)) : [];
        $item->update(['made_up' => false] + ($item->assumed() === [] ? [] : ['assumed' => $stays]));
        $audit->note($user->shop_id, 'sheet_confirmed', $user, ['name' => $item->name, 'id' => $item->id, 'kind' => $kind::NAME]);

        return redirect()->route('shelf.edit', [$kind::NAME, $item->id])->with('notice', __('shelf.confirmed', ['name' => $item->name]));
    }

    /** A hundred millilitres of each jar were weighed: a ratio of volumes is one of grams from now on. */
    public function densities(Request $request, ShelfKind $kind, int $id, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $old = $kind->find($id);
        Gate::authorize('see', $old);
        abort_unless($old instanceof Resin && $old->isByCup(), 404);
        $newest = $this->newest($old);
        if (! $newest->is($old)) {
            $to = redirect()->route('shelf.edit', [$kind::NAME, $newest->id]);

            return $to->withErrors(['sheet' => __('shelf.changed', ['name' => $newest->name])]);
        }
        $names = array_map(
            fn (string $jar): string => __('shelf.unproven.weigh', ['jar' => $jar]),
            ['resin_100_ml' => 'resin', 'hardener_100_ml' => 'hardener'],
        );
        $given = $request->validate(array_fill_keys(array_keys($names), ['required', 'numeric', 'between:50,300']), [], $names);
        [$resin, $hardener] = [(float) $given['resin_100_ml'] / 100.0, (float) $given['hardener_100_ml'] / 100.0];
        [$of, $to] = [(float) $old->volume_resin, (float) $old->volume_hardener];
        $mixed = ($of * $resin + $to * $hardener) / ($of + $to);
        $known = ['density_resin_g_cm3' => $resin, 'density_hardener_g_cm3' => $hardener, 'density_mixed_g_cm3' => round($mixed, 3)];
        $new = $old->replicate()->fill($known + ['assumed' => array_values(array_diff($old->assumed, array_keys($known)))]);
        Renewal::of($kind, $old, $new);
        $audit->note($user->shop_id, 'sheet_changed', $user, ['name' => $new->name, 'id' => $new->id, 'kind' => $kind::NAME]);

        return redirect()->route('shelf.edit', [$kind::NAME, $new->id])->with('notice', __('shelf.unproven.weighed'));
    }

    public function edit(Request $request, ShelfKind $kind, int $id, Planner $planner, #[CurrentUser] User $user): View|RedirectResponse
    {
        $item = $kind->find($id);
        Gate::authorize('see', $item);
        $newest = $this->newest($item);

        return $newest->is($item)
            ? $this->form($kind, $item, $planner, $user, $request->string('section')->toString())
            : redirect()->route('shelf.edit', [$kind::NAME, $newest->id] + $request->only('section'));
    }

    public function store(ShelfRequest $request, ShelfKind $kind, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $item = $request->item($user->shop_id);
        $item->save();
        $audit->note($user->shop_id, 'sheet_added', $user, ['name' => $item->name]);

        $to = $request->assumed === []
            ? redirect()->route('shelf', ['kind' => $kind::NAME])
            : redirect()->route('shelf.edit', [$kind::NAME, $item->id]);

        return $to->with('notice', __('shelf.added', ['name' => $item->name]));
    }

    public function update(ShelfRequest $request, ShelfKind $kind, int $id, Audit $audit, #[CurrentUser] User $user): RedirectResponse
    {
        $old = $kind->find($id);
        $this->refuseWhereChangedMeanwhile($kind, $old);
        $new = $request->item($user->shop_id);
        // What the form does not ask is not lost with it.
        $new->fill(array_diff_key($old->only($kind->besides()), array_flip(['sheet', 'catalyst'])));
        // What somebody typed is assumed no more; what stands as it stood is.
        if ($old->assumed() !== []) {
            $new->setAttribute('assumed', array_values(array_filter(
                $old->assumed(),
                fn (string $field): bool => $old->getAttribute($field) == $new->getAttribute($field),
            )));
        }
        Renewal::of($kind, $old, $new);
        app(Ledger::class)->mirrorAll($user->shop_id);
        $audit->note($user->shop_id, 'sheet_changed', $user, ['name' => $new->name, 'id' => $new->id, 'kind' => $kind::NAME]);

        $to = $request->section() === null
            ? redirect()->route('shelf', ['kind' => $kind::NAME])
            : redirect()->route('shelf.edit', [$kind::NAME, $new->id, 'section' => $request->section()]);

        return $to->with('notice', __('shelf.changed', ['name' => $new->name]));
    }

    /** @return array{rows: list<StockRow>, files: list<SheetFile>, lots: list<Lot>, moves: list<StockMove>} */
    private function stockOf(ShelfKind $kind, ShelfItem $item, User $user): array
    {
        $stock = app(Stocks::class)->of($user->shop);
        $ids = app(Lineage::class)->all($kind::NAME, $item->id);
        $lots = Lot::query()->where('shop_id', $user->shop_id)->where('kind', $kind::NAME)->whereIn('item_id', $ids)
            ->orderByRaw('left <= 0')->orderByRaw('use_by is null')->orderBy('use_by')->orderBy('id')->limit(self::MOST_LOTS)->get();
        $moves = StockMove::query()->with(['lot', 'user', 'part'])->where('shop_id', $user->shop_id)->where('kind', $kind::NAME)
            ->whereIn('item_id', $ids)->orderByDesc('id')->limit(self::MOST_MOVES)->get();

        $files = app(SheetFiles::class)->newest($user->shop_id, $kind::NAME, $item->id);

        return [
            'rows' => StockRow::of($stock, $kind, $item),
            'files' => array_values($files->all()),
            'lots' => array_values($lots->all()),
            'moves' => array_values($moves->all()),
        ];
    }

    /** Null for a kept sheet that makes no sense. */
    private function life(PartSteps $chains, Resin $resin, float $airC): ?CoatLife
    {
        try {
            return CoatLife::of($chains->resin($resin), $airC);
        } catch (OakGlossFault) {
            return null;
        }
    }

    private function newest(ShelfItem $item): ShelfItem
    {
        $seen = [];
        // A row that leads back to itself, however it came there, is the newest.
        while ($item->superseded_by_id !== null && ! isset($seen[$item->id])) {
            $seen[$item->id] = true;
            $item = $item->newQuery()->findOrFail($item->superseded_by_id);
        }

        return $item;
    }

    /** @throws ValidationException At each field that somebody else changed while this form was open; what is typed stays. */
    private function refuseWhereChangedMeanwhile(ShelfKind $kind, ShelfItem $old): void
    {
        $newest = $this->newest($old);
        if ($newest->is($old)) {
            return;
        }
        $entry = AuditEntry::query()->where('shop_id', $old->shop_id)->where('what', 'sheet_changed')
            ->where('about->id', $newest->id)->where('about->kind', $kind::NAME)->with('user')->first();
        $who = $entry->user->name ?? 'Somebody';
        $said = fn (mixed $value): string => match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_array($value) => implode(', ', array_map(fn (array $r): string => "{$r['minutes']} min at {$r['c']} °C", $value)),
            default => $value === null ? __('shelf.nothing') : (string) $value,
        };
        $messages = [];
        foreach (['name', 'sheet', ...array_map(fn (Field $f): string => $f->name, $kind->fields())] as $field) {
            [$was, $is] = [$old->getAttribute($field), $newest->getAttribute($field)];
            if ($was != $is) {
                $messages[$field] = __('shelf.meanwhile', ['who' => $who, 'was' => $said($was), 'is' => $said($is)]);
            }
        }

        throw ValidationException::withMessages($messages ?: ['name' => __('shelf.meanwhile_all', ['who' => $who])])->redirectTo(route(
            'shelf.edit',
            [$kind::NAME, $newest->id] + request()->only('section'),
        ));
    }

    private function form(ShelfKind $kind, ShelfItem $item, Planner $planner, User $user, string $section = ''): View
    {
        // All of it is one page of a new sheet, and where all of it was sent and something of it is wrong.
        $isWhole = ! $item->exists || ($section === '' && session()->has('errors'));
        $sections = $isWhole ? [] : $kind->sections();
        $section = $sections === [] ? null : (isset($sections[$section]) ? $section : 'stock');
        $paces = app(PaceBook::class);
        $checks = [];
        $resin = $broken = null;
        try {
            $resin = $item instanceof Resin && $item->exists ? FromShelf::resin($item) : null;
        } catch (UnreadableSheet $e) {
            $broken = $e->getMessage();
        }
        $checks = $resin !== null && $item instanceof Resin ? $paces->checks($item) : [];
        $hasPace = $item instanceof Resin && $checks !== [];

        return view('shelf.form', [
            'kind' => $kind,
            'sections' => $sections === [] ? [] : ['stock' => (string) __('shelf.section.stock')] + $sections,
            'section' => $section,
            'stock' => $item->exists ? $this->stockOf($kind, $item, $user) : null,
            'item' => $item,
            'broken' => $broken,
            'curve' => $item instanceof Resin && $resin !== null
                ? SheetCurve::of($resin, $item->sheet, $planner->floor($user->shop)->airNowC())
                : null,
            'resin' => $resin,
            'pace' => $hasPace ? $paces->pace($item) : null,
            'paceChart' => $hasPace ? PaceChart::of($item, $checks, $paces->pace($item)) : null,
            'paceCount' => $hasPace ? $paces->count($item) : null,
        ]);
    }
}
