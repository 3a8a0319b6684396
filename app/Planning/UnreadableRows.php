<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\HourException;
use App\Models\User;
use App\Time\DaySpans;
use App\Time\ShopTime;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;

/** Names the rows of a shop's hours and air that can't be read: they are left out of every plan, and stop no page. */
final class UnreadableRows
{
    private const DAYS = [1 => 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

    /**
     * @param array<array-key, mixed>        $hours
     * @param array<array-key, mixed>        $curves
     * @param array<array-key, mixed>        $typed
     * @param list<User>                     $people
     * @param Collection<int, HourException> $exceptions
     *
     * @return list<string>
     */
    public static function of(array $hours, array $curves, array $typed, array $people, Collection $exceptions): array
    {
        $rows = [];
        $weeks = array_map(fn (User $u): array => [$u->name, self::asKept($u, 'hours') ?? []], $people);
        foreach ([['the shop', $hours], ...$weeks] as [$whose, $week]) {
            if (! is_array($week)) {
                $rows[] = "hours of {$whose}";
                continue;
            }
            foreach ($week as $day => $spans) {
                $rows = [...$rows, ...self::spans("hours of {$whose}, ".(self::DAYS[$day] ?? "day {$day}"), $spans)];
            }
        }
        foreach ($exceptions as $exception) {
            $rows = [...$rows, ...self::spans("other hours on {$exception->day}", self::asKept($exception, 'spans'))];
        }
        foreach (self::DAYS as $day => $name) {
            if (ShopTime::curve($curves[$day] ?? null) === null) {
                $rows[] = "day curve of {$name}";
            }
        }
        $time = new ShopTime('UTC');
        foreach ($typed as $point) {
            if ($time->point($point) === null) {
                $rows[] = 'typed point '.mb_substr(
                    (string) json_encode($point, JSON_UNESCAPED_UNICODE | JSON_PARTIAL_OUTPUT_ON_ERROR),
                    0,
                    60,
                );
            }
        }

        return $rows;
    }

    /** What a column of JSON holds, whatever that is. */
    private static function asKept(Model $row, string $column): mixed
    {
        return json_decode((string) $row->getRawOriginal($column), true);
    }

    /** @return list<string> */
    private static function spans(string $where, mixed $spans): array
    {
        return array_map(fn (string $said): string => "{$where}: {$said}", DaySpans::read($spans)[1]);
    }
}
