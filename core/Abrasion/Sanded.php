<?php

declare(strict_types=1);

namespace OakGloss\Abrasion;

use OakGloss\Film\Flatting;
use OakGloss\Film\SkinSection;

/** A zone's skin after one paper. */
final readonly class Sanded
{
    /** Where lows were left and nobody looked at the clock, the plane came this far down the texture (ours). */
    private const LOWS_REACH = 0.8;

    /** @param float $beyondUm of the cut, what the minutes alone tell: more than was needed */
    private function __construct(public SkinSection $skin, public float $beyondUm)
    {
    }

    /**
     * The first paper goes from the crowns down through waviness and texture to flush, or as deep as its minutes got;
     * a later one takes 1.25 times the scratch before it, or as deep as its minutes got, if deeper. A paper that is
     * laid away before takes the tops only.
     */
    public static function over(SkinSection $skin, Pass $pass, float $areaM2): self
    {
        $reach = $pass->reachUm($areaM2);
        if ($skin->flat) {
            return self::onFlat($skin, $pass, $reach);
        }
        $toFlush = $skin->textureUm + Ladder::WAVINESS_UM;
        if ($pass->end === PassEnd::Lows) {
            $reach = min($reach ?? INF, Ladder::WAVINESS_UM + self::LOWS_REACH * $skin->textureUm);
        }
        if ($reach !== null && $reach < $toFlush && $pass->end !== PassEnd::Matt) {
            return new self($skin->afterPartPass($reach, Ladder::WAVINESS_UM, $pass->scratchUm()), 0.0);
        }
        $beyond = max(0.0, ($reach ?? 0.0) - $toFlush);

        return new self($skin->afterFlatting(new Flatting($beyond, $pass->scratchUm())), $beyond);
    }

    /**
     * Ridges down and no further: the plane comes down most of the texture, but no nearer to the weave than there is to
     * spare.
     *
     * @param float $spareUm that may go from the highest ridge
     */
    public static function ridges(SkinSection $skin, Pass $pass, float $spareUm, float $areaM2): self
    {
        $reach = min(self::ridgeReachUm($skin, $spareUm), $pass->reachUm($areaM2) ?? INF);

        return new self($skin->afterPartPass($reach, 0.0, min($pass->scratchUm(), $skin->textureUm)), 0.0);
    }

    /** How far down the plane comes on ridges alone, µm. */
    public static function ridgeReachUm(SkinSection $skin, float $spareUm): float
    {
        return max(0.0, min($spareUm, self::LOWS_REACH * $skin->textureUm));
    }

    private static function onFlat(SkinSection $skin, Pass $pass, ?float $reach): self
    {
        // The same paper once more finds its own scratch: only its minutes count.
        $needed = $pass->scratchUm() < $skin->textureUm ? Ladder::OVERCUT * $skin->textureUm : 0.0;
        $cut = $pass->end === PassEnd::Matt ? max($needed, $reach ?? 0.0) : $reach ?? $needed;

        return new self(
            $cut < $skin->textureUm
                ? $skin->afterPartPass($cut, 0.0, min($pass->scratchUm(), $skin->textureUm))
                : $skin->afterFlatting(new Flatting($cut - $skin->textureUm, $pass->scratchUm())),
            max(0.0, $cut - $needed),
        );
    }
}
