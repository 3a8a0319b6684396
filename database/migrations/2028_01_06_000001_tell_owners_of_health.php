<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Until when an owner has seen what is not well with the shop's server. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->string('health_seen_on')->nullable());
    }
};
