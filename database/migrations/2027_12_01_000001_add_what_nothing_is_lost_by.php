<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What tells two presses of one act from two acts, two readings of one second, and whom a quote was given to. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('acts', function (Blueprint $table): void {
            // A hash of what was sent, whoever sent it; and where to, so that a form can say who else was there.
            $table->string('same', 64)->nullable();
            $table->string('path')->nullable();
            $table->index(['shop_id', 'same']);
        });
        // A part that lies, one that nobody wants any more, and one that was typed by mistake: none of them is lost.
        Schema::table('parts', function (Blueprint $table): void {
            $table->dateTime('held_at')->nullable();
            $table->dateTime('cancelled_at')->nullable();
            $table->softDeletes();
        });
        $this->eachTypedReadingStays();
        $this->aQuoteKeepsItsAddressee();
        // Bytes that were bound as text end at their first NUL for some readers.
        foreach (['photos', 'sheet_files'] as $table) {
            DB::statement("UPDATE {$table} SET bytes = CAST(bytes AS BLOB) WHERE typeof(bytes) <> 'blob'");
        }
    }

    /** A probe's or a file's readings are told apart by their time; people type two in one second. */
    private function eachTypedReadingStays(): void
    {
        Schema::table('air_readings', function (Blueprint $table): void {
            $table->dropUnique(['shop_id', 'source', 'measured_at']);
        });
        DB::statement("CREATE UNIQUE INDEX air_readings_once ON air_readings (shop_id, source, measured_at) WHERE source <> 'hand'");
    }

    private function aQuoteKeepsItsAddressee(): void
    {
        Schema::table('customers', function (Blueprint $table): void {
            $table->dropUnique(['part_id']);
            $table->index('part_id');
        });
        // No constraint: whom it was given to can be erased, and the quote stands.
        Schema::table('quotes', function (Blueprint $table): void {
            $table->unsignedBigInteger('customer_id')->nullable();
        });
        DB::statement('DROP TRIGGER quotes_no_update');
        DB::statement('UPDATE quotes SET customer_id = (SELECT max(c.id) FROM customers c WHERE c.part_id = quotes.part_id)');
        DB::statement(
            "CREATE TRIGGER quotes_no_update BEFORE update ON quotes BEGIN SELECT RAISE(ABORT, 'quotes are append-only'); END",
        );
    }
};
