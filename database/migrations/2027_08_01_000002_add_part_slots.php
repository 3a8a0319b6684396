<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a part is made with lies in the slots of its method: a row each, where five columns knew one method. */
return new class () extends Migration {
    private const COLUMNS = [
        'base_resin_id' => ['base', 'resin_id'],
        'clear_resin_id' => ['skin', 'resin_id'],
        'cloth_id' => ['cloth', 'cloth_id'],
        'clear_id' => ['clear', 'clear_id'],
        'filler_id' => ['filler_clear', 'clear_id'],
    ];

    /** Foreign keys can't be put off inside one: the table of parts is made anew while facts point to it. */
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        try {
            DB::transaction(function (): void {
                $this->makeSlots();
                $this->dropColumns();
                // What was a filler or a clear is called by what it is: none of either is no tint.
                DB::table('parts')->where('backing', 'clear')->update(['backing' => 'untinted']);
                if (DB::select('PRAGMA foreign_key_check') !== []) {
                    throw new RuntimeException('a part would lose what it is made with: nothing was changed');
                }
            });
        } finally {
            Schema::enableForeignKeyConstraints();
        }
    }

    private function makeSlots(): void
    {
        Schema::create('part_slots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('part_id')->constrained()->cascadeOnDelete();
            $table->string('slot');
            $table->unsignedTinyInteger('ply')->default(1);
            $table->foreignId('resin_id')->nullable()->constrained();
            $table->foreignId('cloth_id')->nullable()->constrained();
            $table->foreignId('clear_id')->nullable()->constrained();
            $table->foreignId('item_id')->nullable()->constrained('shelf_items');
            $table->unique(['part_id', 'slot', 'ply']);
        });
        foreach (self::COLUMNS as $column => [$slot, $sheet]) {
            DB::statement(
                "INSERT INTO part_slots (part_id, slot, {$sheet}) SELECT id, '{$slot}', {$column} FROM parts WHERE {$column} IS NOT NULL",
            );
        }
    }

    private function dropColumns(): void
    {
        $columns = array_keys(self::COLUMNS);
        Schema::table('parts', function (Blueprint $table) use ($columns): void {
            foreach ($columns as $column) {
                $table->dropForeign([$column]);
            }
            $table->dropColumn($columns);
        });
    }
};
