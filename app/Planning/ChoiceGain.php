<?php

declare(strict_types=1);

namespace App\Planning;

/**
 * What a choice changes against what stands: only the differences, and what they are worth together. Worth is reckoned in
 * minutes of hands, so that a day and a gram can stand in one order.
 */
final readonly class ChoiceGain
{
    /** A day sooner is worth so many minutes of hands (ours). */
    private const DAY_MIN = 60.0;
    /** A spot that shows is stripped, built and flatted anew: so many minutes of hands (ours). */
    private const MEND_MIN = 180.0;
    /** A gram of mixed resin costs what so many minutes of hands do (ours). */
    private const GRAM_MIN = 0.04;
    /** Hands that differ by less are the same, minutes. */
    private const SAME_HANDS_MIN = 1.0;
    /** And grams. */
    private const SAME_G = 1.0;
    /** And chances. */
    private const SAME_SHARE = 0.0005;
    /** And days that lie nearer, minutes. */
    private const SAME_READY_MIN = 10.0;

    /**
     * @param float|null   $laterMin ready so much later; negative is sooner, null where either is never ready or nothing changes
     * @param float|null   $handsMin more hands; null where nothing changes, as of all that follow
     * @param float|null   $anyShows the chance that any shows, as it would be
     * @param list<string> $frees    local dates that ask for no hands any more though the part is still under way
     * @param list<string> $needs    local dates that do, and did not
     */
    private function __construct(
        public PricedChoice $choice,
        public ?float $laterMin,
        public ?float $handsMin,
        public ?float $grams,
        public ?int $mixes,
        public ?float $anyShows,
        public ?float $nibRisk,
        public array $frees,
        public array $needs,
        /** Minutes of hands that it is worth; negative is a loss. */
        public float $worthMin,
    ) {
    }

    public static function of(PricedChoice $choice, PricedChoice $stands): self
    {
        // What placing the part anew brings by itself no choice may claim.
        $ready = $stands->anewMin ?? $stands->readyMin;
        $later = $choice->readyMin === null || $ready === null ? null : $choice->readyMin - $ready;
        $later = $later !== null && abs($later) < self::SAME_READY_MIN ? null : $later;
        $hands = self::beyond($choice->handsMin - $stands->handsMin, self::SAME_HANDS_MIN);
        $grams = self::beyond($choice->grams - $stands->grams, self::SAME_G);
        $shows = self::beyond($choice->anyShows - $stands->anyShows, self::SAME_SHARE);
        $nibs = self::beyond($choice->nibRisk - $stands->nibRisk, self::SAME_SHARE);
        $until = min(self::lastOf($choice->days), self::lastOf($stands->days));
        $before = fn (string $day): bool => $day < $until;

        return new self(
            $choice,
            $later,
            $hands,
            $grams,
            $choice->mixes === $stands->mixes ? null : $choice->mixes - $stands->mixes,
            $shows === null ? null : $choice->anyShows,
            $nibs === null ? null : $choice->nibRisk,
            $stands->anewMin !== null ? [] : array_values(array_filter(array_diff($stands->days, $choice->days), $before)),
            $stands->anewMin !== null ? [] : array_values(array_filter(array_diff($choice->days, $stands->days), $before)),
            -($later ?? 0.0) / 1440.0 * self::DAY_MIN
                - ($hands ?? 0.0)
                - self::GRAM_MIN * ($grams ?? 0.0)
                - self::MEND_MIN * (($shows ?? 0.0) + ($nibs ?? 0.0)),
        );
    }

    public function isNothing(): bool
    {
        return [$this->laterMin, $this->handsMin, $this->grams, $this->mixes, $this->anyShows, $this->nibRisk] === array_fill(0, 6, null)
            && $this->frees === [] && $this->needs === [];
    }

    private static function beyond(float $difference, float $same): ?float
    {
        return abs($difference) < $same ? null : $difference;
    }

    /** @param list<string> $days */
    private static function lastOf(array $days): string
    {
        return $days === [] ? '' : max($days);
    }
}
