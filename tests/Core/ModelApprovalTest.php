<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Calc\Calculator;
use OakGloss\Choosing\Form;
use OakGloss\Choosing\Lies;
use OakGloss\Choosing\Purpose;
use OakGloss\Choosing\Skill;
use OakGloss\Choosing\Tool;
use OakGloss\Choosing\Wish;
use OakGloss\Fact\Kinds;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\Levelling;
use OakGloss\Film\Weave;
use OakGloss\Material\Substrate;
use OakGloss\Method\Methods;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\MixRatio;
use OakGloss\Mixing\Pour;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\OutOfRange;

use PHPUnit\Framework\TestCase;

/** Models and kinds of facts in figures: what their vectors and contracts leave open by a tolerance is held as it was approved. */
final class ModelApprovalTest extends TestCase
{
    public function testTheModelsAnswerWhatWasApproved(): void
    {
        $lines = [];
        foreach (VectorTest::cases() as $name => [$model, $case]) {
            $text = Approved::value(Calculator::run($model, (string) json_encode($case->in)));
            // Long tables are held by their hash.
            $lines[] = "{$name}: ".(strlen($text) > 400 ? substr($text, 0, 400).'… '.md5($text) : $text);
        }
        Approved::is('models', $lines);
    }

    public function testHowWellEachWaySuitsIsWhatWasApproved(): void
    {
        $any = fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $lines = [];
        foreach (range(1, 60) as $n) {
            mt_srand($n);
            $wish = new Wish(
                $any(Lies::cases()),
                $any(Purpose::cases()),
                $any(Substrate::cases()),
                $any(Form::cases()),
                $any([1, 1, 2, 3, 5, 9, 25, 40, 200]),
                $any(Finish::cases()),
                $any([true, false]),
                $any([true, false]),
                $any([true, false]),
                $any([true, false]),
                $any([true, false]),
                $any(Skill::cases()),
                array_values(array_filter(Tool::cases(), fn (): bool => mt_rand(0, 2) > 0)),
            );
            foreach (Methods::all() as $code => $method) {
                $suits = $method->suits($wish);
                $lines[] = "{$n} {$code}: ".Approved::value([
                    $suits->points, $suits->reasons, $suits->refused, array_map(fn (Tool $t): string => $t->value, $suits->lacks), $suits->isPlaced,
                ]);
            }
        }
        Approved::is('suits', $lines);
    }

    /** The ends of the ranges in which a model may be asked: the last value is taken, the next is refused. */
    public function testWhatLiesOutsideAModelsRangeIsRefused(): void
    {
        $ends = [
            'wavelength' => [fn (float $v) => Levelling::rippleLeftUm(1.0, $v, 100.0, 1.0, 5.0), 0.01, 1000.0],
            'viscosity' => [fn (float $v) => Levelling::rippleLeftUm(1.0, 2.0, 100.0, $v, 5.0), 0.001, 1000.0],
            'film' => [fn (float $v) => new ExistingFilm($v, 20.0, 10.0), 0.0, 2000.0],
            'relief' => [fn (float $v) => new ExistingFilm(100.0, $v, 10.0), 1.0, 1000.0],
            'doubt of the film' => [fn (float $v) => new ExistingFilm(100.0, 20.0, $v), 1.0, 1000.0],
            'weave' => [fn (float $v) => new Weave($v), 20.0, 2000.0],
            'fibre' => [fn (float $v) => new Weave(200.0, $v), 0.2, 0.75],
            'texture' => [fn (float $v) => new Weave(200.0, 0.5, $v), 0.0, 1.0],
            'batch' => [fn (float $v) => Batch::of($v, MixRatio::byWeight(30.0)), 0.1, 100000.0],
            'pigment' => [fn (float $v) => Batch::of(100.0, MixRatio::byWeight(30.0), $v), 0.0, 0.5],
            'pieces' => [fn (float $v) => new Wish(pieces: (int) $v), 1.0, 500.0],
            'total' => [fn (float $v) => (new Pour(Batch::of(100.0, MixRatio::byWeight(30.0)), $v, 3.0))->totalG(), 0.0, 100000.0],
        ];
        foreach ($ends as $name => [$ask, $least, $most]) {
            foreach ([[$least, $least === 0.0 ? -0.01 : $least * 0.9], [$most, $most * 1.02]] as [$last, $next]) {
                $ask($last);
                try {
                    $ask($next);
                    self::fail("{$name} takes {$next}");
                } catch (OutOfRange) {
                    continue;
                }
            }
        }
        self::assertSame(14.0, (new Pour(Batch::of(100.0, MixRatio::byWeight(30.0)), 10.0, 3.0, 1.0))->totalG());
    }

    public function testKindsOfFactsTakeWhatWasApproved(): void
    {
        $lines = [];
        foreach (Kinds::all() as $name => $kind) {
            foreach ($kind::fields() as $field) {
                $lines[] = "{$name} {$field->name}: ".Approved::value([$field->type->name, $field->least, $field->most, $field->choices, $field->isRequired, $field->isTyped]);
            }
            foreach ([true, false] as $withAll) {
                $fields = array_filter($kind::fields(), fn (Field $f): bool => $withAll || $f->isRequired);
                $data = array_combine(array_column($fields, 'name'), array_map(FactKindsTest::example(...), $fields));
                $lines[] = "{$name}, ".($withAll ? 'all' : 'least').': '.$kind::read($data)->record(FactKindsTest::english());
            }
        }
        Approved::is('facts', $lines);
    }
}
