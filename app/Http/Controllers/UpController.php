<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shop;
use Illuminate\Http\Response;

/** For who watches the server: whether the data answer, and whether there is room to keep more. */
final class UpController
{
    private const LEAST_FREE_BYTES = 64 * 1024 * 1024;

    public function __invoke(): Response
    {
        $wrong = array_filter([
            'database' => $this->database(),
            'data disk' => $this->disk(dirname((string) config('database.connections.sqlite.database'))),
            'storage disk' => $this->disk(storage_path('framework')),
        ]);
        $lines = array_map(fn (string $what, string $why): string => "{$what}: {$why}", array_keys($wrong), $wrong);
        $said = $wrong === [] ? 'up' : implode("\n", $lines);

        return response("{$said}\n", $wrong === [] ? 200 : 503)->header('Content-Type', 'text/plain; charset=utf-8');
    }

    private function database(): ?string
    {
        try {
            Shop::query()->count();

            return null;
        } catch (\Throwable) {
            return 'does not answer';
        }
    }

    private function disk(string $directory): ?string
    {
        if (! is_dir($directory)) {
            return null;
        }
        $free = @disk_free_space($directory);
        $file = "{$directory}/up-".getmypid();
        $isWritten = @file_put_contents($file, 'up') === 2;
        @unlink($file);

        return $isWritten && $free !== false && $free >= self::LEAST_FREE_BYTES ? null : 'no room';
    }
}
