<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\PartFact;
use App\Models\User;
use OakGloss\Fact\Kind\TakenOn;

/** Whose hands are on a part's next step. */
final readonly class WhoHasIt
{
    private function __construct(public User $user, public float $sinceMin)
    {
    }

    /** Null while nobody has said so, or it was given up. */
    public static function of(PlannedPart $planned): ?self
    {
        $key = $planned->next?->step->step->key;
        $fact = $key === null ? null : $planned->plan->log->last($key, TakenOn::class);
        $row = $fact?->content->has === true
            ? $planned->part->facts->first(fn (PartFact $f): bool => $f->id === $fact->id)
            : null;
        $user = $row === null ? null : $planned->floor->shop->people->first(fn (User $u): bool => $u->id === $row->user_id);

        return $fact === null || $user === null ? null : new self($user, $fact->atMin);
    }
}
