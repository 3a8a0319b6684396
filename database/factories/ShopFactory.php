<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Shop;
use App\Shelf\ShippedShelf;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A small shop: open from 8 to 18, 20 °C all day, with the shipped shelf.
 *
 * @extends Factory<Shop>
 */
final class ShopFactory extends Factory
{
    protected $model = Shop::class;

    public function definition(): array
    {
        return [
            'name' => 'Sample Works',
            'town' => 'Nowhere',
            'zone' => 'Europe/Vienna',
            'working_hours' => array_fill(1, 7, [['08:00', '18:00']]),
            'day_curves' => array_fill(1, 7, ['coldest_c' => 20.0, 'coldest_at' => '05:00', 'warmest_c' => 20.0, 'warmest_at' => '14:00']),
            'tools' => Shop::TOOLS,
            'things' => ['booth' => 1, 'warm_box' => 2, 'heat_lamp' => 1, 'heated_room' => 1, 'cool_place' => 2, 'oven' => 0],
            'typed_air' => [],
            'cup_loss_g' => 7,
            'scale_step_g' => 0.1,
            'target_burn_through' => 0.01,
        ];
    }

    public function configure(): static
    {
        return $this->afterCreating(fn (Shop $shop) => ShippedShelf::stock($shop));
    }
}
