<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the shop's hours and money are reckoned by, quotes as they were given, and the measures that each person reads. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('money')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->string('measures')->default('metric');
        });
        Schema::create('quotes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('user_id')->constrained();
            // quote or settlement
            $table->string('kind');
            $table->unsignedInteger('number');
            $table->json('bill');
            $table->json('terms');
            $table->dateTime('made_at');
            $table->date('valid_until')->nullable();
            $table->unique(['shop_id', 'kind', 'number']);
            $table->index('part_id');
        });
        // A quote stands as it was given; whom it was given to can be forgotten.
        Schema::create('customers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('part_id')->unique()->constrained();
            $table->string('name');
        });
        foreach (['update', 'delete'] as $act) {
            DB::statement(
                "CREATE TRIGGER IF NOT EXISTS quotes_no_{$act} BEFORE {$act} ON quotes
                BEGIN SELECT RAISE(ABORT, 'quotes are append-only'); END",
            );
        }
    }
};
