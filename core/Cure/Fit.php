<?php

declare(strict_types=1);

namespace OakGloss\Cure;

use OakGloss\Quantity\Bounds;

/** Whether a cured skin bears the warmth that it will see, and what its part's expansion asks of the preparation. °C. */
final readonly class Fit
{
    /** A cure softens this far above its hottest hold, up to what the resin can reach (planning value). */
    public const ABOVE_CURE_C = 22.0;
    /** It is kept this far below its softening. */
    public const MARGIN_C = 10.0;
    public const RAMP_C_H = 10.0;
    /** Strain in % times skin in mm: from here on primed and keyed deep, from there on scored too (planning values). */
    public const PRIME_FROM = 0.02;
    public const SCORE_FROM = 0.2;

    /**
     * @param array{
     *     possible: true, holdC: float, rampH: float,
     * }|array{possible: false, because: 'resin'|'substrate'}|null $postCure null where it does not soften
     * @param 'usual'|'prime_and_key'|'score' $prepare
     */
    private function __construct(
        public float $tgC,
        public bool $softens,
        public float $strainPercent,
        public float $index,
        public string $prepare,
        public ?array $postCure,
    ) {
    }

    /**
     * @param non-empty-list<float> $curesC        its cures, the first one first
     * @param float                 $startC        from which a post-cure ramps up
     * @param float                 $partExpansion 1e-6/K
     * @param float                 $skinExpansion 1e-6/K
     * @param float                 $skinMm        0 to 100
     *
     * @throws \OakGloss\Quantity\OutOfRange If the skin's thickness is out of range.
     */
    public static function of(
        float $ultimateTgC,
        array $curesC,
        float $serviceC,
        float $startC,
        float $substrateLimitC,
        float $partExpansion,
        float $skinExpansion,
        float $skinMm,
    ): self {
        Bounds::within($skinMm, 0.0, 100.0, 'skin', 'mm');
        $tg = min($ultimateTgC, max($curesC) + self::ABOVE_CURE_C);
        $softens = $serviceC > $tg - self::MARGIN_C;
        $hold = $serviceC + self::MARGIN_C - self::ABOVE_CURE_C;
        $postCure = match (true) {
            ! $softens => null,
            $serviceC + self::MARGIN_C > $ultimateTgC => ['possible' => false, 'because' => 'resin'],
            $hold > $substrateLimitC => ['possible' => false, 'because' => 'substrate'],
            default => ['possible' => true, 'holdC' => $hold, 'rampH' => max(0.0, ($hold - $startC) / self::RAMP_C_H)],
        };
        $strain = abs($partExpansion - $skinExpansion) * 1e-6 * abs($serviceC - $curesC[0]) * 100.0;
        $index = $strain * $skinMm;

        return new self(
            $tg,
            $softens,
            $strain,
            $index,
            $index <= self::PRIME_FROM ? 'usual' : ($index <= self::SCORE_FROM ? 'prime_and_key' : 'score'),
            $postCure,
        );
    }
}
