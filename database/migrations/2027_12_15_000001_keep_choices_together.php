<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was chosen of a part, in one column: a new choice needs none of its own. */
return new class () extends Migration {
    private const WERE = [
        'wet_out', 'after_wet_out', 'top', 'build_coats', 'finish_coats', 'stripes', 'second_passes', 'turned', 'tilted', 'build_g_m2',
        'print_through', 'plies', 'faces', 'holding', 'hard_top', 'mould_plies', 'lay_up', 'halves', 'damage',
    ];

    public function up(): void
    {
        Schema::table('parts', fn (Blueprint $table) => $table->text('choices')->default('{}'));
        foreach (DB::table('parts')->orderBy('id')->get(['id', ...self::WERE]) as $row) {
            $kept = array_filter((array) $row, fn (mixed $v, string $of): bool => $of !== 'id' && $v !== null, ARRAY_FILTER_USE_BOTH);
            DB::table('parts')->where('id', $row->id)->update(['choices' => json_encode($kept, JSON_THROW_ON_ERROR)]);
        }
        Schema::table('parts', fn (Blueprint $table) => $table->dropColumn(self::WERE));
    }
};
