<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;

/** One thing to learn on the practice part: what was done to it before, and the moves that are at hand. */
enum Lesson: string
{
    /** No resin on the cloth before its base has set. */
    case Float = 'float';
    /** Two coats that bond. */
    case Tack = 'tack';
    /** Flat no sooner than the paper dusts. */
    case Patience = 'patience';
    /** Flat all of it, and leave the rim whole. */
    case Edge = 'edge';
    /** From a coarse scratch to gloss, leaving no grit out. */
    case Ladder = 'ladder';
    /** A thick laminate in lifts that don't cook themselves. */
    case Lifts = 'lifts';
    /** A clean coat over a sanded face. */
    case Dust = 'dust';
    /** An even matt. */
    case Matt = 'matt';

    /**
     * What others did to the part before.
     *
     * @return list<Move>
     */
    public function before(): array
    {
        $coat = [Move::mix(26.0), Move::coat()];
        $built = [...$coat, Move::wait(160.0), ...$coat, Move::wait(160.0), ...$coat, Move::wait(160.0), ...$coat];
        $flatted = [
            ...$built,
            Move::wait(2880.0),
            Move::sand(Grit::p(150), SandingMethod::WetBlock, 12.0, 'top'),
            Move::sand(Grit::p(150), SandingMethod::WetBlock, 8.0, 'flank'),
            Move::sand(Grit::p(240), SandingMethod::WetBlock, 1.2, 'rim'),
        ];

        return match ($this) {
            // The base was brushed and the cloth laid in its tack; that is as long ago as such things take.
            self::Float => [Move::cloth(), Move::wait(125.0)],
            self::Tack, self::Lifts => [],
            self::Patience => [...$built, Move::wait(60.0)],
            self::Edge => [...$coat, Move::wait(160.0), ...$coat, Move::wait(160.0), ...$coat, Move::wait(1440.0)],
            self::Ladder => [...$flatted, ...$this->finer(240, 320), Move::wipe()],
            self::Dust => [...$flatted, ...$this->finer(240)],
            self::Matt => [...$flatted, ...$this->finer(240, 320, 400, 600), Move::wipe()],
        };
    }

    /** @return list<MoveKind> */
    public function moves(): array
    {
        return match ($this) {
            self::Float => [MoveKind::Touch, MoveKind::Wait, MoveKind::Mix, MoveKind::Coat, MoveKind::Look],
            self::Tack => [MoveKind::Mix, MoveKind::Coat, MoveKind::Touch, MoveKind::Wait, MoveKind::Sand, MoveKind::Wipe, MoveKind::Look],
            self::Patience, self::Edge => [MoveKind::Touch, MoveKind::Wait, MoveKind::Sand, MoveKind::Wipe, MoveKind::Look],
            self::Lifts => [MoveKind::Lift, MoveKind::Feel, MoveKind::Wait],
            self::Ladder => [MoveKind::Sand, MoveKind::Wipe, MoveKind::Polish, MoveKind::Wait, MoveKind::Look],
            self::Dust => [MoveKind::Wipe, MoveKind::Sand, MoveKind::Mix, MoveKind::Coat, MoveKind::Touch, MoveKind::Wait, MoveKind::Look],
            self::Matt => [MoveKind::Wipe, MoveKind::Sand, MoveKind::Spray, MoveKind::Wait, MoveKind::Polish, MoveKind::Look],
        };
    }

    /** @return list<Move> long enough on every face for each paper */
    private function finer(int ...$grits): array
    {
        return array_merge(...array_map(
            fn (int $p): array => [
                Move::sand(Grit::p($p), SandingMethod::WetBlock, 14.0, 'top'),
                Move::sand(Grit::p($p), SandingMethod::WetBlock, 8.0, 'flank'),
                Move::sand(Grit::p($p), SandingMethod::WetBlock, 1.0, 'rim'),
            ],
            $grits,
        ));
    }
}
