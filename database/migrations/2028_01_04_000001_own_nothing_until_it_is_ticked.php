<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What nobody typed says so: papers that are there and not counted, hours and air that a new shop began with, data sheets
 * that ship with the app, figures that a short form left out. A shop that is there keeps its tools, places and papers.
 */
return new class () extends Migration {
    private const SHEETS = ['resins', 'cloths', 'papers', 'clears', 'shelf_items'];

    public function up(): void
    {
        Schema::table('papers', fn (Blueprint $table) => $table->integer('sheets')->nullable()->change());
        Schema::table('parts', fn (Blueprint $table) => $table->boolean('is_trial')->default(false));
        Schema::table('users', fn (Blueprint $table) => $table->string('figures')->default('unsaid'));
        Schema::table('shops', fn (Blueprint $table) => $table->json('assumed')->default('[]'));
        foreach (self::SHEETS as $sheets) {
            Schema::table($sheets, fn (Blueprint $table) => $table->boolean('made_up')->default(false));
        }
        foreach (['resins', 'clears', 'cloths'] as $sheets) {
            Schema::table($sheets, fn (Blueprint $table) => $table->json('assumed')->default('[]'));
        }
        foreach (['resins' => 'pot_life_min', 'clears' => 'wet_um', 'cloths' => 'areal_g_m2'] as $sheets => $figure) {
            $this->mark($sheets, $figure);
        }
    }

    /**
     * An example that nobody changed is still one: it has the name and the figure that it shipped with. The demo's workshop
     * made its own.
     */
    private function mark(string $sheets, string $figure): void
    {
        $demo = DB::table('users')->where('email', (string) config('oak.demo_login.email'))->pluck('shop_id')->all();
        foreach (json_decode((string) file_get_contents(database_path("catalogue/{$sheets}.json")), true) as $row) {
            DB::table($sheets)->where('name', $row['name'])->where($figure, $row[$figure])->whereNull('superseded_by_id')
                ->whereNotIn('shop_id', $demo)
                ->update(['made_up' => true]);
        }
    }
};
