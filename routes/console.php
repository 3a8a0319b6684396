<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// What happens by itself: `php artisan schedule:work`, or one line of cron with schedule:run.
Schedule::command('oak:poll-probe')->everyFiveMinutes()->withoutOverlapping();
Schedule::command('oak:prune')->dailyAt('03:10');
