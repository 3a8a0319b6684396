<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * One tick stood for a respirator and for air-fed breathing: it says a respirator from now on. Who has air from outside, and
 * the licence, ticks them; nothing is sprayed for a shop by a guess. A hot-air dryer is in every shop until it says otherwise.
 */
return new class () extends Migration {
    public function up(): void
    {
        foreach (DB::table('shops')->get(['id', 'tools']) as $shop) {
            $tools = json_decode((string) $shop->tools, true);
            if (is_array($tools)) {
                $told = array_map(fn (mixed $tool): mixed => $tool === 'mask' ? 'respirator' : $tool, $tools);
                $tools = array_values(array_unique([...$told, 'dryer']));
                DB::table('shops')->where('id', $shop->id)->update(['tools' => json_encode($tools)]);
            }
        }
    }
};
