<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Money\PriceBook;
use App\Planning\PlannedPart;
use App\View\Drawing\CutScale;
use App\View\Drawing\ScratchProfile;
use App\Words\Formatter;
use Illuminate\Support\HtmlString;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\LadderStep;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Role;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SandingWay;
use OakGloss\Plan\Taken;

/**
 * A flatting of a part as the sand room shows it: its ladder, what each paper takes, and how else it may be driven.
 */
final readonly class Flatting
{
    public Ladder $ladder;

    public CutScale $scale;

    public ScratchProfile $profile;

    public bool $isNext;

    /** Whether it may be sanded now. */
    public bool $isNow;

    /**
     * @param list<array{grit: int, pieces: int, has: int|null, byHand: int}> $papers  in the order of the ladder
     * @param list<array{way: SandingWay, minor: int|null, pieces: float}>    $ways
     * @param array<string, int>                                              $changes how often each was done
     * @param list<int>                                                       $buy     papers that the shelf lacks
     */
    public function __construct(
        private PlannedPart $planned,
        public PlannedStep $step,
        public array $papers,
        public array $ways,
        public array $changes,
        public array $buy,
        private Formatter $format,
    ) {
        $this->ladder = $step->ladder ?? throw new \InvalidArgumentException('a flatting has a ladder');
        $this->scale = CutScale::of($step, $this->target());
        $this->profile = ScratchProfile::of($step, $planned->plan->over($step));
        $this->isNext = $step === $planned->plan->next();
        $this->isNow = $this->isNext && $planned->next?->needsHandsNow() === true;
    }

    public function target(): float
    {
        return $this->planned->plan->shop->targetBurnThrough;
    }

    public function isWet(): bool
    {
        return $this->ladder->method === SandingMethod::WetBlock;
    }

    public function driven(): string
    {
        return $this->format->word('driven', $this->ladder->method->value);
    }

    public function when(): string
    {
        if ($this->step->isDone()) {
            return (string) __('sand.done', ['at' => $this->format->date($this->step->doneAtMin)]);
        }

        return (string) __($this->isNow ? 'sand.now' : 'sand.then', [
            'span' => $this->format->span($this->step->handsMin),
            'at' => $this->format->when($this->planned->schedule->slot($this->step->step->key)?->startMin),
        ]);
    }

    /** @return array<string|HtmlString> */
    public function columns(): array
    {
        $pieces = $this->ladder->method === SandingMethod::Orbital ? 'discs' : 'sheets';

        return [...__('sand.columns'), (string) __("sand.pieces.{$pieces}"), new HtmlString((string) __('sand.state'))];
    }

    public function isSanded(LadderStep $rung): bool
    {
        return in_array($rung->grit->number, $this->step->passes, true);
    }

    public function isNextPaper(LadderStep $rung): bool
    {
        return $this->isNext && ! $this->step->isDone() && $this->step->nextGrit() === $rung->grit->number;
    }

    /** @return array<string, string> zones that a pass may go over */
    public function zones(): array
    {
        $zones = $this->planned->plan->brief->coatedZones();

        return ['' => (string) __('sand.all_faces')]
            + array_combine(array_map(fn (Zone $z): string => $z->name, $zones), array_map($this->format->zone(...), $zones));
    }

    /** @return array<int, string> papers of the ladder and of the shelf, coarse to fine */
    public function grits(): array
    {
        $ladder = array_map(fn (LadderStep $s): int => $s->grit->number, $this->ladder->steps);
        $grits = array_unique([...$ladder, ...$this->planned->plan->materials->grits]);
        sort($grits);

        return array_combine($grits, array_map(fn (int $p): string => "P{$p}", $grits));
    }

    /** What was changed and how often; null where nothing was. */
    public function changed(): ?string
    {
        $done = array_filter($this->changes);
        $what = array_map(fn (string $what, int $n): string => "{$n} × {$what}", array_keys($done), $done);

        return $what === [] ? null : (string) __('sand.changed', ['what' => implode(', ', $what)]);
    }

    /** @return array<string> */
    public function budgetColumns(): array
    {
        return [
            (string) __('sand.budget_columns.zone'),
            (string) __('sand.budget_columns.cover'),
            ...array_map(
                fn (LadderStep $s): string => (string) __('sand.budget_columns.after', ['grit' => $s->grit->number]),
                $this->ladder->steps,
            ),
            ...__('sand.budget_ends'),
        ];
    }

    /**
     * What a zone has left after each paper of the ladder; null where that paper does not go over it.
     *
     * @param array{bars: list<array{grit: int, leftUm: float}>} $row
     *
     * @return list<float|null>
     */
    public function after(array $row): array
    {
        // Of a paper that went over it twice the first pass.
        $left = array_column(array_reverse($row['bars']), 'leftUm', 'grit');

        return array_map(fn (LadderStep $s): ?float => $left[$s->grit->number] ?? null, $this->ladder->steps);
    }

    /** Of a ladder that goes over no resin: what it takes, and of what. */
    public function cutsClear(): string
    {
        $plan = $this->planned->plan;
        $clear = $this->step->step->role === Role::FillerFlat ? $plan->filler : $plan->clear;

        $says = match (true) {
            $this->step->step->role === Role::FormFlat => 'sand.cuts_form',
            $clear === null => 'sand.cuts_clear',
            default => 'sand.cuts_clear_of',
        };

        return (string) __($says, [
            'cut' => $this->format->um($this->step->ladder?->totalCutUm() ?? 0.0),
            'dry' => $this->format->um($clear->dryUm ?? 0.0),
            'coats' => $clear->coats ?? 0,
        ]);
    }

    public function wayName(SandingWay $way, bool $short = false): string
    {
        return (string) __($short ? 'sand.way_short' : 'sand.way', [
            'driven' => (string) __("sand.drives.{$way->driven->value}"),
            'grit' => $way->from,
        ]);
    }

    /** `12 half sheets`, `3 discs and 2 half sheets`. */
    public function wayPapers(SandingWay $way): string
    {
        $count = fn (bool $isDisc): int => (int) array_sum(array_map(
            fn (Taken $t): float => ($t->driven === SandingMethod::Orbital) === $isDisc ? $t->quantity : 0.0,
            $way->papers,
        ));
        $says = array_filter(['discs' => $count(true), 'sheets' => $count(false)]);

        return implode(', ', array_map(
            fn (string $what, int $n): string => trans_choice("sand.worn.{$what}", $n),
            array_keys($says),
            $says,
        ));
    }

    public function wayCosts(?int $minor): string
    {
        return $minor === null ? '–' : (string) PriceBook::say($this->planned->part->shop, $minor);
    }

    public function wayLeaves(SandingWay $way): string
    {
        return $way->leftUm === null ? '–' : $this->format->um($way->leftUm);
    }

    public function wayRisk(SandingWay $way): string
    {
        return $way->risk === null ? '–' : $this->format->percent($way->risk);
    }
}
