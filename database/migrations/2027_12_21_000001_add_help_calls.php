<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('help_calls', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('part_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('called_at');
            $table->foreignId('answered_by_id')->nullable()->constrained('users');
            $table->dateTime('answered_at')->nullable();
            $table->index(['shop_id', 'answered_at']);
        });
    }
};
