<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What pages need of many rows is kept as those rows are written. All of it follows from them and can be made anew. */
return new class () extends Migration {
    /** A reading that the forecast takes in, and not one that somebody typed: those stand for themselves. */
    private const IS_MEANT = "left_out_because IS NULL AND air_c BETWEEN -60 AND 60 AND source <> 'hand'";

    private const SLOT = "CAST(strftime('%s', measured_at) AS INTEGER) / 900";

    private const SECONDS = "CAST(strftime('%s', measured_at) AS INTEGER)";

    public function up(): void
    {
        Schema::create('resin_paces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name');
            $table->string('model');
            $table->integer('checks');
            $table->integer('counted');
            $table->float('factor');
            $table->float('sigma');
            $table->text('evidence');
            $table->dateTime('last_at')->nullable();
            $table->integer('last_fact_id');
            $table->unique(['shop_id', 'name']);
        });
        Schema::create('judged_checks', function (Blueprint $table): void {
            $table->foreignId('fact_id')->primary()->constrained('facts');
            $table->foreignId('shop_id')->constrained();
            $table->string('name');
            $table->dateTime('happened_at');
            $table->string('stands');
            $table->float('likelihood');
            $table->text('evidence')->nullable();
            $table->index(['shop_id', 'name', 'happened_at', 'fact_id']);
        });
        Schema::table('facts', fn (Blueprint $table) => $table->index(['kind', 'happened_at']));
        DB::statement("CREATE INDEX facts_target ON facts (json_extract(data, '$.target'))");
        DB::statement('CREATE INDEX air_left_out ON air_readings (shop_id, id) WHERE left_out_because IS NOT NULL');
        $this->airQuarters();
    }

    /** Sums of the readings of each quarter of an hour. */
    private function airQuarters(): void
    {
        Schema::create('air_quarters', function (Blueprint $table): void {
            $table->integer('shop_id');
            $table->integer('slot');
            $table->integer('n');
            $table->float('seconds');
            $table->float('c');
            $table->primary(['shop_id', 'slot']);
        });
        $slot = self::SLOT;
        $add = fn (string $row, string $when): string => 'INSERT INTO air_quarters (shop_id, slot, n, seconds, c) SELECT '
            ."{$row}shop_id, ".$this->of($row, $slot).', 1, '.$this->of($row, self::SECONDS).", {$row}air_c WHERE {$when} "
            .'ON CONFLICT (shop_id, slot) DO UPDATE SET n = n + 1, seconds = seconds + excluded.seconds, c = c + excluded.c;';
        $takeOff = fn (string $row): string => "UPDATE air_quarters SET n = n - 1, seconds = seconds - {$this->of(
            $row,
            self::SECONDS,
        )}, c = c - {$row}air_c "
            ."WHERE {$this->of($row, self::IS_MEANT)} AND shop_id = {$row}shop_id AND slot = {$this->of($row, $slot)};";
        DB::statement(
            "INSERT INTO air_quarters SELECT shop_id, {$slot}, count(*), sum(".self::SECONDS
                .'), sum(air_c) FROM air_readings WHERE '.self::IS_MEANT." GROUP BY shop_id, {$slot}",
        );
        DB::statement("CREATE TRIGGER air_in AFTER INSERT ON air_readings BEGIN {$add('NEW.', $this->of('NEW.', self::IS_MEANT))} END");
        DB::statement("CREATE TRIGGER air_out AFTER DELETE ON air_readings BEGIN {$takeOff('OLD.')} END");
        DB::statement(
            "CREATE TRIGGER air_other AFTER UPDATE ON air_readings BEGIN {$takeOff('OLD.')} {$add(
                'NEW.',
                $this->of('NEW.', self::IS_MEANT),
            )} END",
        );
    }

    private function of(string $row, string $expression): string
    {
        return (string) preg_replace('/\b(measured_at|left_out_because|air_c|source)\b/', $row.'$1', $expression);
    }
};
