<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Facades\Cache;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Plan\FactKind;
use OakGloss\Plan\FinishPlan;

/** The choices of a part that are still open, and what each would come to. */
final class OpenChoices
{
    public function __construct(private readonly Planner $planner)
    {
    }

    /**
     * What each choice that is still open would come to. Kept for as long as nothing that it rests on changes.
     *
     * @return list<PricedChoice>
     */
    public function of(PlannedPart $now): array
    {
        $c = FromPart::choices($now->part);
        $options = [];
        foreach (array_intersect($this->open($now->plan), ['wet_out', 'after_wet_out', 'top', 'build_coats']) as $field) {
            $options = [...$options, ...match ($field) {
                'wet_out' => array_map(fn (WetOut $way): array => [$field, $way->value, $c->but(wetOut: $way), $way === $c->wetOut], WetOut::cases()),
                'after_wet_out' => array_map(fn (AfterWetOut $way): array => [$field, $way->value, $c->but(afterWetOut: $way), $way === $c->afterWetOut], AfterWetOut::cases()),
                'top' => array_map(fn (Top $way): array => [$field, $way->value, $c->but(top: $way), $way === $c->top], Top::cases()),
                default => array_map(fn (int $n): array => [$field, (string) $n, $c->but(buildCoats: $n), $n === $now->plan->buildCoats], range(max(1, $now->plan->buildCoats - 1), min(10, $now->plan->buildCoats + 1))),
            }];
        }

        return Cache::remember("priced-{$now->part->id}-{$this->planner->state($now->part->shop)}", 600, fn (): array => array_map(
            fn (array $o): PricedChoice => PricedChoice::of($o[0], $o[1], $o[3], $o[3] ? $now : $this->planner->trial($now, brief: $now->plan->brief->with($o[2]))),
            $options,
        ));
    }

    /**
     * Choices that nothing done so far has settled.
     *
     * @return list<string>
     */
    public function open(FinishPlan $plan): array
    {
        $isOpen = fn (string ...$steps): bool => array_filter($steps, fn (string $key): bool => $plan->step($key)?->isDone() === true) === [];

        return array_values(array_filter(['wet_out', 'after_wet_out', 'top', 'build_coats', 'finish_coats', 'clear_id', 'filler_id', 'stripes'], fn (string $field): bool => match ($field) {
            'wet_out' => $isOpen('wet-out'),
            'after_wet_out' => $isOpen('second', 'nibs'),
            'top', 'finish_coats' => $isOpen('wet-flat'),
            'filler_id' => $isOpen('filler', 'clear', 'varnish-1', 'polish'),
            // Resin that is flatted for polish has no tooth for a clear.
            'clear_id', 'stripes' => $isOpen('clear', 'varnish-1', 'mask-line-1', 'polish') && ($plan->brief->choices->top === Top::Clear || $isOpen('wet-flat')),
            default => $plan->log->of('flat', FactKind::Sanded, FactKind::Skipped) === [],
        }));
    }
}
