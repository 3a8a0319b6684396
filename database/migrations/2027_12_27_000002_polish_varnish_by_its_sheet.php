<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A brushed varnish is polished where its sheet says when; sheets of before go on as they stood. */
return new class () extends Migration {
    public function up(): void
    {
        Schema::table('clears', function (Blueprint $table): void {
            $table->float('polish_after_min')->nullable();
        });
        DB::table('clears')->where('kind', 'varnish')->update(['polish_after_min' => DB::raw('ready_after_min')]);
    }
};
