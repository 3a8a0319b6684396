<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Inspection\Defect;
use OakGloss\Quantity\Field;

/** A defect that was seen or felt: what, where on its zone laid flat, how large, how many, how deep. */
final readonly class Found extends Content
{
    public const KIND = 'found';

    public const IS_WORK = false;

    /** Of a place that nobody measured, mm (planning value). */
    private const USUAL_MM = 20.0;

    /**
     * @param string     $zone     name
     * @param float|null $alongMm  from the left of its plate; null where only the zone is known
     * @param float|null $acrossMm from its top
     * @param float|null $sizeMm   of one of them
     * @param float|null $depthUm  where it was felt
     */
    public function __construct(
        public Defect $defect,
        public string $zone,
        public ?float $alongMm = null,
        public ?float $acrossMm = null,
        public ?float $sizeMm = null,
        public int $count = 1,
        public ?float $depthUm = null,
        public ?int $photoId = null,
    ) {
    }

    public static function fields(): array
    {
        return [
            Field::choice('defect', Defect::class), Field::text('zone', 40),
            Field::number('along', 0.0, 20000.0)->into('alongMm')->optional(),
            Field::number('across', 0.0, 20000.0)->into('acrossMm')->optional(),
            Field::number('size', 0.5, 3000.0)->into('sizeMm')->optional(), Field::whole('count', 1.0, 500.0),
            Field::number('depth', 1.0, 1000.0)->into('depthUm')->optional(), Field::whole('photo_id', 1.0)->optional(),
        ];
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Found', 'record' => 'found :defect on :zone', 'many' => ', :n of them', 'size' => ', :mm mm',
            'depth' => ', :um deep', 'defect' => 'What', 'zone' => 'On which face', 'along' => 'From its left, mm',
            'across' => 'From its top, mm', 'size_mm' => 'Size of one, mm', 'count' => 'How many', 'depth_um' => 'How deep, if felt, µm',
        ];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['defect' => $words->word('defect', $this->defect->value), 'zone' => $this->zone])
            .($this->count > 1 ? $words->phrase($this, 'many', ['n' => $this->count]) : '')
            .($this->sizeMm === null ? '' : $words->phrase($this, 'size', ['mm' => (string) round($this->sizeMm)]))
            .($this->depthUm === null ? '' : $words->phrase($this, 'depth', ['um' => $words->um($this->depthUm)]));
    }

    public function details(Words $words): array
    {
        return [$words->word('defect', $this->defect->value), $this->zone];
    }

    public function sizeMm(): float
    {
        return $this->sizeMm ?? self::USUAL_MM;
    }

    public function depthUm(): float
    {
        return $this->depthUm ?? $this->defect->usualDepthUm();
    }
}
