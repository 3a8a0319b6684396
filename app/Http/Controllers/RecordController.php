<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Part;
use App\Models\PartFact;
use App\Planning\Planner;
use Illuminate\View\View;
use OakGloss\Fact\Kind\Struck;

final class RecordController
{
    public function __invoke(Part $part, Planner $planner): View
    {
        $part->load(['shop', 'baseResin', 'clearResin', 'cloth', 'clear', 'filler', 'facts.user']);
        $struck = [];
        foreach ($part->facts as $fact) {
            if ($fact->kind === Struck::KIND) {
                $struck[$fact->target()] = $fact;
            }
        }

        return view('parts.record', [
            'planned' => $planner->plan($part),
            'facts' => $part->facts->reject(fn (PartFact $f): bool => $f->kind === Struck::KIND)->values(),
            'struck' => $struck,
        ]);
    }
}
