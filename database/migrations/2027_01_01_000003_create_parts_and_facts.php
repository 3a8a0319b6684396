<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('letter', 1);
            $table->integer('colour');
            $table->string('name');
            $table->string('substrate');
            $table->boolean('primed');
            $table->string('tone');
            $table->string('backing');
            $table->string('shape');
            $table->string('unit', 2);
            $table->json('sizes');
            $table->json('zones');
            $table->boolean('zones_typed');
            $table->string('finish');
            $table->boolean('sun');
            $table->boolean('heat');
            $table->boolean('wear');
            $table->float('wrap_mm');
            $table->integer('holes');
            $table->dateTime('needed_by')->nullable();
            $table->string('wet_out');
            $table->string('after_wet_out');
            $table->string('top');
            $table->integer('build_coats')->nullable();
            $table->integer('finish_coats');
            $table->foreignId('base_resin_id')->constrained('resins');
            $table->foreignId('clear_resin_id')->constrained('resins');
            $table->foreignId('cloth_id')->constrained('cloths');
            $table->foreignId('clear_id')->nullable()->constrained('clears');
            $table->timestamps();
            // Follows from the facts; kept so that finished parts need no planning.
            $table->dateTime('finished_at')->nullable();
            $table->index(['shop_id', 'finished_at']);
        });
        Schema::create('facts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind');
            $table->string('step');
            $table->dateTime('happened_at');
            $table->float('air_c')->nullable();
            $table->json('data');
            // The same press sent twice is one fact.
            $table->string('token')->unique();
            $table->dateTime('recorded_at');
            $table->index(['part_id', 'happened_at']);
        });
        // What was recorded stays as it was recorded, whoever writes to the file.
        foreach (['UPDATE', 'DELETE'] as $act) {
            DB::statement("CREATE TRIGGER facts_no_{$act} BEFORE {$act} ON facts BEGIN SELECT RAISE(ABORT, 'facts are append-only'); END");
        }
    }
};
