<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            // What it costs to move a part that was told another time, minutes.
            $table->float('unrest_min')->default(30);
        });
        Schema::create('kept_plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->dateTime('kept_at');
            $table->string('model');
            // The mean air that coats ahead are reckoned with, as it was when the plan was kept.
            $table->float('working_air_c')->nullable();
            // By part: what it was told, and the difference to what it had been told before.
            $table->json('parts');
            $table->json('rests_on');
            $table->json('changes');
            $table->dateTime('acknowledged_at')->nullable();
            $table->index(['shop_id', 'acknowledged_at']);
        });
        Schema::create('kept_places', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kept_plan_id')->constrained();
            $table->foreignId('part_id')->constrained();
            $table->string('step');
            $table->double('start_min');
            $table->double('end_min');
            $table->string('way');
            // Whose hands, by number; null for a shop in which nobody is named.
            $table->json('people');
            $table->json('uses');
            $table->double('opens_min')->nullable();
            $table->double('closes_min')->nullable();
            // What was let go for the part to have a place at all.
            $table->string('leniency');
            $table->index(['part_id', 'kept_plan_id']);
        });
        Schema::create('plan_offers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('kept_plan_id')->constrained();
            $table->dateTime('made_at');
            $table->double('saves_min');
            // By part: its places, and from when to when it would be ready.
            $table->json('places');
            $table->json('parts');
            $table->dateTime('settled_at')->nullable();
            $table->string('settled_as')->nullable();
            $table->foreignId('settled_by_id')->nullable()->constrained('users');
            $table->index(['shop_id', 'settled_at']);
        });
        foreach (['UPDATE', 'DELETE'] as $act) {
            DB::statement(
                "CREATE TRIGGER kept_places_no_{$act} BEFORE {$act} ON kept_places
                BEGIN SELECT RAISE(ABORT, 'kept places are append-only'); END",
            );
        }
        // What the run sheet said before places were kept, with what was marked as seen.
        DB::statement(
            "INSERT INTO kept_plans (id, shop_id, kept_at, model, parts, rests_on, changes, acknowledged_at)
            SELECT id, shop_id, made_at, '', parts, rests_on, changes, acknowledged_at FROM seen_plans",
        );
        Schema::drop('seen_plans');
    }
};
