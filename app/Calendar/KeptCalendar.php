<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Models\Shop;
use App\Planning\Planner;
use App\Words\Measures;
use Illuminate\Support\Facades\Cache;

/** The run sheet's calendar as it was last written out: who only reads it waits for nobody's act. */
final class KeptCalendar
{
    private const KEPT_S = 3600;

    /** An act is followed up within this, seconds. */
    private const FOLLOWED_WITHIN_S = 60;

    public function __construct(
        private readonly Planner $planner,
        private readonly RunSheetCalendar $calendar,
        private readonly Measures $measures,
    ) {
    }

    /** An act was kept, and its calendar is being written out: until then the one before is given. */
    public static function expect(Shop $shop): void
    {
        Cache::put("calendar-comes-{$shop->id}", true, self::FOLLOWED_WITHIN_S);
    }

    public function renew(Shop $shop): void
    {
        $this->reckoned($shop);
        Cache::forget("calendar-comes-{$shop->id}");
    }

    public function of(Shop $shop): string
    {
        $kept = Cache::get("calendar-{$shop->id}");

        return is_array($kept) && ! $this->measures->isUs() && Cache::has("calendar-comes-{$shop->id}")
            ? (string) $kept['text']
            : $this->reckoned($shop);
    }

    private function reckoned(Shop $shop): string
    {
        $state = $this->planner->state($shop);
        $kept = Cache::get("calendar-{$shop->id}");
        if (is_array($kept) && $kept['state'] === $state && ! $this->measures->isUs()) {
            return (string) $kept['text'];
        }
        $text = $this->calendar->of($this->planner->all($shop), $this->planner->floor($shop))->serialize();
        if (! $this->measures->isUs()) {
            Cache::put("calendar-{$shop->id}", ['state' => $state, 'text' => $text], self::KEPT_S);
        }

        return $text;
    }
}
