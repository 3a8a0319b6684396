<?php

declare(strict_types=1);

namespace App\Acts;

use App\Bench\ClosingTime;
use App\Calendar\KeptCalendar;
use App\Models\Shop;

/** What an act left undone is reckoned once its answer is out, for the pages that will ask for it. */
final class Afterwards
{
    public function of(Shop $shop): void
    {
        rescue(function () use ($shop): void {
            app()->forgetScopedInstances();
            app(KeptCalendar::class)->renew($shop->refresh());
            app(ClosingTime::class)->cases($shop);
        });
    }
}
