<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\AirReading;
use App\Models\Shop;
use App\Time\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Asks a shop's probe and keeps what it said; what can't be true is kept as left out, silence as a note. */
final class ProbePoller
{
    /** Of a probe with a memory no more is asked than fits one answer, days. */
    private const MOST_DAYS = 2;

    public function __construct(private readonly ShopClock $clock)
    {
    }

    /** @return int readings that are new. The probe is asked before any lock is taken. */
    public function poll(Shop $shop, ?AirProbe $probe = null): int
    {
        $probe ??= $shop->probeAddress() === null
            ? null
            : app()->makeWith(AirProbe::class, ['url' => (string) $shop->probeAddress(), 'allowed' => $shop->deviceRanges()]);
        if ($probe === null) {
            return 0;
        }
        $now = $this->clock->now();
        try {
            $readings = $probe->readings($this->since($shop, $now), $now);
        } catch (DeviceSilent $e) {
            $shop->update(['probe_asked_at' => $now, 'probe_silent_because' => $e->getMessage()]);

            return 0;
        }

        return DB::transaction(function () use ($shop, $readings, $now): int {
            $trusted = $this->newest($shop, $now);
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
            $shop->update([
                'probe_asked_at' => $now,
                'probe_silent_because' => $readings === [] && ($at === null || $at < $now->subMinutes(20))
                    ? 'it has nothing new to say'
                    : null,
            ]);

            return $kept;
        });
    }

    /** The newest reading that is believed and not ahead: a date that was a lie asks for nothing. */
    private function newest(Shop $shop, CarbonImmutable $now): ?AirReading
    {
        return $shop->airReadings()->trusted()->where('source', 'probe')->where(
            'measured_at',
            '<=',
            $now,
        )->orderByDesc('measured_at')->first();
    }

    private function since(Shop $shop, CarbonImmutable $now): CarbonImmutable
    {
        return ($this->newest($shop, $now)->measured_at ?? $now->subHours(6))->max($now->subDays(self::MOST_DAYS));
    }

    private function keep(Shop $shop, ProbeReading $reading): bool
    {
        return AirReading::query()->firstOrCreate([
            'shop_id' => $shop->id,
            'source' => 'probe',
            'measured_at' => CarbonImmutable::instance($reading->measuredAt)->utc(),
        ], [
            'air_c' => $reading->airC,
            'rh_percent' => $reading->leftOutBecause === null ? $reading->rhPercent : null,
            'left_out_because' => $reading->leftOutBecause,
            'said' => $reading->leftOutBecause === null ? null : $reading->said,
        ])->wasRecentlyCreated;
    }
}
