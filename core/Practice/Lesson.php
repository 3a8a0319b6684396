<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;

/** One thing to learn on the practice part: what was done to it before, and the acts that are at hand. */
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
     * @return list<Act>
     */
    public function before(): array
    {
        $coat = [Act::mix(26.0), Act::coat()];
        $built = [...$coat, Act::wait(160.0), ...$coat, Act::wait(160.0), ...$coat, Act::wait(160.0), ...$coat];
        $flatted = [
            ...$built,
            Act::wait(2880.0),
            Act::sand(Grit::p(150), SandingMethod::WetBlock, 12.0, 'top'),
            Act::sand(Grit::p(150), SandingMethod::WetBlock, 8.0, 'flank'),
            Act::sand(Grit::p(240), SandingMethod::WetBlock, 1.2, 'rim'),
        ];

        return match ($this) {
            // The base was brushed and the cloth laid in its tack; that is as long ago as such things take.
            self::Float => [Act::cloth(), Act::wait(125.0)],
            self::Tack, self::Lifts => [],
            self::Patience => [...$built, Act::wait(60.0)],
            self::Edge => [...$coat, Act::wait(160.0), ...$coat, Act::wait(160.0), ...$coat, Act::wait(1440.0)],
            self::Ladder => [...$flatted, ...$this->finer(240, 320), Act::wipe()],
            self::Dust => [...$flatted, ...$this->finer(240)],
            self::Matt => [...$flatted, ...$this->finer(240, 320, 400, 600), Act::wipe()],
        };
    }

    /** @return list<ActKind> */
    public function acts(): array
    {
        return match ($this) {
            self::Float => [ActKind::Touch, ActKind::Wait, ActKind::Mix, ActKind::Coat, ActKind::Look],
            self::Tack => [ActKind::Mix, ActKind::Coat, ActKind::Touch, ActKind::Wait, ActKind::Sand, ActKind::Wipe, ActKind::Look],
            self::Patience, self::Edge => [ActKind::Touch, ActKind::Wait, ActKind::Sand, ActKind::Wipe, ActKind::Look],
            self::Lifts => [ActKind::Lift, ActKind::Feel, ActKind::Wait],
            self::Ladder => [ActKind::Sand, ActKind::Wipe, ActKind::Polish, ActKind::Wait, ActKind::Look],
            self::Dust => [ActKind::Wipe, ActKind::Sand, ActKind::Mix, ActKind::Coat, ActKind::Touch, ActKind::Wait, ActKind::Look],
            self::Matt => [ActKind::Wipe, ActKind::Sand, ActKind::Spray, ActKind::Wait, ActKind::Polish, ActKind::Look],
        };
    }

    /** @return list<Act> long enough on every face for each paper */
    private function finer(int ...$grits): array
    {
        return array_merge(...array_map(
            fn (int $p): array => [
                Act::sand(Grit::p($p), SandingMethod::WetBlock, 14.0, 'top'),
                Act::sand(Grit::p($p), SandingMethod::WetBlock, 8.0, 'flank'),
                Act::sand(Grit::p($p), SandingMethod::WetBlock, 1.0, 'rim'),
            ],
            $grits,
        ));
    }
}
