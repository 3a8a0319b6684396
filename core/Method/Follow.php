<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What must have passed since the step before, in the trade's own terms. */
final readonly class Follow
{
    private function __construct(
        public FollowKind $kind,
        public float $leastMin = 0.0,
        public ?float $mostMin = null,
        public ?string $coat = null,
    ) {
    }

    /** Any time after the step before. */
    public static function freely(): self
    {
        return new self(FollowKind::Minutes);
    }

    public static function minutes(float $least, ?float $most = null): self
    {
        return new self(FollowKind::Minutes, $least, $most);
    }

    /** In the tack window of a coat; missed, it is keyed once sandable. */
    public static function whileTacky(string $coat): self
    {
        return new self(FollowKind::Tacky, coat: $coat);
    }

    /** When a coat has set past its tack. */
    public static function onceSet(string $coat): self
    {
        return new self(FollowKind::Set, coat: $coat);
    }

    /** When a coat is cured through. */
    public static function onceCured(string $coat): self
    {
        return new self(FollowKind::Cured, coat: $coat);
    }

    /** When no weave prints back any more that a lamp shows. */
    public static function onceSettled(string $coat): self
    {
        return new self(FollowKind::Settled, coat: $coat);
    }

    /** When a coat is hard enough to sand. */
    public static function onceSandable(string $coat): self
    {
        return new self(FollowKind::Sandable, coat: $coat);
    }

    /** @param \Closure(string): string $rename of the coat's key */
    public function renamed(\Closure $rename): self
    {
        return $this->coat === null ? $this : new self($this->kind, $this->leastMin, $this->mostMin, $rename($this->coat));
    }
}
