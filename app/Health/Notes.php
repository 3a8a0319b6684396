<?php

declare(strict_types=1);

namespace App\Health;

/**
 * When what happens by itself last happened, and how it went: a file beside the data, so that it is there when the data are
 * not. What can't be read says nothing.
 *
 * @phpstan-type Note array{at: int, ok: bool, why?: string, ...<string, string|int|bool>}
 */
final class Notes
{
    public const BACKUP = 'backup';
    public const TRIAL = 'trial';
    public const CHECK = 'check';
    public const POLL = 'poll';

    /** @param array<string, string|int|bool> $more */
    public function note(string $what, bool $ok, array $more = []): void
    {
        $file = $this->file();
        $notes = [$what => ['at' => time(), 'ok' => $ok] + $more] + $this->all();
        // Under its name only when it is whole.
        $half = "{$file}.".getmypid();
        if (@file_put_contents($half, (string) json_encode($notes)) !== false) {
            @chmod($half, 0600);
            @rename($half, $file);
        }
    }

    /** @return Note|null */
    public function of(string $what): ?array
    {
        return $this->all()[$what] ?? null;
    }

    /** @return array<string, Note> */
    private function all(): array
    {
        $notes = json_decode((string) @file_get_contents($this->file()), true);
        $isNote = fn (mixed $note): bool => is_array($note) && is_int($note['at'] ?? null) && is_bool($note['ok'] ?? null);

        return is_array($notes) ? array_filter($notes, $isNote) : [];
    }

    private function file(): string
    {
        return (string) config('oak.notes');
    }
}
