<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// What happens by itself: `php artisan schedule:work`, or one line of cron with schedule:run.
Schedule::command('oak:poll-probe')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::command('oak:prune')->dailyAt('03:10');
Schedule::command('oak:check')->dailyAt('03:20');
Schedule::command('oak:nightly')->dailyAt('03:30');
Schedule::command('oak:try-backup')->weeklyOn(7, '03:45');
// Killed half-way, a restore leaves the shop closed: it is ended here.
Schedule::command('oak:end-restore')->everyMinute()->evenInMaintenanceMode();
