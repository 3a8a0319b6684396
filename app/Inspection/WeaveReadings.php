<?php

declare(strict_types=1);

namespace App\Inspection;

use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Fact\Kind\PrintRead;
use OakGloss\Optics\WeavePrint;

/** Photos of a part's faces that were read, each against the one before of the same face. */
final class WeaveReadings
{
    /** @return list<array{fact: Fact<PrintRead>, against: string}> the newest first; against: first, better, same or worse */
    public static function all(FactLog $log): array
    {
        $before = $rows = [];
        foreach ($log->all(PrintRead::class) as $fact) {
            $last = $before[$fact->content->zone] ?? null;
            $rows[] = ['fact' => $fact, 'against' => $last === null ? 'first' : WeavePrint::compare(
                $last->content->telegraph,
                $last->content->doubt,
                $fact->content->telegraph,
                $fact->content->doubt,
            )];
            $before[$fact->content->zone] = $fact;
        }

        return array_reverse($rows);
    }

    /**
     * The newest reading, where the weave came back by it and a lamp shows it: sanding stops.
     *
     * @return Fact<PrintRead>|null
     */
    public static function stops(FactLog $log): ?Fact
    {
        $newest = self::all($log)[0] ?? null;

        return $newest !== null && $newest['against'] === 'worse' && $newest['fact']->content->telegraph > WeavePrint::SHOWS
            ? $newest['fact'] : null;
    }
}
