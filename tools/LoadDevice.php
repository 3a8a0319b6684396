<?php

declare(strict_types=1);

namespace Tools;

use Illuminate\Console\Command;

/** One device of `oak:load` in a process of its own: a line of JSON for each thing that it did. */
final class LoadDevice extends Command
{
    protected $signature = 'oak:load-device {url} {email} {seconds} {share} {name} {feed} {lot}';

    protected $hidden = true;

    public function handle(): int
    {
        $of = array_map(fn (mixed $given): string => is_scalar($given) ? (string) $given : '', $this->arguments());
        $device = new Device($of['url'], $of['email'], (float) $of['share'], $of['name'], $of['feed'], (int) $of['lot']);
        foreach ($device->live(microtime(true) + (float) $of['seconds']) as $told) {
            $this->line((string) json_encode($told));
        }

        return self::SUCCESS;
    }
}
