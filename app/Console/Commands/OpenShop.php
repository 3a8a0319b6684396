<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\People\GoodPassword;
use App\Shelf\ShippedShelf;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use OakGloss\Method\Workshop;

/** A real shop's first day: its row, its first person, the shipped shelf, usual hours and air to be changed. */
final class OpenShop extends Command
{
    protected $signature = 'oak:open-shop {name} {town} {person} {email} {--zone=Europe/Vienna : time zone of the shop}';

    protected $description = 'Open a shop and its first login; asks for the password';

    public function handle(): int
    {
        if (User::query()->where('email', (string) config('oak.demo_login.email'))->exists()) {
            $this->error((string) __('people.demo_is_here'));

            return self::FAILURE;
        }
        $given = [
            'name' => $this->argument('name'),
            'town' => $this->argument('town'),
            'person' => $this->argument('person'),
            'email' => Str::lower((string) $this->argument('email')),
            'zone' => $this->option('zone'),
            'password' => $this->secret('Password, 12 characters or more'),
        ];
        $check = Validator::make($given, [
            'name' => ['required', 'string', 'max:80'],
            'town' => ['required', 'string', 'max:80'],
            'person' => ['required', 'string', 'max:80'],
            'email' => ['required', 'email', 'unique:users,email'],
            'zone' => ['required', 'timezone:all'],
            'password' => [
                'required',
                'string',
                new GoodPassword([
                    (string) $this->argument('name'),
                    (string) $this->argument('person'),
                    (string) $this->argument('email'),
                ]),
            ],
        ]);
        if ($check->fails()) {
            foreach ($check->errors()->all() as $message) {
                $this->error($message);
            }

            return self::FAILURE;
        }
        DB::transaction(function () use ($given): void {
            $workday = [['08:00', '12:00'], ['13:00', '17:00']];
            $shop = Shop::query()->create([
                'name' => $given['name'],
                'town' => $given['town'],
                'zone' => $given['zone'],
                'working_hours' => array_fill(1, 5, $workday) + [6 => [], 7 => []],
                'day_curves' => array_fill(
                    1,
                    7,
                    ['coldest_c' => 16.0, 'coldest_at' => '06:00', 'warmest_c' => 21.0, 'warmest_at' => '14:00'],
                ),
                'typed_air' => [],
                'assumed' => Shop::ASSUMED,
                'cup_loss_g' => 8.0,
                'scale_step_g' => 0.1,
                'target_burn_through' => Workshop::TARGET_BURN_THROUGH,
            ]);
            ShippedShelf::examples($shop);
            User::query()->create([
                'shop_id' => $shop->id,
                'name' => $given['person'],
                'initials' => mb_strtoupper(implode(
                    '',
                    array_map(fn (string $w): string => mb_substr($w, 0, 1), array_slice(explode(' ', (string) $given['person']), 0, 3)),
                )),
                'email' => $given['email'],
                'password' => $given['password'],
                'role' => Role::Owner,
            ]);
        });
        $this->info("{$given['name']} is open. Set its hours and air under Shop, and its own sheets on the Shelf.");

        return self::SUCCESS;
    }
}
