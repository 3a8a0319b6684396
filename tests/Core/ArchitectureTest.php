<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The arrows run one way, and the core is alone. */
final class ArchitectureTest extends TestCase
{
    /** Each room may use itself and the rooms before it in its list. */
    private const MAY_USE = [
        'Finding' => [],
        'Quantity' => [],
        'Safety' => [],
        'Uncertainty' => [],
        'Climate' => ['Quantity'],
        'Cloth' => ['Quantity'],
        'Optics' => ['Quantity'],
        'Cure' => ['Climate', 'Quantity', 'Uncertainty'],
        'Film' => ['Cure', 'Quantity', 'Uncertainty'],
        'Mixing' => ['Cure', 'Quantity'],
        'Abrasion' => ['Film', 'Optics', 'Quantity'],
        'Clear' => ['Film', 'Quantity'],
        'Geometry' => ['Film', 'Quantity'],
        'Material' => ['Clear', 'Cure', 'Film', 'Mixing', 'Optics', 'Quantity'],
        'Method' => ['Abrasion', 'Material', 'Optics', 'Quantity', 'Safety'],
        'Practice' => ['Abrasion', 'Climate', 'Cure', 'Film', 'Geometry', 'Material', 'Mixing', 'Optics', 'Quantity'],
        'Fact' => ['Abrasion', 'Climate', 'Cure', 'Method', 'Quantity'],
        'Plan' => ['Abrasion', 'Clear', 'Climate', 'Cloth', 'Cure', 'Fact', 'Film', 'Finding', 'Geometry', 'Material', 'Method', 'Mixing', 'Optics', 'Quantity', 'Uncertainty'],
        'Schedule' => ['Climate', 'Cure', 'Fact', 'Film', 'Finding', 'Material', 'Method', 'Plan', 'Quantity'],
        'Calc' => ['Abrasion', 'Clear', 'Climate', 'Cure', 'Film', 'Mixing', 'Optics', 'Quantity', 'Schedule'],
    ];

    /** @return iterable<string, array{string, string}> path below core/, source */
    public static function files(): iterable
    {
        $core = dirname(__DIR__, 2).'/core';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($core, \FilesystemIterator::SKIP_DOTS)) as $file) {
            /** @var \SplFileInfo $file */
            $path = substr($file->getPathname(), strlen($core) + 1);
            yield $path => [$path, (string) file_get_contents($file->getPathname())];
        }
    }

    #[DataProvider('files')]
    public function testImportsOnlyWhatItsRoomMayUse(string $path, string $source): void
    {
        $room = explode('/', $path)[0];
        self::assertArrayHasKey($room, self::MAY_USE, "{$room} is a new room: give it its place in the order");
        preg_match_all('/OakGloss\\\\(\w+)\\\\/', $source, $used);
        $foreign = array_diff(array_unique($used[1]), [$room, ...self::MAY_USE[$room]]);
        self::assertSame([], array_values($foreign), "{$path} reaches against the order");
    }

    #[DataProvider('files')]
    public function testKnowsNoFrameworkClockChanceOrFile(string $path, string $source): void
    {
        $code = implode('', array_map(
            fn (array|string $token): string => is_string($token) ? $token : (in_array($token[0], [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true) ? ' ' : $token[1]),
            token_get_all($source),
        ));
        self::assertDoesNotMatchRegularExpression('/\b(Illuminate|Laravel|Carbon|Symfony|App)\\\\/', $code, "{$path} knows a framework");
        self::assertDoesNotMatchRegularExpression('/(?<![\w>:$])(?<!function )(now|time|microtime|hrtime|date|strtotime|rand|mt_rand|random_int|random_bytes|shuffle|uniqid|fopen|file|file_get_contents|file_put_contents|include|require|getenv|sleep|config|app)\s*\(/', $code, "{$path} reaches outside");
        self::assertDoesNotMatchRegularExpression('/\bnew\s+\\\\?(DateTime|DateTimeImmutable|SplFileObject|PDO)\b/', $code, "{$path} reaches outside");
    }

    #[DataProvider('files')]
    public function testIsStrictAndOfOneClass(string $path, string $source): void
    {
        self::assertStringContainsString('declare(strict_types=1);', $source);
        self::assertSame(1, preg_match_all('/^(final |abstract |readonly )*(class|interface|enum|trait) \w+/m', $source), "{$path} holds one class");
        self::assertStringContainsString(' '.basename($path, '.php'), $source);
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
}
