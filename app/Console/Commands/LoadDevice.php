<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Load\Device;
use Illuminate\Console\Command;

/** One device of `oak:load` in a process of its own: a line of JSON for each thing that it did. */
final class LoadDevice extends Command
{
    protected $signature = 'oak:load-device {url} {email} {seconds} {share} {name} {feed} {lot}';

    protected $hidden = true;

    public function handle(): int
    {
        $device = new Device(
            (string) $this->argument('url'),
            (string) $this->argument('email'),
            (float) $this->argument('share'),
            (string) $this->argument('name'),
            (string) $this->argument('feed'),
            (int) $this->argument('lot'),
        );
        foreach ($device->live(microtime(true) + (float) $this->argument('seconds')) as $told) {
            $this->line((string) json_encode($told));
        }

        return self::SUCCESS;
    }
}
