<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Cure\Activation;
use OakGloss\Cure\Kinetics;
use OakGloss\Film\Rheology;
use OakGloss\Film\Weave;
use OakGloss\Geometry\FallOrder;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\Resin;
use OakGloss\Mixing\MixRatio;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Temperature;

/** The practice part and what lies beside it: a small bent panel, one resin, one cloth, a clear of each sheen. */
final class Kit
{
    /** Grams a square metre of the wet-out that every practice part has on it. */
    public const WET_OUT_GM2 = 150.0;

    /** Dry film of one sprayed coat, and the peel on it, µm. */
    public const CLEAR_DRY_UM = 26.0;
    public const CLEAR_PEEL_UM = 4.0;

    /** A clear may be touched after, minutes at 20 °C. */
    public const CLEAR_READY_MIN = 900.0;

    /** Glass of a mould, g/m² a ply, how many it wants, and what the pattern below bears, °C. */
    public const MOULD_PLY_GM2 = 450.0;
    public const MOULD_PLIES = 14;
    public const PATTERN_BEARS_C = 60.0;

    /** Gloss as a clear dries, gloss units at 60°. */
    private const CLEAR_GU = ['gloss' => 89.0, 'satin' => 38.0, 'matt' => 12.0];

    /** @var list<Zone>|null */
    private static ?array $zones = null;

    /** @return list<Zone> made once: each place of the part asks for its own */
    public static function zones(): array
    {
        return self::$zones ??= FallOrder::down(
            new Zone('top', ZoneKind::Level, 2.0, 0.30, 0.090),
            new Zone('flank', ZoneKind::Flank, 60.0, 0.20, 0.050),
            new Zone('rim', ZoneKind::Edge, 60.0, 0.006, 0.008, radiusMm: 2.5),
        );
    }

    public static function areaM2(): float
    {
        return array_sum(array_map(fn (Zone $z): float => $z->areaM2, self::zones()));
    }

    public static function weave(): Weave
    {
        return new Weave(200.0);
    }

    /** By its sheet. */
    public static function resin(): Resin
    {
        $reference = Temperature::fromCelsius(23.0);
        $cure = Activation::throughSheet([[15.0, 190.0], [20.0, 135.0], [25.0, 96.0]]);

        return new Resin(
            'practice resin',
            new Kinetics($reference, $cure, ['tack_from' => 95.0, 'tack_until' => 215.0, 'sandable' => 660.0, 'full' => 7800.0]),
            new Rheology(1.12, $reference, 1.0, Activation::given(52000.0), 85.0, $cure),
            MixRatio::byWeight(38.0),
            32.0,
            150.0,
            23.0,
            15.0,
            true,
        );
    }

    /** The quick resin of moulds; slower or faster than its sheet by a factor. */
    public static function mouldResin(float $pace = 1.0): Resin
    {
        $sheet = self::resin();

        return new Resin('practice mould resin', $sheet->kinetics, $sheet->rheology, $sheet->ratio, 14.0 * $pace, 150.0, 23.0, 15.0, false);
    }

    public static function clearGu(Finish $sheen): float
    {
        return self::CLEAR_GU[$sheen->value];
    }
}
