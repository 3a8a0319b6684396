<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::table('clears', function (Blueprint $table): void {
            $table->string('kind')->default('two_part');
            $table->float('hardener_parts')->default(0);
            $table->float('reducer_parts')->default(0);
            $table->float('pot_life_min')->nullable();
            $table->float('recoat_until_min')->nullable();
            $table->float('reference_c')->default(20);
            $table->float('can_ml')->nullable();
            $table->float('sheet_gu')->nullable();
            $table->float('sheet_gu_doubt')->default(6);
            $table->boolean('needs_release_film')->default(false);
        });
        Schema::table('parts', function (Blueprint $table): void {
            $table->foreignId('filler_id')->nullable()->constrained('clears');
            $table->unsignedTinyInteger('stripes')->default(0);
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->float('part_scale_step_g')->default(1);
            $table->float('calliper_step_mm')->default(0.01);
            $table->string('meter_url')->nullable();
        });
        Schema::create('practice_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained();
            $table->string('lesson');
            $table->unsignedInteger('seed');
            $table->json('acts');
            $table->boolean('won')->nullable();
            $table->timestamps();
        });
    }
};
