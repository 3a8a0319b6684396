<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Numbers of the shop that were changed: what was done under them keeps them. */
return new class () extends Migration {
    public function up(): void
    {
        if (! Schema::hasTable('shop_versions')) {
            Schema::create('shop_versions', function (Blueprint $table): void {
                $table->id();
                $table->foreignId('shop_id')->constrained();
                $table->foreignId('changed_by_id')->nullable()->constrained('users');
                $table->dateTime('stood_until');
                $table->json('numbers');
                $table->index(['shop_id', 'stood_until']);
            });
        }
        foreach (['UPDATE', 'DELETE'] as $act) {
            DB::statement(
                "CREATE TRIGGER IF NOT EXISTS shop_versions_no_{$act} BEFORE {$act} ON shop_versions
                BEGIN SELECT RAISE(ABORT, 'shop versions are append-only'); END",
            );
        }
    }
};
