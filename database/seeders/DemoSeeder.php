<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\Recorder;
use App\Devices\ProbeReading;
use App\Devices\StandInProbe;
use App\Models\AirReading;
use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Resin;
use App\Models\Shop;
use App\Models\User;
use App\Planning\PlanKeeper;
use App\Planning\Planner;
use App\Planning\ShopFloor;
use App\Planning\ShopFloors;
use App\Shelf\ShippedShelf;
use App\Stock\Ledger;
use App\Stock\TakenFrom;
use App\Time\ShopClock;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;

/**
 * A made-up workshop with nine parts in different states, made in five ways. Their records are not typed in: each part is planned by
 * the core at the moment its work began, and what the plan put before the demo's "now" is recorded as done.
 */
final class DemoSeeder extends Seeder
{
    private Shop $shop;
    private User $user;
    private ShopFloor $floor;

    public function __construct(
        private readonly ShopClock $clock,
        private readonly Planner $planner,
        private readonly Recorder $recorder,
        private readonly PlanKeeper $keeper,
        private readonly ShopFloors $floors,
    ) {
    }

    public function run(): void
    {
        $workshop = self::json('demo/workshop.json');
        $this->shop = Shop::query()->create($workshop['shop']);
        foreach ($workshop['people'] as $person) {
            $user = User::query()->create($person + [
                'shop_id' => $this->shop->id,
                'password' => (string) config('oak.demo_login.password'),
            ]);
            $this->user ??= $user;
        }
        ShippedShelf::stock($this->shop);
        $time = new ShopTime($this->shop->zone);
        $now = CarbonImmutable::parse((string) config('oak.demo_starts_at'), $this->shop->zone);
        $this->clock->startAt($this->shop->id, $now->utc());
        foreach ($workshop['readings'] as $reading) {
            AirReading::query()->create([
                'shop_id' => $this->shop->id,
                'user_id' => $this->user->id,
                'measured_at' => $now->subMinutes($reading['minutes_ago'])->utc(),
                'air_c' => $reading['air_c'],
                'rh_percent' => $reading['rh_percent'],
            ]);
        }
        foreach (StandInProbe::between($now->subHours(26)->getTimestamp(), $now->getTimestamp()) as $said) {
            $reading = ProbeReading::from($said, $now);
            AirReading::query()->create([
                'shop_id' => $this->shop->id,
                'source' => 'probe',
                'measured_at' => $reading->measuredAt,
                'air_c' => $reading->airC,
                'rh_percent' => $reading->leftOutBecause === null ? $reading->rhPercent : null,
                'left_out_because' => $reading->leftOutBecause,
                'said' => $reading->leftOutBecause === null ? null : $reading->said,
            ]);
        }
        $this->floor = $this->floors->at($this->shop, ShopTime::minutes($now));
        $stock = new DemoStock(app(Ledger::class), app(TakenFrom::class), $this->planner, $this->shop, $this->user);
        $stock->deliver(self::json('demo/lots.json'), $now);
        foreach ($workshop['parts'] as $row) {
            $stock->taken($this->part($row, $time), $this->floor);
        }
        $this->keeper->keep($this->shop);
    }

    /** @param array<string, mixed> $row */
    private function part(array $row, ShopTime $time): Part
    {
        $state = (string) $row['state'];
        $begunDaysAgo = (float) ($row['begun_days_ago'] ?? 0.0);
        foreach ([
            'base_resin' => Resin::class,
            'skin_resin' => Resin::class,
            'cloth' => Cloth::class,
            'clear' => Clear::class,
            'filler' => Clear::class,
            'gel_coat' => Resin::class,
            'mould_resin' => Resin::class,
            'mould_cloth' => Cloth::class,
        ] as $what => $model) {
            $row["{$what}_id"] = ($row[$what] ?? null) === null
                ? null
                : $model::query()->where('shop_id', $this->shop->id)->where('name', $row[$what])->value('id');
        }
        $row['needed_by'] = $row['needed_by'] === null ? null : $time->local($time->at($row['needed_by']))->utc();
        $part = new Part(array_diff_key(
            $row,
            array_flip([
                'state', 'begun_days_ago', 'found', 'base_resin', 'skin_resin', 'cloth', 'clear', 'filler', 'gel_coat', 'mould_resin',
                'mould_cloth',
            ]),
        ) + ['shop_id' => $this->shop->id]);
        $part->save();
        $part = Part::query()->with(['shop', 'slots'])->findOrFail($part->id);
        $part->setRelation('shop', $this->shop);
        $lived = new LivedPart($this->planner, $this->floor, $this->user->id);
        $rows = $state === 'waiting' ? [] : $lived->until($part, $state, $begunDaysAgo);
        foreach ($rows as $fact) {
            $fact->save();
        }
        $this->readings($part, $state);
        (new FoundOnPart($this->planner, $this->floor, $this->user->id))->record($part, $row['found'] ?? []);
        $this->recorder->settle($part, $this->floor);

        return $part;
    }

    /**
     * What was read of the film and the gloss, by hands that measure: the last build coat weighed with the part, a slug
     * from beside the rim, the finished gloss.
     */
    private function readings(Part $part, string $state): void
    {
        $plan = $this->planner->planOn(Part::query()->with(Part::PLAN_NEEDS)->findOrFail($part->id), $this->floor)->plan;
        $coat = $plan->lastCoat();
        if ($state === 'finished') {
            $this->reading(
                $part,
                'gloss_read',
                $plan->lastDone()->step->key ?? 'inspect',
                ($plan->lastDone()->doneAtMin ?? 0.0) + 6.0,
                ['gu' => 35.4, 'by' => 'hand'],
            );
        }
        if ($state !== 'to_flat' || $coat?->doneAtMin === null) {
            return;
        }
        $gained = 0.0;
        foreach ($coat->zones as $zone) {
            $retainedGM2 = $zone->after->lastRetainedUm * $plan->materials->skinResin->rheology->densityGCm3;
            $gained += $zone->zone->areaM2 * ($retainedGM2 + 0.5 * $zone->after->lastDrainedGM2);
        }
        $slug = $coat->zones[1];
        $this->reading($part, 'part_weighed', $coat->step->key, $coat->doneAtMin - 15.0, ['grams' => 842.0]);
        // A little less than the model says went on, and it shows on the flank.
        $this->reading($part, 'part_weighed', $coat->step->key, $coat->doneAtMin + 5.0, ['grams' => round(842.0 + 0.92 * $gained)]);
        $this->reading(
            $part,
            'measured',
            $coat->step->key,
            $this->floor->nowMin - 40.0,
            [
                'zone' => $slug->zone->name,
                'way' => 'cut_face',
                'um' => round($slug->after->crownCover()->inMicrometres() - 22.0),
                'n' => 3,
                'step_um' => 10.0,
            ],
        );
    }

    /** @param array<string, string|int|float> $data */
    private function reading(Part $part, string $kind, string $step, float $minute, array $data): void
    {
        PartFact::query()->create([
            'part_id' => $part->id,
            'user_id' => $this->user->id,
            'kind' => $kind,
            'step' => $step,
            'happened_at' => $this->floor->time->local($minute)->utc(),
            'recorded_at' => $this->floor->time->local($minute)->utc(),
            'air_c' => round($this->floor->air->at($minute), 1),
            'data' => $data,
            'token' => "demo-{$part->id}-read-{$kind}-".round($minute),
        ]);
    }

    /** @return array<array-key, mixed> */
    private static function json(string $path): array
    {
        return json_decode((string) file_get_contents(database_path($path)), true, 32, JSON_THROW_ON_ERROR);
    }
}
