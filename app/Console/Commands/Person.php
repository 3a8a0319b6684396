<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\People\Invites;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** For who has lost the password and has no owner to ask: a new one-time link, by whoever looks after the machine. */
final class Person extends Command
{
    protected $signature = 'oak:person {email : the address that the person signs in with}';

    protected $description = 'Print a one-time link with which a person sets a new password';

    public function handle(Invites $invites): int
    {
        $person = User::query()->where('email', Str::lower((string) $this->argument('email')))->first();
        if ($person === null || $person->left_at !== null) {
            $this->error('Nobody who works here signs in with that address.');

            return self::FAILURE;
        }
        $this->line("For {$person->name}, once, within 7 days:");
        $this->line($invites->make($person, null));

        return self::SUCCESS;
    }
}
