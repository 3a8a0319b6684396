<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

/**
 * How well a way of working suits a wish: points from 50, each with its reason, the tools that the shop lacks, and what
 * forbids it. The points are a shop's judgement put in order (ours), never shown without their reasons.
 */
final readonly class Suits
{
    /** A tool that has to be bought, hired or sent out for costs so much. */
    private const LACKING = 12;

    /**
     * @param array<string, int> $reasons  points by code of the reason, for it where they are above 0
     * @param list<string>       $refused  codes of what forbids it
     * @param list<Tool>         $lacks
     * @param bool               $isPlaced it begins with what lies on the bench
     */
    private function __construct(
        private Wish $wish,
        public int $points,
        public array $reasons,
        public array $refused,
        public array $lacks,
        public bool $isPlaced,
    ) {
    }

    public static function for(Wish $wish): self
    {
        $refused = $wish->purpose->isRefused() ? ["purpose_{$wish->purpose->value}"] : [];

        return new self($wish, 50, [], $refused, [], false);
    }

    /** It is made for what lies there. */
    public function onlyOn(Lies ...$these): self
    {
        return in_array($this->wish->lies, $these, true) ? $this->but(isPlaced: true) : $this;
    }

    /** It can be begun with these too, at a price. */
    public function atNeed(int $points, string $reason, Lies ...$these): self
    {
        return in_array($this->wish->lies, $these, true) ? $this->but(isPlaced: true)->cost(true, $points, $reason) : $this;
    }

    public function gain(bool $when, int $points, string $reason): self
    {
        return $when ? $this->but(points: $this->points + $points, reasons: $this->reasons + [$reason => $points]) : $this;
    }

    public function cost(bool $when, int $points, string $reason): self
    {
        return $this->gain($when, -$points, $reason);
    }

    public function refuse(bool $when, string $because): self
    {
        return $when ? $this->but(refused: [...$this->refused, $because]) : $this;
    }

    public function needing(Tool ...$tools): self
    {
        $lacks = array_values(array_filter($tools, fn (Tool $t): bool => ! in_array($t, $this->wish->tools, true)));

        return $this->but(points: $this->points - self::LACKING * count($lacks), lacks: [...$this->lacks, ...$lacks]);
    }

    public function isOffered(): bool
    {
        return $this->isPlaced && $this->refused === [];
    }

    /**
     * @param array<string, int>|null $reasons
     * @param list<string>|null       $refused
     * @param list<Tool>|null         $lacks
     */
    private function but(
        ?int $points = null,
        ?array $reasons = null,
        ?array $refused = null,
        ?array $lacks = null,
        ?bool $isPlaced = null,
    ): self {
        return new self(
            $this->wish,
            $points ?? $this->points,
            $reasons ?? $this->reasons,
            $refused ?? $this->refused,
            $lacks ?? $this->lacks,
            $isPlaced ?? $this->isPlaced,
        );
    }
}
