<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A step may be told otherwise later: what was recorded of it keeps the words that it had. And how long a wipe is good for,
 * and what a cured resin lets through. */
return new class () extends Migration {
    /** Plastics and paint that acetone attacks, as they were when the second wipe was masked in one step. */
    private const WIPED_GENTLY = ['abs', 'polycarbonate', 'painted'];

    private const WIPED_FIRST = ['brush_on', 'glue_down', 'bagged', 'sheet_metal'];

    public function up(): void
    {
        Schema::table('facts', function (Blueprint $table): void {
            $table->string('said', 60)->nullable();
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->float('wipe_holds_min')->default(60);
        });
        Schema::table('resins', function (Blueprint $table): void {
            $table->string('opacity')->default('clear');
        });
        DB::table('resins')->where('use', 'gel_coat')->update(['opacity' => 'opaque']);
        $wiped = fn (string $step, array $methods): \Illuminate\Database\Query\Builder => DB::table('facts')->where('step', $step)
            ->where('kind', '!=', 'chosen')->whereIn('part_id', DB::table('parts')->select('id')->whereIn('method', $methods));
        $gently = DB::table('parts')->select('id')->whereIn('substrate', self::WIPED_GENTLY)->where('method', '!=', 'sheet_metal');
        $wiped('wipe-2', self::WIPED_FIRST)->update(['said' => 'wipe_mask']);
        $wiped('wipe-2', self::WIPED_FIRST)->whereIn('part_id', clone $gently)->update(['said' => 'wipe_mask_alcohol']);
        foreach (['wipe-1', 'wipe-paint'] as $step) {
            $wiped($step, ['brush_on', 'glue_down', 'bagged'])->update(['said' => 'wipe']);
            $wiped($step, ['brush_on', 'glue_down', 'bagged'])->whereIn('part_id', clone $gently)->update(['said' => 'wipe_alcohol']);
        }
    }
};
