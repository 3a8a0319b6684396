<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Kinds of the shelf that need no table of their own. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('shelf_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('kind');
            $table->string('name');
            $table->json('data');
            $table->foreignId('superseded_by_id')->nullable()->constrained('shelf_items');
            $table->timestamps();
            $table->index(['shop_id', 'kind']);
        });
    }
};
