<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a true answer needs besides: second passes, turning, pose, print-through, and a resin's warm end. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('parts', function (Blueprint $table): void {
            $table->unsignedTinyInteger('second_passes')->default(0);
            $table->boolean('turned')->default(false);
            $table->boolean('tilted')->default(false);
            $table->float('build_g_m2')->default(0);
            $table->string('print_through')->default('flat');
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->string('print_through')->default('flat');
        });
        Schema::table('resins', function (Blueprint $table): void {
            $table->float('max_c')->nullable();
            $table->float('ultimate_tg_c')->default(65);
            $table->string('chemistry')->default('epoxy');
        });
    }
};
