<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\User;
use App\Planning\Letters;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\Stock\Ledger;
use App\Stock\TakenFrom;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OakGloss\Fact\Content;
use OakGloss\Fact\Kind\Struck;

/** Writes facts. Called under the write lock of the act that they belong to. */
final class Recorder
{
    private int $written = 0;

    public function __construct(
        private readonly Planner $planner,
        private readonly Request $request,
        private readonly TakenFrom $takenFrom,
        private readonly Ledger $ledger,
    ) {
    }

    public function record(Part $part, User $user, ShopFloor $floor, string $step, Content $content, ?float $atMin = null): PartFact
    {
        $at = $atMin ?? $floor->nowMin;
        $ref = $this->planner->ref($part, $step);
        $before = $this->takes($content) ? $this->planner->plan($part) : null;

        return DB::transaction(function () use ($part, $user, $floor, $step, $content, $at, $ref, $before): PartFact {
            $fact = PartFact::query()->create([
                'part_id' => $part->id,
                'token' => $this->token(),
                'user_id' => $user->id,
                'kind' => $content::KIND,
                'step' => $step,
                'role' => $ref?->role,
                'nth' => $ref?->nth,
                'said' => $ref?->name,
                'happened_at' => $floor->time->local($at)->utc(),
                'recorded_at' => $floor->time->local($floor->nowMin)->utc(),
                'air_c' => round($floor->air->at($at), 1),
                'data' => $content->data(),
            ]);
            if ($before !== null) {
                $this->ledger->take($fact, $part->shop_id, $this->takenFrom->byFact($before, $fact));
            }
            if ($content instanceof Struck) {
                $struck = PartFact::query()->where('part_id', $part->id)->find($content->target);
                $struck === null ?: $this->ledger->giveBack($struck, $user, $fact->recorded_at);
            }
            $this->settle($part, $floor);

            return $fact;
        });
    }

    /** Whether something may go from the shelf with it; what only looks, decides or strikes takes nothing. */
    private function takes(Content $content): bool
    {
        return $content::IS_WORK && ! $content instanceof Struck;
    }

    /** By the mark of the form and the order of its facts: a name that no form can send. */
    private function token(): string
    {
        $mark = $this->request->input('token');

        return (is_string($mark) ? $mark : (string) Str::uuid()).':'.++$this->written;
    }

    /** Notes when the part's last step was done, or that it is open again. */
    public function settle(Part $part, ShopFloor $floor): void
    {
        $plan = $this->planner->chain($part)->plan;
        $done = $plan->next() === null ? $plan->lastDone()?->doneAtMin : null;
        if ($done === null
            && $part->finished_at !== null
            && $part->shop->parts()->open()->where('letter', $part->letter)->exists()) {
            // While it was finished its tag went to another part.
            $part->update(['letter' => Letters::free($part->shop)[0]]);
        }
        $part->update(['finished_at' => $done === null ? null : $floor->time->local($done)->utc()]);
    }
}
