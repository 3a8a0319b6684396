<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The arrows among the rooms of app/ run one way, as those of core/ do. */
final class ArrowsTest extends TestCase
{
    /** Each room may use itself and the rooms in its list. */
    private const MAY_USE = [
        'Time' => [],
        'Database' => [],
        'Models' => ['Time'],
        'Clock' => ['Models', 'Time'],
        'Rules' => ['Clock'],
        'Files' => ['Time'],
        'Backup' => [],
        'Words' => ['Clock', 'Models', 'Time'],
        'People' => ['Models'],
        'Devices' => ['Clock', 'Models'],
        'Shelf' => ['Models', 'Words'],
        'Planning' => ['Clock', 'Models', 'Shelf', 'Time', 'Words'],
        'Calendar' => ['Planning', 'Words'],
        'Practice' => [],
        'Acts' => ['Clock', 'Models', 'Planning'],
        'Bench' => ['Models', 'Planning', 'Time', 'Words'],
        'View' => ['Bench', 'Models', 'Planning', 'Time'],
        'Load' => ['Bench', 'Database', 'Files', 'Models', 'Planning', 'View'],
        'Policies' => ['Clock', 'Models'],
        'Http' => ['Acts', 'Bench', 'Calendar', 'Clock', 'Devices', 'Files', 'Models', 'People', 'Planning', 'Practice', 'Rules', 'Shelf', 'Time', 'View', 'Words'],
        'Console' => ['Backup', 'Devices', 'Load', 'Models', 'People', 'Planning', 'Shelf'],
        'Providers' => ['Acts', 'Clock', 'Database', 'Devices', 'Models', 'People', 'Planning', 'Policies', 'Shelf'],
    ];

    /** @return iterable<string, array{string, string}> path below app/, source */
    public static function files(): iterable
    {
        $app = dirname(__DIR__, 2).'/app';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($app, \FilesystemIterator::SKIP_DOTS)) as $file) {
            /** @var \SplFileInfo $file */
            $path = substr($file->getPathname(), strlen($app) + 1);
            yield $path => [$path, (string) file_get_contents($file->getPathname())];
        }
    }

    #[DataProvider('files')]
    public function testUsesOnlyWhatItsRoomMay(string $path, string $source): void
    {
        $room = explode('/', $path)[0];
        self::assertArrayHasKey($room, self::MAY_USE, "{$room} is a new room: give it its place");
        preg_match_all('/\bApp\\\\(\w+)\\\\/', $source, $used);
        self::assertSame([], array_values(array_diff(array_unique($used[1]), [$room, ...self::MAY_USE[$room]])), "{$path} reaches against the order");
    }

    public function testTheOrderHasNoCircle(): void
    {
        $open = self::MAY_USE;
        while ($open !== []) {
            $free = array_keys(array_filter($open, fn (array $uses): bool => array_intersect($uses, array_keys($open)) === []));
            self::assertNotSame([], $free, 'a circle among '.implode(', ', array_keys($open)));
            $open = array_diff_key($open, array_flip($free));
        }
    }

    public function testEveryArrowIsUsed(): void
    {
        $used = [];
        foreach (self::files() as [$path, $source]) {
            preg_match_all('/\bApp\\\\(\w+)\\\\/', $source, $found);
            $room = explode('/', $path)[0];
            $used[$room] = array_unique([...$used[$room] ?? [], ...array_diff($found[1], [$room])]);
        }
        foreach (self::MAY_USE as $room => $may) {
            self::assertSame([], array_values(array_diff($may, $used[$room] ?? [])), "{$room} needs less than it may use");
        }
    }
}
