<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Part;
use App\Models\PartFact;
use App\Planning\Planner;
use App\View\Page\RecordLine;
use Illuminate\View\View;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Plan\PlannedStep;

final class RecordController
{
    public function __invoke(Part $part, Planner $planner): View
    {
        $planned = $planner->plan($part);
        $part->facts->load('user');
        $struck = [];
        foreach ($part->facts as $fact) {
            if ($fact->kind === Struck::KIND) {
                $struck[$fact->target()] = $fact;
            }
        }
        $lines = $part->facts->reject(fn (PartFact $f): bool => $f->kind === Struck::KIND)
            ->map(fn (PartFact $f): RecordLine => new RecordLine($f, $planned->plan->step($f->step), $struck[$f->id] ?? null));

        return view('parts.record', [
            'planned' => $planned,
            'lines' => $lines->values()->all(),
            'others' => $part->shop->parts()->open()->whereKeyNot($part->id)->orderByRaw('length(letter), letter')->get()
                ->mapWithKeys(fn (Part $p): array => [$p->id => "{$p->letter} {$p->name}"])->all(),
            'coats' => array_filter(
                $planned->plan->steps,
                fn (PlannedStep $step): bool => $step->step->layer !== null && $step->isDone() && ! $step->skipped,
            ),
        ]);
    }
}
