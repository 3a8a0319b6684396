<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Every press is told apart by the mark its form carried, within its shop. */
return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('acts')) {
            Schema::create('acts', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('shop_id')->constrained();
                $table->foreignId('user_id')->constrained();
                $table->string('token', 64);
                // A hash of who did what: the same mark with something else in it is another act.
                $table->string('what', 64);
                $table->text('leads_to');
                $table->dateTime('made_at');
                $table->unique(['shop_id', 'token']);
                $table->index('made_at');
            });
        }
        if (Schema::hasIndex('facts', 'facts_token_unique')) {
            Schema::table('facts', function (Blueprint $table): void {
                $table->dropUnique(['token']);
            });
        }
        if (! Schema::hasIndex('facts', ['part_id', 'token'])) {
            Schema::table('facts', function (Blueprint $table): void {
                $table->unique(['part_id', 'token']);
            });
        }
    }
};
