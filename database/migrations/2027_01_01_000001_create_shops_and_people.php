<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('shops', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('town');
            $table->string('zone');
            $table->json('working_hours');
            $table->json('day_curves');
            $table->json('typed_air');
            $table->float('cup_loss_g');
            $table->float('scale_step_g');
            $table->float('target_burn_through');
            $table->integer('clock_offset_s')->default(0);
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name');
            $table->string('initials', 3);
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('air_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->dateTime('measured_at');
            $table->float('air_c');
            $table->float('rh_percent')->nullable();
            $table->timestamps();
            $table->index(['shop_id', 'measured_at']);
        });
    }
};
