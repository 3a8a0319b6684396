<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * An owner who works at the bench.
 *
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    protected $model = User::class;

    public function definition(): array
    {
        return [
            'shop_id' => Shop::factory(),
            'name' => 'Ada Sample',
            'initials' => 'AS',
            'email' => 'ada@sample.example',
            'role' => Role::Owner,
            'password' => 'right-and-long',
        ];
    }
}
