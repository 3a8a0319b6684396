<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Bounds;

/** One move with what it needs. */
final readonly class Move
{
    /** Stirred past the last streak, scraped and decanted. */
    public const STIR_MIN = 3.0;

    private function __construct(
        public MoveKind $kind,
        public float $amount = 0.0,
        public string $zone = '',
        public ?Grit $grit = null,
        public SandingMethod $driven = SandingMethod::WetBlock,
        public ?Compound $compound = null,
        public ?Finish $sheen = null,
        public float $offPercent = 0.0,
        public float $stirMin = self::STIR_MIN,
    ) {
    }

    /**
     * @param float $offPercent hardener over what the sheet asks
     *
     * @throws \OakGloss\Quantity\OutOfRange If outside 1 to 500 g, 50 % or 10 min.
     */
    public static function mix(float $grams, float $offPercent = 0.0, float $stirMin = self::STIR_MIN): self
    {
        return new self(
            MoveKind::Mix,
            Bounds::within($grams, 1.0, 500.0, 'cup', 'g'),
            offPercent: Bounds::within($offPercent, -50.0, 50.0, 'off the ratio', '%'),
            stirMin: Bounds::within($stirMin, 0.0, 10.0, 'stirring', 'min'),
        );
    }

    public static function soil(): self
    {
        return new self(MoveKind::Soil);
    }

    public static function water(): self
    {
        return new self(MoveKind::Water);
    }

    public static function cloth(): self
    {
        return new self(MoveKind::Cloth);
    }

    public static function coat(): self
    {
        return new self(MoveKind::Coat);
    }

    public static function touch(): self
    {
        return new self(MoveKind::Touch);
    }

    /** @throws \OakGloss\Quantity\OutOfRange If outside 1 min to a week. */
    public static function wait(float $minutes): self
    {
        return new self(MoveKind::Wait, Bounds::within($minutes, 1.0, 10080.0, 'wait', 'min'));
    }

    /**
     * @param string $zone name of one zone; empty for all of them
     *
     * @throws \OakGloss\Quantity\OutOfRange If outside 0.1 to 120 min.
     */
    public static function sand(Grit $grit, SandingMethod $driven, float $minutes, string $zone = ''): self
    {
        return new self(MoveKind::Sand, Bounds::within($minutes, 0.1, 120.0, 'minutes of a pass', 'min'), $zone, $grit, $driven);
    }

    public static function wipe(): self
    {
        return new self(MoveKind::Wipe);
    }

    /** @throws \OakGloss\Quantity\OutOfRange If outside 1 to 6 coats. */
    public static function spray(Finish $sheen, int $coats): self
    {
        return new self(MoveKind::Spray, Bounds::within($coats, 1.0, 6.0, 'coats of clear', ''), sheen: $sheen);
    }

    /** @throws \OakGloss\Quantity\OutOfRange If outside 0.5 to 60 min. */
    public static function polish(Compound $compound, float $minutes): self
    {
        return new self(MoveKind::Polish, Bounds::within($minutes, 0.5, 60.0, 'minutes of polish', 'min'), compound: $compound);
    }

    /** @throws \OakGloss\Quantity\OutOfRange If outside 1 to 20 plies. */
    public static function lift(int $plies): self
    {
        return new self(MoveKind::Lift, Bounds::within($plies, 1.0, 20.0, 'plies', ''));
    }

    public static function feel(): self
    {
        return new self(MoveKind::Feel);
    }

    public static function look(): self
    {
        return new self(MoveKind::Look);
    }

    /** How long hands are at it, minutes. */
    public function minutes(): float
    {
        return match ($this->kind) {
            MoveKind::Mix => 1.0 + $this->stirMin,
            MoveKind::Soil => 0.0,
            MoveKind::Water => 2.0,
            MoveKind::Coat => 8.0,
            MoveKind::Touch, MoveKind::Look, MoveKind::Feel => 1.0,
            MoveKind::Lift => 4.0 + 5.0 * $this->amount,
            MoveKind::Wipe => 3.0,
            MoveKind::Cloth => 1.0,
            MoveKind::Spray => 12.0 * $this->amount,
            MoveKind::Wait, MoveKind::Sand, MoveKind::Polish => $this->amount,
        };
    }
}
