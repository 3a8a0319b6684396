<?php

declare(strict_types=1);

namespace App\Devices;

use App\Clock\ShopClock;
use App\Models\AirReading;
use App\Models\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Asks a shop's probe and keeps what it said; what can't be true is kept as left out, silence as a note. */
final class ProbePoller
{
    public function __construct(private readonly ShopClock $clock)
    {
    }

    /** @return int readings that are new */
    public function poll(Shop $shop, ?AirProbe $probe = null): int
    {
        $address = $shop->probeAddress();
        if ($address === null && $probe === null) {
            return 0;
        }
        $now = $this->clock->now();
        $last = $shop->airReadings()->where('source', 'probe')->orderByDesc('measured_at')->first();
        try {
            $readings = ($probe ?? new HttpAirProbe((string) $address))->readings($last->measured_at ?? $now->subHours(6), $now);
        } catch (ProbeSilent $e) {
            $shop->update(['probe_asked_at' => $now, 'probe_silent_because' => $e->getMessage()]);

            return 0;
        }

        return DB::transaction(function () use ($shop, $readings, $now): int {
            $trusted = $shop->airReadings()->trusted()->where('source', 'probe')->orderByDesc('measured_at')->first();
            [$at, $airC] = [$trusted?->measured_at, $trusted?->air_c];
            $kept = 0;
            foreach ($readings as $said) {
                $reading = $said->after($at, $airC);
                if ($this->keep($shop, $reading)) {
                    $kept++;
                }
                if ($reading->leftOutBecause === null) {
                    [$at, $airC] = [$reading->measuredAt, $reading->airC];
                }
            }
            $shop->update(['probe_asked_at' => $now, 'probe_silent_because' => $readings === [] && ($at === null || $at < $now->subMinutes(20)) ? 'it has nothing new to say' : null]);

            return $kept;
        });
    }

    private function keep(Shop $shop, ProbeReading $reading): bool
    {
        return AirReading::query()->firstOrCreate(['shop_id' => $shop->id, 'source' => 'probe', 'measured_at' => CarbonImmutable::instance($reading->measuredAt)->utc()], [
            'air_c' => $reading->airC,
            'rh_percent' => $reading->leftOutBecause === null ? $reading->rhPercent : null,
            'left_out_because' => $reading->leftOutBecause,
            'said' => $reading->leftOutBecause === null ? null : $reading->said,
        ])->wasRecentlyCreated;
    }
}
