<?php

declare(strict_types=1);

namespace Tests;

/** Rooms of code may use themselves and those in their list, `MAY_USE`; the arrows make no circle. */
trait OneWayRooms
{
    /** The folder of the rooms, and the namespace that it has. */
    abstract protected static function folder(): string;

    abstract protected static function space(): string;

    /** @return iterable<string, array{string, string}> path below the folder, source */
    public static function files(): iterable
    {
        $root = dirname(__DIR__).'/'.self::folder();
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            /** @var \SplFileInfo $file */
            $path = substr($file->getPathname(), strlen($root) + 1);
            yield $path => [$path, (string) file_get_contents($file->getPathname())];
        }
    }

    public function testEachUsesOnlyWhatItsRoomMay(): void
    {
        $against = [];
        foreach (self::files() as [$path, $source]) {
            $room = explode('/', $path)[0];
            self::assertArrayHasKey($room, self::MAY_USE, "{$room} is a new room: give it its place in the order");
            $against[$path] = array_values(array_diff(self::used($source), [$room, ...self::MAY_USE[$room]]));
        }
        self::assertSame([], array_filter($against), 'reaches against the order');
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
            $room = explode('/', $path)[0];
            $used[$room] = [...$used[$room] ?? [], ...self::used($source)];
        }
        foreach (self::MAY_USE as $room => $may) {
            self::assertSame([], array_values(array_diff($may, $used[$room] ?? [])), "{$room} needs less than it may use");
        }
    }

    /** @return list<string> rooms that a source names */
    private static function used(string $source): array
    {
        preg_match_all('/\b'.self::space().'\\\\(\w+)\\\\/', $source, $found);

        return array_values(array_unique($found[1]));
    }
}
