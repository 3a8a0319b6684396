<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A part names its method and what that begins with, and a fact what its step was in it. Facts of before keep neither: they
 * are read by their keys.
 */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('parts', function (Blueprint $table): void {
            $table->string('method')->default('brush_on');
            // A skin that lies there already, as far as it is known.
            $table->float('film_um')->nullable();
            $table->float('film_relief_um')->nullable();
            $table->string('film_known_by')->nullable();
            $table->unsignedTinyInteger('plies')->default(1);
            $table->string('faces')->default('one');
            $table->string('holding')->default('tacky_base');
        });
        Schema::table('facts', function (Blueprint $table): void {
            $table->string('role')->nullable();
            $table->unsignedTinyInteger('nth')->nullable();
        });
    }
};
