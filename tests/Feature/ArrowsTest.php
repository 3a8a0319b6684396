<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Tests\OneWayRooms;

/** The arrows among the rooms of app/ run one way, as those of core/ do. */
final class ArrowsTest extends TestCase
{
    use OneWayRooms;

    /** Each room may use itself and the rooms in its list. */
    private const MAY_USE = [
        'Time' => [],
        'Database' => [],
        'Casts' => [],
        'Cache' => [],
        'Session' => [],
        'Models' => ['Casts', 'Time'],
        'Clock' => ['Models', 'Time'],
        'Rules' => ['Clock', 'Models'],
        'Files' => ['Time'],
        'Backup' => ['Models', 'People'],
        'Words' => ['Clock', 'Models', 'Time'],
        'People' => ['Models'],
        'Devices' => ['Clock', 'Models'],
        'Shelf' => ['Database', 'Files', 'Models', 'Rules', 'Words'],
        'Stock' => ['Database', 'Models', 'Planning', 'Shelf', 'Time'],
        'Planning' => ['Clock', 'Database', 'Models', 'Rules', 'Shelf', 'Time', 'Words'],
        'Money' => ['Database', 'Models', 'Planning', 'Shelf', 'Stock'],
        'Calendar' => ['Models', 'Planning', 'Words'],
        'Acts' => ['Bench', 'Calendar', 'Clock', 'Models', 'Planning'],
        'Bench' => ['Devices', 'Models', 'Planning', 'Stock', 'Time', 'Words'],
        'Inspection' => ['Models', 'Money', 'Planning', 'Shelf', 'Time', 'Words'],
        'View' => ['Bench', 'Inspection', 'Models', 'Money', 'Planning', 'Shelf', 'Stock', 'Time', 'Words'],
        'Policies' => ['Clock', 'Models'],
        'Http' => ['Acts', 'Bench', 'Calendar', 'Clock', 'Devices', 'Files', 'Inspection', 'Models', 'Money', 'People', 'Planning', 'Rules', 'Shelf', 'Stock', 'Time', 'View', 'Words'],
        'Console' => ['Acts', 'Backup', 'Devices', 'Files', 'Models', 'People', 'Planning', 'Shelf', 'Stock'],
        'Providers' => ['Acts', 'Cache', 'Clock', 'Database', 'Devices', 'Models', 'People', 'Planning', 'Policies', 'Session', 'Shelf', 'Words'],
    ];

    protected static function folder(): string
    {
        return 'app';
    }

    protected static function space(): string
    {
        return 'App';
    }
}
