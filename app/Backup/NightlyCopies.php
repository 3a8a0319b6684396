<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;

/**
 * The copies of every night: the newest of seven days, four weeks and twelve months stay, in one place and, where one is
 * named, in a second.
 */
final class NightlyCopies
{
    private const DAYS = 7;
    private const WEEKS = 4;
    private const MONTHS = 12;

    private const NAME = '/^shop-(\d{4}-\d{2}-\d{2})\.sqlite(\.sealed)?$/D';

    public function __construct(private readonly string $folder, private readonly ?string $second, private readonly ?string $key)
    {
    }

    public static function configured(): self
    {
        $text = fn (string $name): ?string => is_string(config($name)) && config($name) !== '' ? config($name) : null;

        return new self((string) config('oak.backups.folder'), $text('oak.backups.second'), $text('oak.backups.key'));
    }

    /**
     * Tonight's copy in both places, and the old ones away.
     *
     * @return string its file
     *
     * @throws \Exception If it could not be made, or not be put into the second place: the first is kept then.
     */
    public function make(string $live, CarbonImmutable $now): string
    {
        is_dir($this->folder) || mkdir($this->folder, 0700, true);
        $file = "{$this->folder}/shop-{$now->toDateString()}.sqlite";
        array_map(unlink(...), glob("{$file}*") ?: []);
        ShopCopy::make($live, $file);
        if ($this->key !== null) {
            try {
                Sealed::seal($file, $file.Sealed::ENDING, $this->key);
            } finally {
                unlink($file);
            }
            $file .= Sealed::ENDING;
        }
        self::drop($this->folder, $now);
        if ($this->second !== null) {
            $this->copyTo($this->second, $file);
            self::drop($this->second, $now);
        }

        return $file;
    }

    /** The newest there is; null without one. */
    public function newest(): ?string
    {
        $all = self::all($this->folder);

        return $all === [] ? null : "{$this->folder}/".$all[array_key_last($all)];
    }

    /**
     * The newest, opened into a file of its own.
     *
     * @throws NotRestored If there is none, or it can't be opened.
     */
    public function opened(string $to): string
    {
        $newest = $this->newest() ?? throw NotRestored::because('There is no copy yet.');
        self::open($newest, $to, $this->key);

        return $newest;
    }

    /** @throws NotRestored If it is sealed and the key does not open it. */
    public static function open(string $copy, string $to, ?string $key): void
    {
        str_ends_with($copy, Sealed::ENDING)
            ? Sealed::open($copy, $to, $key ?? throw NotRestored::because('The copy is sealed, and no key is set.'))
            : copy($copy, $to);
    }

    private function copyTo(string $second, string $file): void
    {
        // A disk that is not mounted leaves its empty folder: nothing is written beside it.
        if (! is_dir($second) || ! is_writable($second)) {
            throw new \RuntimeException("The second place {$second} is not there, or can't be written.");
        }
        $to = "{$second}/".basename($file);
        if (! @copy($file, "{$to}.half") || ! rename("{$to}.half", $to) || md5_file($to) !== md5_file($file)) {
            @unlink("{$to}.half");

            throw new \RuntimeException("The second place {$second} has no room for it.");
        }
    }

    /** What is neither of the last days, nor the first of a week or month that stays, goes. */
    private static function drop(string $folder, CarbonImmutable $now): void
    {
        [$weeks, $months] = [[], []];
        foreach (self::all($folder) as $day => $name) {
            $at = CarbonImmutable::parse($day);
            $isFirstOfWeek = ! isset($weeks[$at->format('o-W')]);
            $isFirstOfMonth = ! isset($months[$at->format('Y-m')]);
            $weeks[$at->format('o-W')] = $months[$at->format('Y-m')] = true;
            $age = (int) floor($at->diffInDays($now));
            $stays = $age < self::DAYS || ($isFirstOfWeek && $age < 7 * self::WEEKS + 7)
                || ($isFirstOfMonth && $at->diffInMonths($now) < self::MONTHS);
            $stays || @unlink("{$folder}/{$name}");
        }
    }

    /** @return array<string, string> names by day, the oldest first */
    private static function all(string $folder): array
    {
        $all = [];
        foreach (@scandir($folder) ?: [] as $name) {
            if (preg_match(self::NAME, $name, $of) === 1) {
                $all[$of[1]] = $name;
            }
        }
        ksort($all);

        return $all;
    }
}
