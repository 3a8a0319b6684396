<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Tests\OneWayRooms;

/** The arrows run one way, and the core is alone. */
final class ArchitectureTest extends TestCase
{
    use OneWayRooms;

    /** Each room may use itself and the rooms before it in its list. */
    private const MAY_USE = [
        'Quantity' => [],
        'Stock' => ['Quantity'],
        'Inspection' => ['Geometry'],
        'Cost' => ['Quantity'],
        'Climate' => ['Quantity'],
        'Cloth' => ['Quantity'],
        'Optics' => ['Quantity'],
        'Cure' => ['Climate', 'Quantity'],
        'Film' => ['Cure', 'Quantity'],
        'Mixing' => ['Cure', 'Quantity'],
        'Abrasion' => ['Film', 'Optics', 'Quantity'],
        'Geometry' => ['Film', 'Quantity'],
        'Material' => ['Cure', 'Film', 'Mixing', 'Optics', 'Quantity'],
        'Choosing' => ['Material', 'Optics', 'Quantity'],
        'Method' => ['Abrasion', 'Choosing', 'Cloth', 'Cure', 'Film', 'Geometry', 'Inspection', 'Material', 'Mixing', 'Optics', 'Quantity'],
        'Practice' => ['Abrasion', 'Climate', 'Cure', 'Film', 'Geometry', 'Inspection', 'Material', 'Mixing', 'Optics', 'Quantity'],
        'Fact' => ['Abrasion', 'Climate', 'Cloth', 'Cure', 'Inspection', 'Method', 'Mixing', 'Quantity'],
        'Plan' => ['Abrasion', 'Choosing', 'Climate', 'Cloth', 'Cure', 'Fact', 'Film', 'Geometry', 'Inspection', 'Material', 'Method', 'Mixing', 'Optics', 'Quantity'],
        'Schedule' => ['Climate', 'Cure', 'Fact', 'Film', 'Material', 'Method', 'Plan', 'Quantity'],
        'Diagnosis' => ['Abrasion', 'Climate', 'Cure', 'Fact', 'Film', 'Geometry', 'Inspection', 'Method', 'Optics', 'Plan', 'Quantity', 'Schedule'],
        'Calc' => ['Abrasion', 'Climate', 'Cost', 'Cure', 'Film', 'Inspection', 'Material', 'Mixing', 'Optics', 'Quantity', 'Schedule'],
    ];

    public function testKnowsNoFrameworkClockChanceOrFile(): void
    {
        foreach (self::files() as [$path, $source]) {
            $code = implode('', array_map(
                fn (array|string $token): string => is_string($token) ? $token : (in_array($token[0], [T_COMMENT, T_DOC_COMMENT, T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true) ? ' ' : $token[1]),
                token_get_all($source),
            ));
            self::assertDoesNotMatchRegularExpression('/\b(Illuminate|Laravel|Carbon|Symfony|App)\\\\/', $code, "{$path} knows a framework");
            self::assertDoesNotMatchRegularExpression('/(?<![\w>:$])(?<!function )(now|time|microtime|hrtime|date|strtotime|rand|mt_rand|random_int|random_bytes|shuffle|uniqid|fopen|file|file_get_contents|file_put_contents|include|require|getenv|sleep|config|app)\s*\(/', $code, "{$path} reaches outside");
            self::assertDoesNotMatchRegularExpression('/\bnew\s+\\\\?(DateTime|DateTimeImmutable|SplFileObject|PDO)\b/', $code, "{$path} reaches outside");
        }
    }

    public function testIsStrictAndOfOneClass(): void
    {
        foreach (self::files() as [$path, $source]) {
            self::assertStringContainsString('declare(strict_types=1);', $source, $path);
            self::assertSame(1, preg_match_all('/^(final |abstract |readonly )*(class|interface|enum|trait) \w+/m', $source), "{$path} holds one class");
            self::assertStringContainsString(' '.basename($path, '.php'), $source, $path);
        }
    }

    protected static function folder(): string
    {
        return 'core';
    }

    protected static function space(): string
    {
        return 'OakGloss';
    }
}
