<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many days a delivery took from its order; what a shop reckons with where nobody noted it. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('lots', function (Blueprint $table): void {
            $table->unsignedSmallInteger('lead_days')->nullable();
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->unsignedSmallInteger('lead_days')->default(3);
        });
    }
};
