<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Cloth\Flaw;
use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** A void, a hair or a wrinkle in a sheet: parts are cut around it. */
final readonly class Flawed extends Content
{
    public const KIND = 'flawed';

    public const IS_ACT = true;

    public const IS_BESIDES = true;

    /** @param float $radiusMm of a circle around all of it */
    public function __construct(public float $alongMm, public float $acrossMm, public float $radiusMm)
    {
    }

    public static function fields(): array
    {
        return [
            Field::number('along', 0.0, 5000.0)->into('alongMm'),
            Field::number('across', 0.0, 5000.0)->into('acrossMm'),
            Field::number('radius', 1.0, 500.0)->into('radiusMm'),
        ];
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Flaw', 'along' => 'Along the flat sheet, mm', 'across' => 'Across it, mm', 'radius' => 'Radius around it, mm',
            'record' => 'a flaw :along mm along and :across mm across, :radius mm around it',
        ];
    }

    public static function fits(StepKind $kind): bool
    {
        return $kind === StepKind::Look;
    }

    public function flaw(): Flaw
    {
        return new Flaw($this->alongMm, $this->acrossMm, $this->radiusMm);
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', [
            'along' => (string) round($this->alongMm),
            'across' => (string) round($this->acrossMm),
            'radius' => (string) round($this->radiusMm),
        ]);
    }
}
