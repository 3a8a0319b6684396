<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Part;
use App\Models\PartFact;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\Time\ShopTime;
use OakGloss\Fact\Content;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\Looked;
use OakGloss\Fact\Kind\WayOut;
use OakGloss\Fact\Kind\Weighed;
use OakGloss\Fact\Kind\WentWrong;
use OakGloss\Inspection\Defect;
use OakGloss\Inspection\Lies;
use OakGloss\Inspection\Look;
use OakGloss\Inspection\Mishap;
use OakGloss\Inspection\Remedy;

/** What was found on a demo part while it was worked, what went wrong, and the ways out that were taken. */
final readonly class FoundOnPart
{
    public function __construct(private Planner $planner, private ShopFloor $floor, private int $userId)
    {
    }

    /** @param list<array<string, string|int|float>> $rows of the demo's file: `after` a step, `after_min` minutes */
    public function record(Part $part, array $rows): void
    {
        foreach ($rows as $row) {
            $step = (string) $row['after'];
            $last = $part->facts()->where('step', $step)->orderByDesc('happened_at')->first();
            if ($last === null) {
                throw new \LogicException("{$part->name} was never at {$step}");
            }
            $at = ShopTime::minutes($last->happened_at) + (float) ($row['after_min'] ?? 2.0);
            if (isset($row['mishap'])) {
                $this->pour($part, $step, $at, (float) ($row['grams'] ?? 0.0));
                $wrong = new WentWrong(Mishap::from((string) $row['mishap']), '', (float) ($row['grams'] ?? 0.0));
                $of = $this->keep($part, $step, $at, $wrong);
            } elseif (isset($row['look'])) {
                $this->keep($part, $step, $at, new Looked(Look::from((string) $row['look'])));

                continue;
            } else {
                $of = $this->keep($part, $step, $at, new Found(
                    Defect::from((string) $row['defect']),
                    (string) $row['zone'],
                    isset($row['along']) ? (float) $row['along'] : null,
                    isset($row['across']) ? (float) $row['across'] : null,
                    isset($row['size']) ? (float) $row['size'] : null,
                    (int) ($row['count'] ?? 1),
                    isset($row['depth']) ? (float) $row['depth'] : null,
                ));
            }
            if (isset($row['remedy'])) {
                $this->mend($part, $step, $at, $of->id, $row);
            }
        }
    }

    /** What was in a cup before it was lost: nothing is kicked over that nobody weighed. */
    private function pour(Part $part, string $step, float $at, float $grams): void
    {
        $ratio = $this->planner->planOn($part, $this->floor)->plan->step($step)?->batch?->ratio;
        if ($ratio === null) {
            return;
        }
        $resinG = round($grams / (1.0 + $ratio->hardenerPerResin), 1);
        $this->keep($part, $step, $at - 3.0, new Weighed('resin', $resinG));
        $this->keep($part, $step, $at - 2.0, new Weighed('hardener', round($grams - $resinG, 1)));
    }

    /** @param array<string, string|int|float> $row */
    private function mend(Part $part, string $step, float $at, int $of, array $row): void
    {
        $remedy = Remedy::from((string) $row['remedy']);
        $this->keep($part, $step, $at + 0.5, (new WayOut(
            $of,
            $remedy,
            Lies::InResin,
            (string) ($row['zone'] ?? ''),
            $remedy->isLocal() ? 12.0 : 0.0,
        ))->costing((float) ($row['hands_min'] ?? 0.0), (float) ($row['grams'] ?? 0.0), (float) ($row['later_min'] ?? 0.0)));
        if ($remedy === Remedy::WorkWet) {
            $this->keep($part, "mend-{$of}-1-wet", $at + 4.0, new Done());
        }
    }

    private function keep(Part $part, string $step, float $at, Content $content): PartFact
    {
        $part = Part::query()->with(Part::PLAN_NEEDS)->findOrFail($part->id);
        $ref = $this->planner->planOn($part, $this->floor)->plan->step($step)?->step->ref();

        return PartFact::query()->create([
            'part_id' => $part->id,
            'user_id' => $this->userId,
            'kind' => $content::KIND,
            'step' => $step,
            'role' => $ref?->role,
            'nth' => $ref?->nth,
            'said' => $ref?->name,
            'happened_at' => $this->floor->time->local($at)->utc(),
            'recorded_at' => $this->floor->time->local($at)->utc(),
            'air_c' => round($this->floor->air->at($at), 1),
            'data' => $content->data(),
            'token' => "demo-found-{$part->id}-".PartFact::query()->where('part_id', $part->id)->count(),
        ]);
    }
}
