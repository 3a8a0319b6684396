<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Photos of parts: in the file with all else, so that no copy of a shop is without them. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            // What the weave-print meter found in it, null of other photos.
            $table->json('reading')->nullable();
            $table->binary('bytes');
            $table->dateTime('taken_at');
            $table->index('part_id');
        });
    }
};
