<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Fact\Content;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kinds;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\ZoneState;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\FieldType;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What every kind of fact must do: keep what it holds, say what it is, and refuse a row that says nothing. */
final class FactKindsTest extends TestCase
{
    /** @return iterable<string, array{class-string<Content>}> */
    public static function kinds(): iterable
    {
        foreach (Kinds::all() as $name => $kind) {
            yield $name => [$kind];
        }
    }

    /** @param class-string<Content> $kind */
    #[DataProvider('kinds')]
    public function testWhatItHoldsIsKeptAndReadAsItWas(string $kind): void
    {
        foreach ([true, false] as $withAll) {
            $data = [];
            foreach ($kind::fields() as $entry) {
                if ($withAll || $entry->isRequired) {
                    $data[$entry->name] = self::example($entry);
                }
            }
            $content = $kind::read($data);
            self::assertSame($data, $content->data());
            self::assertEquals($content, $kind::read((array) json_decode((string) json_encode($content->data()), true)));
            self::assertSame($kind, Kinds::named($kind::KIND));
        }
    }

    /** @param class-string<Content> $kind */
    #[DataProvider('kinds')]
    public function testARowWithoutWhatItNeedsIsRefused(string $kind): void
    {
        $needs = array_values(array_filter($kind::fields(), fn (Field $e): bool => $e->isRequired));
        foreach ($needs as $missing) {
            $data = [];
            foreach ($kind::fields() as $entry) {
                $data += $entry->name === $missing->name ? [] : [$entry->name => self::example($entry)];
            }
            try {
                $kind::read($data);
                self::fail("{$kind} is read without {$missing->name}");
            } catch (\UnexpectedValueException $e) {
                self::assertStringContainsString($missing->name, $e->getMessage());
            }
        }
        // What a row holds besides is passed over, such as what a later version kept.
        $all = array_combine(array_column($kind::fields(), 'name'), array_map(self::example(...), $kind::fields()));
        self::assertEquals($kind::read($all), $kind::read(['of_later' => 1] + $all));
    }

    /** @param class-string<Content> $kind */
    #[DataProvider('kinds')]
    public function testTheRecordCanPrintIt(string $kind): void
    {
        $data = array_combine(array_column($kind::fields(), 'name'), array_map(self::example(...), $kind::fields()));
        $line = $kind::read($data)->record(self::english());
        self::assertNotSame('', trim($line));
        self::assertStringNotContainsString(':', (string) preg_replace('/: |:$/', '', $line), 'every name in it is filled in');
    }

    /**
     * Values meet parameters by name: two fields in another order than their constructor, or a name that fits none, are seen.
     *
     * @param class-string<Content> $kind
     */
    #[DataProvider('kinds')]
    public function testEachFieldFillsTheParameterOfItsNameAndType(string $kind): void
    {
        $parameters = [];
        foreach ((new \ReflectionClass($kind))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $parameters[$parameter->getName()] = ltrim((string) $parameter->getType(), '?');
        }
        $fields = [];
        foreach ($kind::fields() as $field) {
            $fields[$field->parameter()] = match ($field->type) {
                FieldType::Number => 'float',
                FieldType::Whole => 'int',
                FieldType::Flag => 'bool',
                FieldType::Names => 'array',
                default => $field->enum ?? 'string',
            };
        }
        ksort($parameters);
        ksort($fields);
        self::assertSame($parameters, $fields);
        $data = array_combine(array_column($kind::fields(), 'name'), array_map(self::example(...), $kind::fields()));
        foreach ($kind::fields() as $field) {
            self::assertEquals($field->read($data[$field->name]), $kind::read($data)->{$field->parameter()}, $field->name);
        }
    }

    public function testNoKindHasAnothersName(): void
    {
        $classes = array_map(fn (string $f): string => basename($f, '.php'), glob(dirname(__DIR__, 2).'/core/Fact/Kind/*.php') ?: []);
        $listed = array_map(fn (string $k): string => substr((string) strrchr($k, '\\'), 1), array_values(Kinds::all()));
        sort($listed);
        self::assertSame($classes, $listed, 'the registry lists every class once');
        $this->expectExceptionMessage('no kind of fact');
        Kinds::named('sung');
    }

    /** A kind of its own, in one file, that no other place knows by name. */
    public function testANewKindReachesFilmAndPlanByItself(): void
    {
        $at = 100.0;
        $facts = [];
        foreach (Sample::plan()->steps as $step) {
            $facts[] = new Fact(count($facts) + 1, $step->step->key, $at += 300.0, 20.0, $step->step->kind === StepKind::Coat ? new CoatOn($step->batch?->totalG()) : new ScrapedClean());
            if ($step->step->key === 'build-2') {
                break;
            }
        }
        $plan = Sample::plan(facts: $facts);
        self::assertSame('build-2', $plan->lastDone()?->step->key, 'each step is done with it');
        $read = Sample::plan(facts: [...$facts, new Fact(99, 'build-2', $at + 100.0, 20.0, new ScrapedClean(40.0))]);
        [$before, $after] = array_map(fn (FinishPlan $p): ZoneState => $p->zonesNow[0], [$plan, $read]);
        self::assertGreaterThan(20.0, abs($after->crownCover($after->after)->inMicrometres() - $before->crownCover($before->after)->inMicrometres()), 'and what it reads sets the film');
        self::assertLessThan($before->meanDoubtUm(), $after->meanDoubtUm());
    }

    public static function example(Field $entry): string|int|float
    {
        return match (true) {
            $entry->choices !== [] => $entry->choices[0],
            $entry->type === FieldType::Number => is_finite($entry->most) ? ($entry->least + $entry->most) / 2.0 : 30080000.5,
            $entry->type === FieldType::Whole => is_finite($entry->most) ? (int) $entry->most : 7,
            $entry->type === FieldType::Flag => 1,
            $entry->type === FieldType::Names => 'top|rim',
            default => 'top',
        };
    }

    public static function english(): Words
    {
        return new class () implements Words {
            public function phrase(Content $of, string $name, array $args = []): string
            {
                $said = $of::phrases()[$name] ?? throw new \LogicException($of::KIND." has no phrase {$name}");

                return strtr($said, array_combine(array_map(fn (string $n): string => ":{$n}", array_keys($args)), array_map(strval(...), $args)));
            }

            public function word(string $group, ?string $value): string
            {
                return "{$group} {$value}";
            }

            public function grams(float $grams): string
            {
                return "{$grams} g";
            }

            public function off(float $share): string
            {
                return "{$share} off";
            }

            public function um(float $micrometres): string
            {
                return "{$micrometres} µm";
            }

            public function when(?float $minutes): string
            {
                return "minute {$minutes}";
            }

            public function between(?float $from, ?float $until): string
            {
                return "{$from} to {$until}";
            }
        };
    }
}
