<?php

declare(strict_types=1);

namespace App\Planning;

use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Box;
use OakGloss\Geometry\Dome;
use OakGloss\Geometry\FlatSheet;
use OakGloss\Geometry\HalfTube;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Shape;
use OakGloss\Method\Method;
use OakGloss\Method\Start;
use OakGloss\Quantity\Inches;

/** The simple shapes that a form offers, and the sizes that each asks for. */
final class Shapes
{
    /** Shape → its sizes; angles end in _deg and are in degrees in any unit. */
    public const SIZES = [
        'panel' => ['length', 'width', 'edge_radius'],
        'bent_panel' => ['length', 'top', 'flank', 'bend_deg', 'bend_radius', 'edge_radius'],
        'dome' => ['diameter', 'height', 'edge_radius'],
        'half_tube' => ['length', 'tube_radius', 'edge_radius'],
        'box' => ['length', 'width', 'height', 'edge_radius'],
        'faces' => [],
        'sheet' => ['length', 'width', 'part_length', 'part_width'],
    ];

    /** @return list<string> the first is the usual one */
    public static function of(Method $method): array
    {
        $all = array_keys(self::SIZES);

        return $method->startsFrom() === Start::Plate ? ['sheet'] : ['bent_panel', ...array_diff($all, ['sheet', 'bent_panel'])];
    }

    /** A shape that a method can have: the one that is asked for, else the usual one. */
    public static function fitting(Method $method, string $shape): string
    {
        return in_array($shape, self::of($method), true) ? $shape : self::of($method)[0];
    }

    /**
     * @param array<string, float> $sizes in the typed unit
     *
     * @throws \OakGloss\Quantity\OutOfRange If a size is out of range.
     */
    public static function make(string $shape, array $sizes, string $unit): ?Shape
    {
        $in = fn (string $name): float => Inches::mmOf((float) ($sizes[$name] ?? 0.0), str_ends_with($name, '_deg') ? '' : $unit);

        return match ($shape) {
            'panel' => new Panel($in('length'), $in('width'), $in('edge_radius')),
            'bent_panel' => new BentPanel(
                $in('length'),
                $in('top'),
                $in('flank'),
                $in('bend_deg'),
                $in('bend_radius'),
                $in('edge_radius'),
            ),
            'dome' => new Dome($in('diameter'), $in('height'), $in('edge_radius')),
            'half_tube' => new HalfTube($in('length'), $in('tube_radius'), $in('edge_radius')),
            'sheet' => new FlatSheet($in('length'), $in('width')),
            'box' => new Box($in('length'), $in('width'), $in('height'), $in('edge_radius')),
            default => null,
        };
    }

    /**
     * Of the parts that are cut from a sheet, mm; null for any other shape.
     *
     * @param array<string, float> $sizes in the typed unit
     *
     * @return array{length: float, width: float}|null
     */
    public static function blankMm(string $shape, array $sizes, string $unit): ?array
    {
        return $shape !== 'sheet' ? null : [
            'length' => Inches::mmOf((float) ($sizes['part_length'] ?? 0.0), $unit),
            'width' => Inches::mmOf((float) ($sizes['part_width'] ?? 0.0), $unit),
        ];
    }
}
