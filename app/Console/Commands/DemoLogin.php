<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use Illuminate\Console\Command;

/** Says how to sign in to the demo. */
final class DemoLogin extends Command
{
    protected $signature = 'oak:demo-login';

    protected $description = 'Print the demo login';

    public function handle(): int
    {
        // PHP's own server is no workshop's: it has one process to die, no HTTPS, and a password that everybody knows.
        $email = (string) config('oak.demo_login.email');
        if (User::query()->exists() && ! User::query()->where('email', $email)->exists()) {
            $this->error((string) __('people.no_demo_here'));

            return self::FAILURE;
        }
        $this->line("Sign in as {$email} with ".config('oak.demo_login.password'));

        return self::SUCCESS;
    }
}
