<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Part;
use App\Planning\FromPart;
use Illuminate\Http\Request;
use OakGloss\Quantity\Inches;
use OakGloss\Quantity\OakGlossFault;

/** The zones of a brief as rows of its form: typed, or the shape's own. */
final class ZoneRows
{
    public const EMPTY = [
        'name' => '',
        'kind' => 'level',
        'slope_deg' => 0,
        'length_mm' => '',
        'area_cm2' => '',
        'radius_mm' => null,
        'visibility' => 'show',
    ];

    /** @return list<array<string, mixed>> */
    public static function typed(Request $request, ?Part $part): array
    {
        /** @var list<array<string, mixed>> $rows */
        $rows = array_map(
            fn (array $r): array => array_filter($r, is_scalar(...)) + self::EMPTY,
            array_values(array_filter((array) $request->input('zones', []), is_array(...))),
        );
        if ($request->header('HX-Trigger-Name') === 'zones_add' || ($rows === [] && $request->input('shape') === 'faces')) {
            $rows[] = ['name' => 'face '.(count($rows) + 1)] + self::EMPTY;
        }
        if ($rows !== [] && ($request->boolean('zones_typed') || $request->input('shape') === 'faces')) {
            return $rows;
        }
        if ($part === null) {
            return [];
        }
        try {
            return self::inUnit(FromPart::zoneRows(FromPart::brief($part)), (string) $request->input('unit'));
        } catch (OakGlossFault|\DomainException) {
            return [];
        }
    }

    /**
     * @param list<array<string, mixed>> $rows in millimetres
     *
     * @return list<array<string, mixed>> in the typed unit
     */
    public static function inUnit(array $rows, string $unit): array
    {
        return $unit !== 'in' ? $rows : array_map(fn (array $r): array => [
            'length_mm' => round(Inches::fromMm((float) $r['length_mm']), 3),
            'area_cm2' => round(100.0 * Inches::fromMm(Inches::fromMm((float) $r['area_cm2'])), 3),
            'radius_mm' => $r['radius_mm'] === null ? null : round(Inches::fromMm((float) $r['radius_mm']), 4),
        ] + $r, $rows);
    }
}
