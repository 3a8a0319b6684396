<?php

declare(strict_types=1);

namespace App\Devices;

use Carbon\CarbonImmutable;

/** What a probe said, and why it is not believed where it can't be true. */
final readonly class ProbeReading
{
    /** No workshop is colder or warmer, °C. */
    private const COLDEST_C = -30.0;
    private const WARMEST_C = 55.0;

    /** A probe whose clock has lost its date says one long ago, days. */
    private const OLDEST_DAYS = 31;

    /** Air does not change faster than an open door changes it, °C within ten minutes (ours). */
    private const JUMP_C = 10.0;
    private const JUMP_MIN = 10.0;

    private function __construct(
        public CarbonImmutable $measuredAt,
        public ?float $airC,
        public ?float $rhPercent,
        public ?string $leftOutBecause,
        public string $said,
    ) {
    }

    /**
     * @param array<array-key, mixed> $json with `air_c`, and perhaps `rh_percent` and `measured_at` (ISO 8601)
     *
     * @throws DeviceSilent If there is no `air_c` at all.
     */
    public static function from(array $json, CarbonImmutable $now): self
    {
        if (! array_key_exists('air_c', $json)) {
            throw new DeviceSilent();
        }
        $said = mb_substr(json_encode($json['air_c'], JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR) ?: '?', 0, 80);
        $airC = is_int($json['air_c']) || is_float($json['air_c']) ? (float) $json['air_c'] : null;
        $rh = $json['rh_percent'] ?? null;
        $rhPercent = (is_int($rh) || is_float($rh)) && $rh >= 1 && $rh <= 100 ? (float) $rh : null;
        try {
            $at = isset($json['measured_at']) && is_string($json['measured_at'])
                ? CarbonImmutable::parse($json['measured_at'])->utc()
                : $now->utc();
        } catch (\Exception) {
            $at = $now->utc();
        }
        $because = match (true) {
            $airC === null || ! is_finite($airC) => 'no temperature',
            $airC < self::COLDEST_C || $airC > self::WARMEST_C => 'no workshop is that '.($airC > 0.0 ? 'warm' : 'cold'),
            $at > $now->addMinutes(2) => 'it says a time that is still ahead',
            $at < $now->subDays(self::OLDEST_DAYS) => 'it says a time that is long past',
            default => null,
        };

        return new self($at, $airC, $rhPercent, $because, $said);
    }

    /** The same, left out if the air can't have changed so fast since the one before. */
    public function after(?CarbonImmutable $at, ?float $airC): self
    {
        $jumps = $this->leftOutBecause === null && $at !== null && $airC !== null && $this->airC !== null
            && abs($at->diffInSeconds($this->measuredAt)) <= 60.0 * self::JUMP_MIN && abs($this->airC - $airC) > self::JUMP_C;

        return $jumps
            ? new self(
                $this->measuredAt,
                $this->airC,
                $this->rhPercent,
                'it jumps by '.round(abs($this->airC - $airC)).' °C within minutes',
                $this->said,
            )
            : $this;
    }
}
