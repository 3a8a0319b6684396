<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use App\Words\Formatter;
use OakGloss\Method\Role;
use OakGloss\Method\Stage;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\Stages;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\StepTime;

/** A step of a part as one line of its list of coats. */
final readonly class CoatRow
{
    public ?StepTime $time;

    public bool $isNext;

    private function __construct(public PlannedStep $step, private PlannedPart $planned, private Formatter $format)
    {
        $this->time = $planned->schedule->slot($step->step->key);
        $this->isNext = $step === $planned->plan->next();
    }

    /**
     * @return list<array{stage: Stage, rows: list<self>, done: int, last: int}> in the order of the work; `last` is the number of
     *                                                                           a stage's last step in the whole plan
     */
    public static function byStage(PlannedPart $planned, Formatter $format): array
    {
        [$stages, $last] = [[], 0];
        foreach (Stages::of($planned->plan) as ['stage' => $stage, 'steps' => $steps]) {
            $last += count($steps);
            $stages[] = [
                'stage' => $stage,
                'rows' => array_map(fn (PlannedStep $step): self => new self($step, $planned, $format), $steps),
                'done' => count(array_filter($steps, fn (PlannedStep $step): bool => $step->isDone())),
                'last' => $last,
            ];
        }

        return $stages;
    }

    /** @return list<self> in the order of the work */
    public static function all(PlannedPart $planned, Formatter $format): array
    {
        return array_map(fn (PlannedStep $step): self => new self($step, $planned, $format), $planned->plan->steps);
    }

    /** The state that colours what is next; null of any other step. */
    public function state(): ?string
    {
        return $this->isNext ? ($this->planned->next->state ?? ActState::Ready)->value : null;
    }

    public function swatch(): string
    {
        $layer = $this->step->step->layer;

        return match (true) {
            $layer === null => $this->step->step->kind->value,
            $this->step->step->role->isPly() => StepKind::Lay->value,
            default => $layer->builds ? 'resin' : 'base',
        };
    }

    /** Whether the section through the skin looks otherwise after this step. */
    public function isInSection(): bool
    {
        $step = $this->step->step;

        return $this->step->zones !== []
            && in_array($step->kind, [StepKind::Coat, StepKind::Flat], true)
            && $step->grits?->inClear !== true;
    }

    /** Where its window is missed or let go. */
    public function lost(): ?string
    {
        return $this->step->isDone() ? null : $this->format->lost($this->planned->hasMissed($this->step), $this->time?->way);
    }

    /** @return list<string> papers, and what is not needed, in half a line each */
    public function asides(): array
    {
        $ladder = $this->step->ladder;
        $grits = $this->step->step->grits;

        return array_values(array_filter([
            $ladder !== null
                ? implode(' ', array_map(fn ($rung): string => "P{$rung->grit->number}", $ladder->steps))
                : ($grits === null ? null : "P{$grits->to}"),
            $this->step->skipped ? (string) __('parts.row.skipped') : null,
        ]));
    }

    /** @return list<string> what has to be known before the day comes: the window to be kept free for, and what may go wrong */
    public function minds(): array
    {
        $only = $this->step->step->layer?->only;

        return array_values(array_filter([
            $this->window(),
            $this->step->isDone() ? null : $this->cutsThrough(),
            $only === null ? null : (string) __('parts.row.only', ['zones' => implode(', ', $only)]),
        ]));
    }

    /** @return list<string> what else is known of the step before it is done */
    public function notes(): array
    {
        $notes = $this->step->isDone() ? [] : [
            $this->ready(),
            $this->format->leaves($this->step),
            $this->format->supplies($this->planned->plan, $this->step),
            $this->step->step->kind === StepKind::Lay
                ? (string) __('parts.row.piece', ['piece' => $this->format->piece($this->planned->plan->brief->piece())])
                : null,
        ];

        return array_values(array_filter([...$notes, $this->cloth()]));
    }

    /** Which cloth a ply is of, where there are two. */
    private function cloth(): ?string
    {
        $materials = $this->planned->plan->materials;
        if (! $this->step->step->role->isPly() || $materials->innerCloth === null) {
            return null;
        }

        return ($this->step->step->role === Role::InnerPly ? $materials->innerCloth : $materials->cloth)->name;
    }

    /** Minute at which the sheet has it; null of what is done. */
    public function startMin(): ?float
    {
        return $this->step->isDone() ? null : $this->time?->startMin;
    }

    /** With its day, where it stands among layers. */
    public function when(): string
    {
        return $this->isNow() ? (string) __('parts.row.now') : $this->format->day($this->atMin());
    }

    /** Under the heading of its day. */
    public function clock(): string
    {
        return match (true) {
            $this->atMin() === null => '–',
            $this->isNow() && $this->isSameDay($this->planned->floor->nowMin) => (string) __('parts.row.now'),
            default => $this->format->clock($this->atMin()),
        };
    }

    /** Minute at which it was done, or at which the sheet has it. */
    public function atMin(): ?float
    {
        return $this->step->doneAtMin ?? $this->time?->startMin;
    }

    private function isNow(): bool
    {
        return ! $this->step->isDone() && $this->isNext && $this->planned->next?->needsHandsNow() === true;
    }

    private function window(): ?string
    {
        $next = $this->planned->next;
        if ($this->isNext && $next?->state === ActState::Open && $next->window !== null) {
            return (string) __('parts.row.open', [
                'at' => $this->format->when($next->changesAtMin()),
                'sure' => $this->format->sure($next->window),
            ]);
        }
        $window = $this->step->isDone() ? null : $this->time?->window;

        $sure = $window?->sure();

        return $window === null ? null : (string) __($sure === null ? 'parts.row.window_unsure' : 'parts.row.window', [
            'between' => $this->between($window->opens->expectedMin, $window->closes->expectedMin),
            'sure' => $sure === null ? '' : $this->between($sure['from'], $sure['until']),
        ]);
    }

    /** By the clock alone where all of it lies on the day of the step. */
    private function between(?float $from, ?float $until): string
    {
        return $from !== null && $until !== null && $this->isSameDay($from) && $this->isSameDay($until)
            ? $this->format->clock($from).' to '.$this->format->clock($until)
            : $this->format->between($from, $until);
    }

    private function isSameDay(float $minute): bool
    {
        return $this->format->time()->dayNumber($minute) === $this->format->time()->dayNumber((float) $this->atMin());
    }

    private function ready(): ?string
    {
        $ready = $this->time?->ready;

        return $ready === null ? null : (string) __('parts.row.ready', [
            'event' => $this->format->word('follow', $this->step->step->follow->kind->value),
            'at' => $this->format->when($ready->expectedMin),
            'spread' => $this->format->spread($ready),
        ]);
    }

    /** Where the paper of a key would go through the cover, if more than the shop bears. */
    private function cutsThrough(): ?string
    {
        $cut = $this->step->keyedThrough();

        $says = $this->step->step->role === Role::Nibs ? 'parts.row.cuts' : 'parts.row.cuts_hand';

        return $cut === null || $cut[1] <= $this->planned->plan->shop->targetBurnThrough ? null : (string) __($says, [
            'cover' => $this->format->um($cut[0]->crownCover($cut[0]->before)->inMicrometres()),
            'share' => $this->format->percent($cut[1]),
            'zone' => $cut[0]->zone->name,
        ]);
    }
}
