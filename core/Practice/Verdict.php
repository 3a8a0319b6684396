<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** How a lesson came out: each part of its goal with the figure that decides it, and the mistakes that count against it. */
final readonly class Verdict
{
    /** Coats that the lesson on tack wants. */
    private const COATS = 2;

    /** Share of a face that may be left low, and that may be bare. */
    private const LOW = 0.02;
    private const BARE = 0.001;

    /** A wet-out over this floods the cloth, g/m². */
    private const FLOODED_GM2 = 200.0;

    private const GLOSS_GU = 75.0;

    /** A matt that is handed over, gloss units. */
    private const MATT_GU = [7.0, 18.0];

    /**
     * @param list<array{code: string, met: bool, figure: float}> $goals
     * @param list<Mistake>                                       $mistakes
     */
    private function __construct(public Lesson $lesson, public array $goals, public array $mistakes)
    {
    }

    public static function of(Lesson $lesson, Simulation $play): self
    {
        $without = fn (string ...$codes): array => array_values(array_filter(
            $play->mistakes(),
            fn (Mistake $m): bool => in_array($m->code, $codes, true),
        ));
        $goal = fn (string $code, bool $met, float $figure): array => ['code' => $code, 'met' => $met, 'figure' => $figure];
        $faces = max($play->part->lowShare('top'), $play->part->lowShare('flank'));
        $flat = $goal('flat', $faces <= self::LOW, $faces);
        $whole = $goal('whole', $play->part->burntShare() <= self::BARE, $play->part->burntShare());
        $laid = count(array_filter($play->answers(), fn (Answer $a): bool => $a->code === 'coated'));
        $any = $without(
            Mistake::TOO_EARLY,
            Mistake::UNKEYED,
            Mistake::TOO_SOON,
            Mistake::BURNT,
            Mistake::SKIPPED,
            Mistake::DUST,
            Mistake::MATT,
            Mistake::CUP,
            Mistake::SCRATCH,
        );
        $perM2 = array_sum(array_map(
            fn (Answer $a): float => $a->code === 'coated' ? (float) $a->args['g_m2'] : 0.0,
            $play->answers(),
        ));
        [$goals, $mistakes] = match ($lesson) {
            Lesson::Float => [
                [
                    $goal('wetted', $perM2 >= Kit::weave()->saturationGM2(Kit::resin()->rheology->densityGCm3), $perM2),
                    $goal('thin', $perM2 > 0.0 && $perM2 <= self::FLOODED_GM2, $perM2),
                ],
                $without(Mistake::FLOATED, Mistake::CUP),
            ],
            Lesson::Tack => [[$goal('coats', $laid >= self::COATS, $laid)], $without(Mistake::TOO_EARLY, Mistake::UNKEYED, Mistake::CUP)],
            Lesson::Patience => [[$flat, $whole], $without(Mistake::TOO_SOON, Mistake::BURNT)],
            Lesson::Edge => [
                [
                    $flat,
                    $goal('rim', $play->part->burntShare('rim') <= self::BARE, $play->part->burntShare('rim')),
                    $goal('rim_flat', $play->part->lowShare('rim') <= 0.25, $play->part->lowShare('rim')),
                ],
                $without(Mistake::BURNT, Mistake::TOO_SOON),
            ],
            // A paper left out shows in the gloss; taken out by going back, it is forgiven.
            Lesson::Ladder => [
                [$goal('gloss', $play->part->gloss() >= self::GLOSS_GU, $play->part->gloss()), $whole],
                $play->part->gloss() >= self::GLOSS_GU ? $without(Mistake::BURNT) : $without(Mistake::SKIPPED, Mistake::BURNT),
            ],
            Lesson::Lifts => [
                [
                    $goal('plies', $play->laminate->plies() >= Kit::MOULD_PLIES, $play->laminate->plies()),
                    $goal('cool', $play->laminate->peakC <= Kit::PATTERN_BEARS_C && $play->hasCooled(), max(0.0, $play->laminate->peakC)),
                ],
                $without(Mistake::COOKED, Mistake::UNKEYED),
            ],
            Lesson::Dust => [
                [$goal('coats', $laid >= 1, $laid), $goal('clean', $play->part->sealedDust() <= self::BARE, $play->part->sealedDust())],
                $without(Mistake::DUST, Mistake::UNKEYED, Mistake::SCRATCH, Mistake::CUP),
            ],
            Lesson::Matt => [
                [
                    $goal('clear', $play->part->clearUm() > 0.0, $play->part->clearUm()),
                    $goal('dry', $play->isClearDry(), 0.0),
                    $goal(
                        'matt',
                        $play->part->gloss() >= self::MATT_GU[0] && $play->part->gloss() <= self::MATT_GU[1],
                        $play->part->gloss(),
                    ),
                ],
                $any,
            ],
        };

        return new self($lesson, $goals, $mistakes);
    }

    public function isWon(): bool
    {
        return $this->mistakes === [] && array_filter($this->goals, fn (array $g): bool => ! $g['met']) === [];
    }
}
