<?php

declare(strict_types=1);

namespace App\Calendar;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

/** A shop's zone as a calendar needs it (RFC 5545, 3.6.5): so that what is at eight stays at eight. */
final class ZoneComponent
{
    public static function of(VCalendar $calendar, DateTimeZone $zone, DateTimeInterface $now): Component
    {
        $component = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()]);
        $from = $now->getTimestamp() - 366 * 86400;
        $changes = $zone->getTransitions($from, $now->getTimestamp() + 731 * 86400) ?: [];
        foreach ($changes as $i => $change) {
            $before = $changes[$i - 1]['offset'] ?? $change['offset'];
            // It begins at what the clock showed before it was turned.
            $component->add($calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => (new DateTimeImmutable('@'.($change['ts'] + $before)))->format('Ymd\THis'),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($change['offset']),
                'TZNAME' => $change['abbr'],
            ]));
        }

        return $component;
    }

    private static function offset(int $seconds): string
    {
        return ($seconds < 0 ? '-' : '+').gmdate('Hi', abs($seconds));
    }
}
