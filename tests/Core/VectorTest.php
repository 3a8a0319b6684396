<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Calc\Calculator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The models against cases computed independently of this project. */
final class VectorTest extends TestCase
{
    private const MODELS = ['batches', 'calibrate', 'catalyst', 'clear', 'cup', 'cure-window', 'drain', 'film', 'fit', 'gloss', 'grit-ladder', 'laminate', 'levelling', 'mix', 'quote', 'run-sheet'];

    /** @return iterable<string, array{string, \stdClass}> */
    public static function cases(): iterable
    {
        foreach (self::MODELS as $model) {
            foreach (json_decode((string) file_get_contents(__DIR__."/../vectors/{$model}.json"), false, 64, JSON_THROW_ON_ERROR) as $case) {
                yield $case->name => [$model, $case];
            }
        }
    }

    #[DataProvider('cases')]
    public function testAgreesWithTheIndependentlyComputedCase(string $model, \stdClass $case): void
    {
        $expected = json_decode((string) json_encode($case->out), true);
        $actual = Calculator::run($model, (string) json_encode($case->in));
        self::assertAgrees($expected, $actual, $case->rel_tol, (array) ($case->abs_tol ?? []), '');
    }

    public function testEveryModelHasCases(): void
    {
        $count = array_count_values(array_map(fn (array $c): string => $c[0], iterator_to_array(self::cases())));
        self::assertSame(self::MODELS, array_keys($count));
        self::assertSame(118, array_sum($count));
    }

    public function testAnArrayOfInputsGivesTheArrayOfOutputs(): void
    {
        $one = '{"total_g": 100, "scale_step_g": 0.1, "hardener_phr": 25}';
        $single = Calculator::run('mix', $one);
        self::assertSame([$single, $single], Calculator::run('mix', "[{$one}, {$one}]"));
        self::assertSame([], Calculator::run('mix', '[]'));
    }

    /** @param array<string, float> $absolute by key; the wider tolerance counts */
    private static function assertAgrees(mixed $expected, mixed $actual, float $tolerance, array $absolute, string $path): void
    {
        if (is_array($expected)) {
            self::assertIsArray($actual, "{$path} is no array");
            self::assertSame(array_keys($expected), array_keys($actual), "other fields in {$path}");
            foreach ($expected as $key => $value) {
                self::assertAgrees($value, $actual[$key], $tolerance, $absolute, "{$path}.{$key}");
            }
        } elseif (is_int($expected) || is_float($expected)) {
            self::assertIsNumeric($actual, "{$path} is no number");
            $key = substr((string) strrchr($path, '.'), 1);
            self::assertEqualsWithDelta($expected, $actual, max($absolute[$key] ?? 0.0, $tolerance * max(abs($expected), 1e-12)), $path);
        } else {
            self::assertSame($expected, $actual, $path);
        }
    }
}
