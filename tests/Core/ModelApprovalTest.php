<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Calc\Calculator;
use OakGloss\Fact\Kinds;
use OakGloss\Quantity\Field;
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
