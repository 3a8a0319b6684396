<?php

declare(strict_types=1);

namespace App\Planning;

use OakGloss\Geometry\BentPanel;
use OakGloss\Geometry\Box;
use OakGloss\Geometry\Dome;
use OakGloss\Geometry\FlatSheet;
use OakGloss\Geometry\HalfTube;
use OakGloss\Geometry\Panel;
use OakGloss\Geometry\Patch;
use OakGloss\Geometry\Shape;
use OakGloss\Geometry\TwoFaces;
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
        'two_faces' => ['length', 'width', 'filled', 'edge_radius'],
        'patch' => ['damage_length', 'damage_width', 'around', 'whole_length', 'whole_width'],
    ];

    /** Shapes that only one way of working has. */
    private const ONE_METHODS_OWN = ['sheet', 'two_faces', 'patch'];

    /** @return list<string> the first is the usual one */
    public static function of(Method $method): array
    {
        $bodies = ['bent_panel', ...array_diff(array_keys(self::SIZES), ['bent_panel', ...self::ONE_METHODS_OWN])];

        return match ($method->startsFrom()) {
            Start::Plate => ['sheet'],
            Start::Place => ['patch'],
            Start::Piece, Start::BarePiece => ['two_faces'],
            default => $bodies,
        };
    }

    /** Flat ones: a part of one of them is flat by every other way too. */
    private const FLAT = ['panel', 'sheet', 'two_faces', 'patch'];

    /** A shape that a method can have: the one that is asked for; a flat one for a flat one; else the usual one. */
    public static function fitting(Method $method, string $shape): string
    {
        $offered = self::of($method);
        $wanted = in_array($shape, $offered, true) || ! in_array($shape, self::FLAT, true) ? $shape : 'panel';

        return in_array($wanted, $offered, true) ? $wanted : $offered[0];
    }

    /**
     * What was typed for one shape, as another asks for it: how long and how wide it is stays.
     *
     * @param array<array-key, mixed> $sizes as they were typed, by size
     *
     * @return array<array-key, mixed>
     */
    public static function carried(string $from, string $to, array $sizes): array
    {
        if ($from === $to || ! isset(self::SIZES[$from], self::SIZES[$to])) {
            return $sizes;
        }
        $figure = fn (string $size): ?float => is_numeric($sizes[$size] ?? null) ? (float) $sizes[$size] : null;
        [$length, $width] = match ($from) {
            'sheet' => [$figure('part_length'), $figure('part_width')],
            'patch' => [$figure('whole_length'), $figure('whole_width')],
            'bent_panel' => [
                $figure('length'), $figure('top') === null || $figure('flank') === null ? null : $figure('top') + $figure('flank'),
            ],
            default => [$figure('length'), $figure('width')],
        };
        $carried = match ($to) {
            'sheet' => ['part_length' => $length, 'part_width' => $width, 'length' => null, 'width' => null],
            'patch' => ['whole_length' => $length, 'whole_width' => $width],
            'bent_panel' => ['length' => $length] + ($width === null
                ? [] : ['top' => round(0.6 * $width, 3), 'flank' => round(0.4 * $width, 3)]),
            default => ['length' => $length, 'width' => $width],
        };

        return array_filter($carried, fn (?float $mm): bool => $mm !== null) + array_diff_key($sizes, $carried);
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
            'two_faces' => new TwoFaces($in('length'), $in('width'), (float) ($sizes['filled'] ?? 0.0), $in('edge_radius')),
            'patch' => new Patch($in('damage_length'), $in('damage_width'), $in('around')),
            'box' => new Box($in('length'), $in('width'), $in('height'), $in('edge_radius')),
            default => null,
        };
    }

    /**
     * Of the part that a damaged place is on, m²; null for any other shape.
     *
     * @param array<string, float> $sizes in the typed unit
     */
    public static function wholeM2(string $shape, array $sizes, string $unit): ?float
    {
        $mm = fn (string $name): float => Inches::mmOf((float) ($sizes[$name] ?? 0.0), $unit);

        return $shape === 'patch' ? $mm('whole_length') * $mm('whole_width') / 1e6 : null;
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
