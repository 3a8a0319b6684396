<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Calc\BadField;
use OakGloss\Calc\Calculator;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** `gloss:calc shop-sheet`, against its published schema. */
final class ShopSheetCalcTest extends TestCase
{
    public function testInputAndOutputKeepThePublishedSchema(): void
    {
        $output = Calculator::run('shop-sheet', json_encode(self::input(), JSON_THROW_ON_ERROR));
        self::assertTrue(self::keeps('input', self::input()));
        self::assertTrue(self::keeps('output', $output));
        self::assertFalse(self::keeps('input', ['until_min' => 'late'] + self::input()));
        self::assertFalse(self::keeps('output', ['cost_min' => null] + $output));
    }

    public function testPartsShareHandsAndTheLargeClothTakesTwo(): void
    {
        $output = Calculator::run('shop-sheet', json_encode(self::input(), JSON_THROW_ON_ERROR));
        [$mudguard, $panel] = $output['parts'];
        self::assertSame([true, true], [$mudguard['possible'], $panel['possible']]);
        self::assertSame([0, 1], $panel['steps'][1]['people']);
        self::assertGreaterThanOrEqual(600.0, $panel['steps'][1]['start_min']);
        self::assertSame('bonded', $mudguard['steps'][1]['way']);
        self::assertGreaterThanOrEqual($output['bound_min'], $output['cost_min']);
    }

    public function testWhatHasNoPlaceIsSaid(): void
    {
        $input = self::input();
        $input['people'] = [['work' => [[480, 720]]]];
        $output = Calculator::run('shop-sheet', json_encode($input, JSON_THROW_ON_ERROR));
        self::assertSame(['id' => 'panel', 'possible' => false, 'finish_min' => null, 'steps' => []], $output['parts'][1]);
    }

    /** @return iterable<string, array{\Closure(array<string, mixed>): array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'nobody' => [fn (array $in): array => ['people' => []] + $in, 'people'];
        yield 'a backward window' => [fn (array $in): array => ['people' => [['work' => [[700, 600]]]]] + $in, 'people[0].work[0]'];
        yield 'a thing without a place' => [fn (array $in): array => ['things' => ['booth' => 0]] + $in, 'things.booth'];
        yield 'two parts of one name' => [fn (array $in): array => ['parts' => [$in['parts'][0], $in['parts'][0]]] + $in, 'parts'];
        yield 'five people' => [fn (array $in): array => ['parts' => [['id' => 'p', 'steps' => [['id' => 's', 'hands_min' => 10, 'people' => 5]]]]] + $in, 'parts[0].steps[0].people'];
        yield 'an unknown field' => [fn (array $in): array => ['parts' => [['id' => 'p', 'colour' => 'red', 'steps' => [['id' => 's', 'hands_min' => 10]]]]] + $in, 'parts[0].colour'];
        yield 'too fine a grid' => [fn (array $in): array => ['grid_min' => 0.25, 'until_min' => 20000] + $in, 'grid_min'];
    }

    /** @param \Closure(array<string, mixed>): array<string, mixed> $spoil */
    #[DataProvider('bad')]
    public function testBadInputNamesItsField(\Closure $spoil, string $field): void
    {
        try {
            Calculator::run('shop-sheet', json_encode($spoil(self::input()), JSON_THROW_ON_ERROR));
            self::fail('taken');
        } catch (BadField $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** @param array<array-key, mixed> $data */
    private static function keeps(string $what, array $data): bool
    {
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/shop-sheet.schema.json'), false, 64, JSON_THROW_ON_ERROR);
        $schema->{'$ref'} = "#/\$defs/{$what}";
        unset($schema->anyOf);

        return (new Validator())->validate(json_decode(json_encode($data, JSON_THROW_ON_ERROR)), $schema)->isValid();
    }

    /** @return array<string, mixed> */
    private static function input(): array
    {
        return [
            'from_min' => 480, 'until_min' => 2600, 'grid_min' => 15, 'key_penalty_min' => 60,
            'air' => [['min' => 0, 'c' => 18], ['min' => 840, 'c' => 22], ['min' => 1800, 'c' => 16]],
            'resin' => ['reference_c' => 20],
            'people' => [['work' => [[480, 1080], [1920, 2520]]], ['work' => [[600, 720]]]],
            'things' => ['booth' => 1],
            'parts' => [
                ['id' => 'mudguard', 'weight' => 2, 'due_min' => 1000, 'steps' => [['id' => 'coat 1', 'hands_min' => 15], ['id' => 'coat 2', 'hands_min' => 15, 'key_min' => 20, 'min_c' => 15, 'after' => ['kind' => 'age', 'lo' => 120, 'hi' => 260, 'key_from' => 700]]]],
                ['id' => 'panel', 'steps' => [['id' => 'wipe', 'hands_min' => 10], ['id' => 'lay', 'hands_min' => 40, 'people' => 2, 'after' => ['kind' => 'minutes', 'lo' => 5]], ['id' => 'clear', 'hands_min' => 30, 'uses' => ['booth' => 45], 'after' => ['kind' => 'minutes', 'lo' => 60]]]],
            ],
        ];
    }
}
