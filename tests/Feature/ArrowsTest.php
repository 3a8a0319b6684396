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
        'Models' => ['Casts', 'Time'],
        'Rules' => ['Models', 'Time'],
        'Files' => ['Time'],
        'Backup' => ['Models', 'People'],
        'Words' => ['Models', 'Time'],
        'People' => ['Models'],
        'Devices' => ['Models', 'Time'],
        'Shelf' => ['Database', 'Files', 'Models', 'Rules', 'Words'],
        'Stock' => ['Database', 'Models', 'Planning', 'Shelf', 'Time'],
        'Planning' => ['Database', 'Models', 'Rules', 'Shelf', 'Time', 'Words'],
        'Money' => ['Database', 'Models', 'Planning', 'Shelf', 'Stock'],
        'Calendar' => ['Models', 'Planning', 'Words'],
        'Acts' => ['Calendar', 'Models', 'Planning', 'Time'],
        'Bench' => ['Database', 'Devices', 'Models', 'Planning', 'Shelf', 'Stock', 'Time', 'Words'],
        'Inspection' => ['Models', 'Money', 'Planning', 'Shelf', 'Time', 'Words'],
        'View' => ['Bench', 'Health', 'Inspection', 'Models', 'Money', 'Planning', 'Shelf', 'Stock', 'Time', 'Words'],
        'Policies' => ['Models', 'Time'],
        'Http' => ['Acts', 'Bench', 'Calendar', 'Devices', 'Files', 'Health', 'Inspection', 'Models', 'Money', 'People', 'Planning', 'Rules', 'Shelf', 'Stock', 'Time', 'View', 'Words'],
        'Health' => ['Models', 'Planning'],
        'Console' => ['Acts', 'Backup', 'Devices', 'Files', 'Health', 'Models', 'People', 'Planning', 'Shelf', 'Stock'],
        'Providers' => ['Acts', 'Database', 'Devices', 'Files', 'Models', 'People', 'Planning', 'Policies', 'Shelf', 'Time', 'Words'],
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
