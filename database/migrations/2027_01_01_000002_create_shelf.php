<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class () extends Migration {
    public function up(): void
    {
        Schema::create('resins', function (Blueprint $table): void {
            $this->shelved($table);
            $table->json('sheet');
            $table->float('reference_c');
            $table->float('tack_from_age_min');
            $table->float('tack_until_age_min');
            $table->float('sandable_age_min');
            $table->float('full_age_min');
            $table->float('stall_c')->nullable();
            $table->string('ratio_kind');
            $table->float('hardener_phr')->nullable();
            $table->float('volume_resin')->nullable();
            $table->float('volume_hardener')->nullable();
            $table->float('density_resin_g_cm3');
            $table->float('density_hardener_g_cm3');
            $table->float('density_mixed_g_cm3');
            $table->float('viscosity_pa_s');
            $table->float('viscosity_ea_j_mol');
            $table->float('gel_age_min');
            $table->float('shrinkage');
            $table->float('pot_life_min');
            $table->float('pot_mass_g');
            $table->float('pot_c');
            $table->float('min_c');
            $table->boolean('uv_stable');
            $table->float('pigment_fraction');
        });
        Schema::create('cloths', function (Blueprint $table): void {
            $this->shelved($table);
            $table->string('weave');
            $table->float('areal_g_m2');
            $table->float('fibre_fraction');
            $table->float('texture_ratio');
            $table->float('width_mm');
        });
        Schema::create('papers', function (Blueprint $table): void {
            $this->shelved($table);
            $table->integer('grit');
            $table->string('form');
            $table->integer('sheets');
        });
        Schema::create('clears', function (Blueprint $table): void {
            $this->shelved($table);
            $table->string('sheen');
            $table->boolean('isocyanate');
            $table->float('wet_um');
            $table->float('volume_solids');
            $table->float('transfer');
            $table->float('viscosity_pa_s');
            $table->float('density_g_cm3');
            $table->float('set_min');
            $table->float('flash_min');
            $table->float('ready_after_min');
            $table->float('final_um');
            $table->float('min_c');
        });
    }

    /** A changed sheet is a new row; the old one stays for the parts that were made with it. */
    private function shelved(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('shop_id')->constrained();
        $table->string('name');
        $table->foreignId('superseded_by_id')->nullable()->constrained($table->getTable());
        $table->timestamps();
    }
};
