<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a step was called stays with its facts; how long a wipe is good for; what a cured resin lets through. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('facts', function (Blueprint $table): void {
            $table->string('said', 60)->nullable();
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->float('wipe_holds_min')->default(60);
        });
        Schema::table('resins', function (Blueprint $table): void {
            $table->string('opacity')->nullable()->default('clear');
        });
        DB::table('resins')->where('use', 'gel_coat')->update(['opacity' => 'opaque']);
    }
};
