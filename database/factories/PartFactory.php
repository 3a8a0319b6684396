<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Clear;
use App\Models\Cloth;
use App\Models\Part;
use App\Models\Resin;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A bent panel with nothing done to it, of what the shipped shelf holds.
 *
 * @extends Factory<Part>
 */
final class PartFactory extends Factory
{
    protected $model = Part::class;

    public function definition(): array
    {
        return [
            'letter' => 'K', 'colour' => 1, 'name' => 'Test fender', 'substrate' => 'abs', 'primed' => false, 'tone' => 'black',
            'backing' => 'black', 'shape' => 'bent_panel', 'unit' => 'mm',
            'sizes' => ['length' => 400, 'top' => 200, 'flank' => 120, 'bend_deg' => 60, 'bend_radius' => 10, 'edge_radius' => 3],
            'zones' => [], 'zones_typed' => false, 'finish' => 'gloss', 'sun' => false, 'heat' => false, 'wear' => false,
            'wrap_mm' => 30, 'holes' => 0, 'needed_by' => null, 'wet_out' => 'on_set_base', 'after_wet_out' => 'cure_then_key',
            'top' => 'clear', 'build_coats' => null, 'finish_coats' => 1,
        ];
    }

    /** In a shop, with what its shelf has. */
    public function in(Shop $shop): static
    {
        $id = fn (string $model, string $like): int => (int) $model::query()
            ->where('shop_id', $shop->id)
            ->where('name', 'like', $like)
            ->value('id');
        $resin = $id(Resin::class, 'Tarn%medium%');

        return $this->state([
            'shop_id' => $shop->id,
            'base_resin_id' => $resin,
            'skin_resin_id' => $resin,
            'cloth_id' => $id(Cloth::class, 'Twill%200%'),
            'clear_id' => $id(Clear::class, '%2K gloss'),
        ]);
    }
}
