<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the ways of working leave to choose, what tools a shop has, and how a polyester is catalysed. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('parts', function (Blueprint $table): void {
            $table->string('hard_top')->default('wax');
            $table->unsignedTinyInteger('mould_plies')->default(8);
            $table->string('lay_up')->default('hand');
            $table->unsignedTinyInteger('halves')->default(1);
            $table->string('damage')->default('chip');
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('tools')->default('["spray_gun","mask","sander","clamps"]');
            $table->float('leak_mbar')->default(5);
        });
        Schema::table('cloths', function (Blueprint $table): void {
            $table->string('fibre')->default('carbon');
        });
        Schema::table('resins', function (Blueprint $table): void {
            $table->json('catalyst')->nullable();
            $table->string('use')->default('skin');
        });
    }
};
