<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\User;
use App\Planning\ShopFloor;
use Illuminate\Support\Facades\DB;
use OakGloss\Plan\FactKind;

/** Writes facts. The same press sent twice, by one device or two, is one fact. */
final class Recorder
{
    /** @param array<string, string|int|float> $data */
    public function record(Part $part, User $user, ShopFloor $floor, FactKind $kind, string $step, array $data, string $token, ?float $atMin = null): PartFact
    {
        $at = $atMin ?? $floor->nowMin;

        return DB::transaction(fn (): PartFact => PartFact::query()->firstOrCreate(['token' => $token], [
            'part_id' => $part->id,
            'user_id' => $user->id,
            'kind' => $kind->value,
            'step' => $step,
            'happened_at' => $floor->time->local($at)->utc(),
            'recorded_at' => $floor->time->local($floor->nowMin)->utc(),
            'air_c' => round($floor->air->at($at), 1),
            'data' => $data,
        ]));
    }
}
