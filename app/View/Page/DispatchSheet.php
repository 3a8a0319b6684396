<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use App\Words\Formatter;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Choice\AwayDays;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Choice\SentPrice;
use OakGloss\Method\Role;
use OakGloss\Method\SentOutWork;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SentNotices;

/** What whoever clears, warms or cuts a part has to know of it, and what is looked at when it is back. */
final readonly class DispatchSheet
{
    private function __construct(private PlannedPart $planned, private PlannedStep $step, private Formatter $format)
    {
    }

    /** Null where nothing of the part is sent out. */
    public static function of(PlannedPart $planned, Formatter $format): ?self
    {
        $step = $planned->plan->first(Role::SendOut);

        return $step === null ? null : new self($planned, $step, $format);
    }

    public function work(): SentOutWork
    {
        return $this->planned->plan->brief->choices->of(SentOut::class);
    }

    /** @return array<string, string> line by line, by the name of its word */
    public function lines(): array
    {
        $plan = $this->planned->plan;
        $choices = $plan->brief->choices;
        $leaves = $this->step->doneAtMin ?? $this->planned->schedule->slot($this->step->step->key)?->endMin;
        $scratch = SentNotices::scratch($plan);
        $bare = array_filter($plan->brief->zones, fn (Zone $z): bool => ! $z->kind->isCoated());
        $flat = $plan->brief->developedMm;
        $coat = $plan->lastCoat()?->doneAtMin;
        $price = $choices->of(SentPrice::class);

        return array_filter([
            'size' => $this->format->area($plan->brief->coatedAreaM2())
                .($flat === null ? '' : ', '.$this->format->mm($flat['length']).' × '.$this->format->mm($flat['width'])),
            'substrate' => $this->format->substrate($this->planned->part),
            'resin' => $plan->materials->skinResin->name,
            'cured' => $coat === null || ! is_finite($coat)
                ? ''
                : (string) __('dispatch.cured_since', ['at' => $this->format->date($coat)]),
            'scratch' => $scratch === null ? '' : "P{$scratch->number}",
            'finish' => $this->work() === SentOutWork::Clear ? $this->format->word('finish', $plan->brief->finish) : '',
            'bake' => $this->format->celsius(SentNotices::bakeC($plan)),
            'masked' => $bare === []
                ? (string) __('dispatch.nothing_bare')
                : implode(', ', array_map(fn (Zone $z): string => $z->name, $bare)),
            'leaves' => $this->format->date($leaves),
            'back' => $leaves === null ? '' : $this->format->date($leaves + 1440.0 * $choices->of(AwayDays::class)),
            'price' => $price <= 0.0 ? '' : $this->planned->part->shop->money()->say((int) round(100.0 * $price)),
        ], fn (string $said): bool => $said !== '');
    }
}
