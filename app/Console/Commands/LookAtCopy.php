<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Planning\Planner;
use Illuminate\Console\Command;

/** Run on a copy: what is in it, and that a plan can be reckoned on it. */
final class LookAtCopy extends Command
{
    protected $signature = 'oak:look-at-copy';

    protected $description = 'Count the data that DB_DATABASE names and reckon a plan on them';

    protected $hidden = true;

    public function handle(Planner $planner): int
    {
        $shops = Shop::query()->get();
        if ($shops->isEmpty()) {
            $this->error('There is no shop in it.');

            return self::FAILURE;
        }
        $plans = 0;
        foreach ($shops as $shop) {
            $plans += count($planner->all($shop));
        }
        $this->line(Part::query()->count().' parts, '.PartFact::query()->count()." acts, {$plans} plans reckoned");

        return self::SUCCESS;
    }
}
