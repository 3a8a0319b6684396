<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** When a filter was changed, by kind, and how many hours a shop gives each. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('filter_hours')->default('{"vapour":40,"dust":40}');
        });
        Schema::create('filter_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind');
            $table->dateTime('changed_at');
            $table->index(['shop_id', 'kind']);
        });
        foreach (['update', 'delete'] as $act) {
            DB::statement(
                "CREATE TRIGGER IF NOT EXISTS filter_changes_no_{$act} BEFORE {$act} ON filter_changes
                BEGIN SELECT RAISE(ABORT, 'changes of filters are append-only'); END",
            );
        }
    }
};
