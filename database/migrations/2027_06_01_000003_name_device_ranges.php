<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where devices may be is the shop's to allow. */
return new class () extends Migration {
    public function up(): void
    {
        if (Schema::hasColumn('shops', 'device_ranges')) {
            return;
        }
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('device_ranges')->default('[]');
        });
        // Shops that have devices keep reaching them.
        DB::table('shops')->where(
            fn ($q) => $q->whereNotNull('probe_url')->orWhereNotNull('meter_url'),
        )->update(['device_ranges' => '["private","loopback"]']);
    }
};
