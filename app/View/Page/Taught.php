<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Resin;
use App\Money\LoggedMinutes;
use App\Planning\PaceBook;
use App\Planning\PlannedPart;
use App\Words\Formatter;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\GlossRead;
use OakGloss\Fact\Kind\Measured;
use OakGloss\Fact\Kind\PaperTried;
use OakGloss\Fact\Kind\PartWeighed;
use OakGloss\Fact\Kind\Touched;
use OakGloss\Method\Slot;

/** What a trial panel has taught so far, and what it would still teach: pace, film, minutes and gloss. */
final readonly class Taught
{
    public function __construct(private PlannedPart $planned, private PaceBook $paces, private Formatter $format)
    {
    }

    /** @return list<array{what: string, says: string|null, url: string}> null where nothing was read yet */
    public function lines(): array
    {
        $part = $this->planned->part;

        return [
            ['what' => 'pace', 'says' => $this->pace(), 'url' => route('bench')],
            ['what' => 'film', 'says' => $this->film(), 'url' => route('parts.film', $part)],
            ['what' => 'minutes', 'says' => $this->minutes(), 'url' => route('parts.record', $part)],
            ['what' => 'gloss', 'says' => $this->gloss(), 'url' => route('parts.clear', $part)],
        ];
    }

    private function pace(): ?string
    {
        $checks = count($this->planned->plan->log->all(Touched::class, PaperTried::class));
        $resin = $this->planned->part->inSlot(Slot::Skin)?->resin;
        $pace = $resin instanceof Resin ? $this->paces->pace($resin) : null;

        return $checks === 0 || $pace === null ? null : trans_choice('parts.trial.pace', $checks, [
            'factor' => number_format($pace->factor, 2), 'doubt' => $this->format->percent($pace->sigma), 'resin' => $resin->name,
        ]);
    }

    private function film(): ?string
    {
        $readings = count($this->planned->plan->log->all(Measured::class, PartWeighed::class));

        return $readings === 0 ? null : trans_choice('parts.trial.film', $readings);
    }

    private function minutes(): ?string
    {
        [$logged, $planned] = [0.0, 0.0];
        foreach ($this->planned->plan->steps as $step) {
            $took = $step->isDone() ? LoggedMinutes::logged($this->planned, $step) : null;
            $logged += $took ?? 0.0;
            $planned += $took === null ? 0.0 : $step->handsMin;
        }

        return $logged <= 0.0 ? null : (string) __('parts.trial.minutes', [
            'logged' => $this->format->span($logged), 'planned' => $this->format->span($planned),
        ]);
    }

    private function gloss(): ?string
    {
        $read = array_map(fn (Fact $f): float => $f->content->gu, $this->planned->plan->log->all(GlossRead::class));

        return $read === [] ? null : trans_choice('parts.trial.gloss', count($read), [
            'gu' => number_format(array_sum($read) / count($read), 0),
        ]);
    }
}
