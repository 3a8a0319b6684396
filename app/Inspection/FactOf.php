<?php

declare(strict_types=1);

namespace App\Inspection;

use App\Models\Part;
use App\Models\Photo;
use App\Models\User;
use App\Planning\PlannedPart;
use App\Planning\ShopFloor;
use Illuminate\Validation\ValidationException;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Mishap;
use OakGloss\Plan\DefectState;

/** What a defect is recorded of, and defects as they stand. */
final class FactOf
{
    /**
     * The step that a defect lies on: what was done last, or what comes first.
     *
     * @throws ValidationException If the part has no step at all.
     */
    public static function stepNow(PlannedPart $planned): string
    {
        return ($planned->plan->lastDone() ?? $planned->plan->next())->step->key
            ?? throw ValidationException::withMessages(['act' => __('inspect.look_none')]);
    }

    /** A mishap with a cup is of the coat that it was mixed for: the next one, or the one that just went on. */
    public static function cupStep(PlannedPart $planned, Mishap $mishap): string
    {
        $next = $planned->plan->next();
        $isMixed = $next !== null && $planned->plan->log->weighedG($next->step->key, 'resin') > 0.0;

        return match (true) {
            $mishap !== Mishap::WrongJar && $mishap->emptiesCup() && $next?->batch !== null, $isMixed => $next->step->key,
            $mishap === Mishap::WrongJar => $planned->plan->lastCoat()->step->key ?? self::stepNow($planned),
            default => self::stepNow($planned),
        };
    }

    /** What of a cup is gone with it, grams. */
    public static function lostG(PlannedPart $planned, string $step, Mishap $mishap): ?float
    {
        if (! $mishap->emptiesCup()) {
            return null;
        }
        $grams = array_sum(array_map(
            fn (string $jar): float => $planned->plan->log->weighedG($step, $jar),
            ['resin', 'hardener', 'pigment'],
        ));

        return $grams > 0.0 ? round($grams, 1) : null;
    }

    /** @return Fact<Found|WentWrong> 404 where it is none, or was struck out */
    public static function standing(PlannedPart $planned, int $id): Fact
    {
        foreach ($planned->plan->log->everAll(Found::class, WentWrong::class) as $fact) {
            if ($fact->id === $id) {
                return $fact;
            }
        }
        abort(404);
    }

    /**
     * Whether a way out of it is being worked on.
     *
     * @param Fact<Found|WentWrong> $of
     */
    public static function isUnderWay(PlannedPart $planned, Fact $of): bool
    {
        if (DefectState::wayOf($planned->plan->log, $of->id) === null) {
            return false;
        }
        foreach ($planned->plan->ahead() as $step) {
            if (str_starts_with($step->step->key, "mend-{$of->id}-")) {
                return true;
            }
        }

        return false;
    }

    /** @param array{bytes: string, width: int, height: int} $picture */
    public static function keepPhoto(Part $part, User $user, array $picture, ShopFloor $floor): Photo
    {
        return Photo::query()->create($picture + [
            'part_id' => $part->id, 'user_id' => $user->id, 'taken_at' => $floor->time->local($floor->nowMin)->utc(),
        ]);
    }
}
