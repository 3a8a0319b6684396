<?php

declare(strict_types=1);

namespace OakGloss\Mixing;

use OakGloss\Cure\BatchHeat;
use OakGloss\Cure\CupHeat;
use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** A coat's resin in cups that can each be mixed and spread within their own pot life. */
final readonly class Cups
{
    /** Mixing, scraping, decanting, min. */
    public const MIX_MIN = 3.0;
    /** A cup is spread within this share of its pot life. */
    public const SHARE_OF_POT_LIFE = 0.6;
    private const MOST = 40;

    private function __construct(public int $cups, public float $cupG, public float $spreadMin, public BatchHeat $heat)
    {
    }

    /**
     * The fewest, up to 40; null where no number of them can be spread in time.
     *
     * @param float $totalG    0.1 to 20 000
     * @param float $gM2       what goes on the part, above 0
     * @param float $m2PerMin  what one pair of hands spreads, above 0
     * @param float $mixMin    0 to 120
     * @param float $cupLimitG most that one cup holds
     *
     * @throws \OakGloss\Quantity\OutOfRange If a weight or a speed is out of range.
     */
    public static function fewest(
        CupHeat $heat,
        float $totalG,
        float $gM2,
        float $m2PerMin,
        int $hands,
        float $mixMin,
        Temperature $air,
        float $cupLimitG,
        float $diameterMm = CupHeat::SHEET_CUP_MM,
    ): ?self {
        Bounds::within($totalG, 0.1, 20000.0, 'batch', 'g');
        Bounds::within($gM2, 1.0, 3000.0, 'coat weight', 'g/m²');
        Bounds::within($m2PerMin, 1e-4, 10.0, 'speed of spreading', 'm²/min');
        for ($n = max(1, (int) ceil($totalG / $cupLimitG - 1e-9)); $n <= self::MOST; $n++) {
            $cups = self::of($n, $heat, $totalG, $gM2, $m2PerMin, $hands, $mixMin, $air, $diameterMm);
            if ($cups->isSpreadInTime()) {
                return $cups;
            }
        }

        return null;
    }

    /** So many of them, in time or not. */
    public static function of(
        int $n,
        CupHeat $heat,
        float $totalG,
        float $gM2,
        float $m2PerMin,
        int $hands,
        float $mixMin,
        Temperature $air,
        float $diameterMm = CupHeat::SHEET_CUP_MM,
    ): self {
        $cup = $totalG / $n;

        return new self($n, $cup, $cup / ($gM2 * $m2PerMin * $hands) + $mixMin, $heat->batch(max(0.1, $cup), $air, $diameterMm));
    }

    public function isSpreadInTime(): bool
    {
        return $this->heat->potLifeMin === null || $this->spreadMin <= self::SHARE_OF_POT_LIFE * $this->heat->potLifeMin;
    }
}
