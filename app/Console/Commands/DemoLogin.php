<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;

/** Says how to sign in to the demo. */
final class DemoLogin extends Command
{
    protected $signature = 'oak:demo-login';

    protected $description = 'Print the demo login';

    public function handle(): int
    {
        $this->line('Sign in as '.config('oak.demo_login.email').' with '.config('oak.demo_login.password'));

        return self::SUCCESS;
    }
}
