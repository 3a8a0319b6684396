<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\KeptPlan;
use App\Models\Part;
use App\Models\PartFact;
use App\Time\ShopTime;
use OakGloss\Fact\Kind\Found;
use OakGloss\Fact\Kind\Looked;
use OakGloss\Fact\Kind\Passed;
use OakGloss\Fact\Kind\PrintRead;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Fact\Kind\Remark;
use OakGloss\Fact\Kind\Told;
use OakGloss\Fact\Kind\Weighed;
use OakGloss\Plan\ModelVersion;
use OakGloss\Schedule\Breach;
use OakGloss\Schedule\KeptPart;

/** Names what moved a part: what of all that its places rest on is other than when they were kept. */
final readonly class WhyMoved
{
    /** Kinds of fact that move no step. */
    private const MOVE_NOTHING = [
        Weighed::KIND, Ready::KIND, Remark::KIND, Looked::KIND, Found::KIND, Told::KIND, PrintRead::KIND, Passed::KIND,
    ];

    /** Mean air of the next day that moved this much explains a change, °C (ours). */
    private const AIR_MOVED_C = 0.3;

    /**
     * @param KeptPlan                $before  the plan as it was kept
     * @param array<string, mixed>    $restsOn what it rests on now
     * @param array<int, KeptPart>    $places  as they were kept, by part
     * @param array<int, Breach>      $broke   by part
     * @param array<int, PlannedPart> $plans
     */
    public function __construct(
        private KeptPlan $before,
        private array $restsOn,
        private array $places,
        private array $broke,
        private array $plans,
    ) {
    }

    /** @return array{because: string, with: array<string, mixed>} */
    public function of(int $id): array
    {
        $breach = $this->broke[$id] ?? null;

        return $this->late($id, $breach) ?? $this->fact($id) ?? $this->shop($id) ?? $this->other($id, $breach) ?? ($breach === null
            ? ['because' => 'better', 'with' => []]
            : ['because' => $breach->code, 'with' => ['step' => $breach->step]]);
    }

    /** @return array{because: string, with: array<string, mixed>}|null a step that was to begin and did not */
    private function late(int $id, ?Breach $breach): ?array
    {
        if ($breach?->late === null) {
            return null;
        }
        $of = (int) ($breach->part ?? $id);
        $with = ['step' => $breach->late, 'planned' => ($this->places[$of]->steps[$breach->late] ?? null)?->startMin];

        return $of === $id
            ? ['because' => 'undone', 'with' => $with]
            : ['because' => 'undone_other', 'with' => $with + ['letter' => $this->letter($of)]];
    }

    /** @return array{because: string, with: array<string, mixed>}|null what was recorded of the part itself */
    private function fact(int $id): ?array
    {
        $fact = PartFact::query()->where('part_id', $id)->where(
            'id',
            '>',
            $this->newestFact($id),
        )->whereNotIn('kind', self::MOVE_NOTHING)->orderByDesc('id')->first();

        return $fact === null
            ? null
            : [
                'because' => 'fact',
                'with' => [
                    'kind' => $fact->kind,
                    'step' => $fact->step,
                    'at' => ShopTime::minutes($fact->happened_at),
                    'planned' => $this->planned($id, $fact),
                ],
            ];
    }

    private function planned(int $id, PartFact $fact): ?float
    {
        $step = ($this->plans[$id] ?? null)?->plan->step($fact->step)?->step;

        return $step === null ? null : ($this->places[$id]->steps[$step->id] ?? null)?->endMin;
    }

    /** @return array{because: string, with: array<string, mixed>}|null brief, hours, numbers, air, models */
    private function shop(int $id): ?array
    {
        $was = $this->before->rests_on;
        if (($was['parts'][$id] ?? null) !== ($this->restsOn['parts'][$id] ?? null)) {
            return ['because' => 'brief', 'with' => []];
        }
        foreach (['hours', 'shop'] as $what) {
            if (($was[$what] ?? null) !== $this->restsOn[$what]) {
                return ['because' => $what, 'with' => []];
            }
        }
        $moved = (float) $this->restsOn['air'] - (float) ($was['air'] ?? $this->restsOn['air']);
        if (abs($moved) >= self::AIR_MOVED_C) {
            return ['because' => $moved < 0.0 ? 'colder' : 'warmer', 'with' => ['c' => abs($moved)]];
        }

        return $this->before->model === ModelVersion::NOW ? null : ['because' => 'model', 'with' => []];
    }

    /** @return array{because: string, with: array<string, mixed>}|null another part that came in, was acted on or broke */
    private function other(int $id, ?Breach $breach): ?array
    {
        $came = array_diff_key($this->restsOn['parts'], $this->before->rests_on['parts'] ?? []);
        if ($came !== []) {
            return ['because' => 'new', 'with' => ['letter' => $this->letter((int) array_key_first($came))]];
        }
        $others = array_filter(
            array_map(intval(...), array_keys($this->restsOn['facts'])),
            fn (int $other): bool =>
                $other !== $id
                    && (int) $this->restsOn['facts'][$other] > $this->newestFact($other)
                    && isset($this->restsOn['parts'][$other]),
        );
        $other = $breach->part ?? array_values($others)[0] ?? array_key_first(array_diff_key($this->broke, [$id => true]));

        return $other === null || ($breach !== null && ! in_array($breach->code, [Breach::BUSY, Breach::THING], true))
            ? null
            : ['because' => 'other', 'with' => ['letter' => $this->letter((int) $other)]];
    }

    private function newestFact(int $part): int
    {
        return (int) ($this->before->rests_on['facts'][$part] ?? 0);
    }

    private function letter(int $part): string
    {
        return (string) Part::query()->whereKey($part)->value('letter');
    }
}
