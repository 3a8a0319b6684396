<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('things')->default('{"booth":1,"warm_box":2,"heat_lamp":1,"heated_room":1,"cool_place":2}');
            $table->float('cool_place_c')->default(9);
            $table->string('probe_url')->nullable();
            $table->dateTime('probe_asked_at')->nullable();
            $table->string('probe_silent_because')->nullable();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('at_bench')->default(true);
            // Null: the shop's.
            $table->json('hours')->nullable();
        });
        Schema::table('parts', function (Blueprint $table): void {
            $table->string('priority')->default('normal');
        });
        Schema::table('resins', function (Blueprint $table): void {
            // Hardeners of one system may be blended within their sheets' limits.
            $table->string('system')->nullable();
            $table->float('blend_least')->nullable();
            $table->float('blend_most')->nullable();
        });
        Schema::table('air_readings', function (Blueprint $table): void {
            $table->float('air_c')->nullable()->change();
            $table->string('source')->default('hand');
            // Shown, and left out of every forecast.
            $table->string('left_out_because')->nullable();
            $table->string('said')->nullable();
            $table->unique(['shop_id', 'source', 'measured_at']);
        });
        Schema::create('hour_exceptions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            // Null: everybody.
            $table->foreignId('user_id')->nullable()->constrained();
            $table->date('day');
            $table->json('spans');
            $table->string('because')->default('');
            $table->foreignId('made_by_id')->constrained('users');
            $table->dateTime('withdrawn_at')->nullable();
            $table->timestamps();
            $table->index(['shop_id', 'day']);
        });
        Schema::create('seen_plans', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->dateTime('made_at');
            $table->json('parts');
            $table->json('rests_on');
            $table->json('changes');
            $table->dateTime('acknowledged_at')->nullable();
        });
        Schema::create('feeds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('token_hash', 64)->unique();
            $table->dateTime('made_at');
            $table->dateTime('last_read_at')->nullable();
            $table->dateTime('revoked_at')->nullable();
        });
    }
};
