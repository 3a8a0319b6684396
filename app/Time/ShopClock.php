<?php

declare(strict_types=1);

namespace App\Time;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** The shop's time: the machine's, or a frozen moment, moved on by what the demo skipped. */
final class ShopClock implements ClockInterface
{
    private ?int $offsetS = null;

    private ?int $frozenS = null;

    public function __construct(private readonly bool $demo, private readonly ?string $frozenAt)
    {
    }

    public function now(): CarbonImmutable
    {
        $base = $this->frozenAt === null ? CarbonImmutable::now('UTC') : CarbonImmutable::parse($this->frozenAt, 'UTC');

        return $this->demo ? $base->setTimestamp($base->getTimestamp() + $this->offsetS()) : $base;
    }

    /** Asked for hundreds of times a page: without an object of its own. */
    public function nowMin(): float
    {
        $base = $this->frozenAt === null ? time() : $this->frozenS ??= CarbonImmutable::parse($this->frozenAt, 'UTC')->getTimestamp();

        return ($base + ($this->demo ? $this->offsetS() : 0)) / 60.0;
    }

    public function canSkip(): bool
    {
        return $this->demo;
    }

    /** Moves the demo's clock on; never back. */
    public function skip(int $shop, int $seconds): void
    {
        DB::table('shops')->where('id', $shop)->increment('clock_offset_s', max(0, $seconds));
        $this->offsetS = null;
    }

    /** Sets the demo's clock so that it shows a moment now and runs on from there. */
    public function startAt(int $shop, CarbonImmutable $moment): void
    {
        $base = $this->frozenAt === null ? CarbonImmutable::now('UTC') : CarbonImmutable::parse($this->frozenAt, 'UTC');
        DB::table('shops')->where('id', $shop)
            ->update(['clock_offset_s' => $this->frozenAt === null ? (int) round($base->diffInSeconds($moment)) : 0]);
        $this->offsetS = null;
    }

    public function runs(): bool
    {
        return $this->frozenAt === null;
    }

    private function offsetS(): int
    {
        return $this->offsetS ??= (int) DB::table('shops')->orderBy('id')->value('clock_offset_s');
    }
}
