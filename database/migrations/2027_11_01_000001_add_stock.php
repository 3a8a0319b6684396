<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What lies on the shelf, lot by lot, and everything that was put there, taken, counted or given back. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('kind');
            // The sheet that it came by; a newer one follows from there.
            $table->unsignedBigInteger('item_id');
            $table->string('jar');
            $table->string('mark');
            $table->double('quantity');
            // The sum of its moves: written with each of them, and with nothing else.
            $table->double('left');
            $table->unsignedBigInteger('price_minor')->nullable();
            $table->string('supplier')->default('');
            $table->dateTime('received_at');
            $table->date('use_by')->nullable();
            $table->dateTime('opened_at')->nullable();
            $table->double('storage_c')->nullable();
            $table->double('width_mm')->nullable();
            $table->string('direction')->nullable();
            $table->foreignId('cut_from_id')->nullable()->constrained('lots');
            $table->index(['shop_id', 'kind', 'left']);
        });
        Schema::create('stock_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            // Null of what was taken and no lot had.
            $table->foreignId('lot_id')->nullable()->constrained();
            $table->string('kind');
            $table->unsignedBigInteger('item_id');
            $table->string('jar');
            $table->string('why');
            $table->double('quantity');
            $table->foreignId('part_id')->nullable()->constrained();
            $table->foreignId('fact_id')->nullable()->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('note')->default('');
            $table->dateTime('happened_at');
            $table->index('lot_id');
            $table->index('fact_id');
            $table->index('part_id');
        });
        foreach (['update', 'delete'] as $act) {
            DB::statement(
                "CREATE TRIGGER IF NOT EXISTS stock_moves_no_{$act} BEFORE {$act} ON stock_moves
                BEGIN SELECT RAISE(ABORT, 'stock moves are append-only'); END",
            );
        }
        // What was left in cups is looked for in all parts.
        Schema::table('facts', fn (Blueprint $table) => $table->index(['kind', 'part_id']));
        // What one stroke of a jar's pump gives, as it was measured here.
        Schema::table('resins', function (Blueprint $table): void {
            $table->double('pump_resin_g')->nullable();
            $table->double('pump_hardener_g')->nullable();
        });
        Schema::create('sheet_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind');
            $table->unsignedBigInteger('item_id');
            $table->string('name');
            $table->string('type');
            $table->binary('bytes');
            $table->dateTime('kept_at');
            $table->index(['shop_id', 'kind', 'item_id']);
        });
    }
};
