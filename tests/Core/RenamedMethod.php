<?php

declare(strict_types=1);

namespace Tests\Core;

use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;
use OakGloss\Method\CoatCount;
use OakGloss\Method\Example;
use OakGloss\Method\Job;
use OakGloss\Method\Method;
use OakGloss\Method\Slot;
use OakGloss\Method\Start;
use OakGloss\Method\Step;
use OakGloss\Method\Usual;

/** A method whose steps have other keys. */
final readonly class RenamedMethod implements Method
{
    /** @param \Closure(string): string $rename */
    public function __construct(private Method $method, private \Closure $rename)
    {
    }

    public static function code(): string
    {
        return 'renamed';
    }

    public function startsFrom(): Start
    {
        return $this->method->startsFrom();
    }

    public function substrates(): array
    {
        return $this->method->substrates();
    }

    /** @return list<Slot> */
    public function needs(): array
    {
        return $this->method->needs();
    }

    /** @return list<Slot> */
    public function mayHave(): array
    {
        return $this->method->mayHave();
    }

    public function stages(): array
    {
        return $this->method->stages();
    }

    public function mostPlies(): int
    {
        return $this->method->mostPlies();
    }

    public function usual(): Usual
    {
        return $this->method->usual();
    }

    public function example(): Example
    {
        return $this->method->example();
    }

    public function suits(Wish $wish): Suits
    {
        return $this->method->suits($wish);
    }

    public function coatCount(): CoatCount
    {
        return $this->method->coatCount();
    }

    public function choices(): array
    {
        return $this->method->choices();
    }

    public function refusals(Job $job): array
    {
        return $this->method->refusals($job);
    }

    /** @return list<Step> */
    public function steps(Job $job): array
    {
        return array_map(fn (Step $s): Step => $s->renamed($this->rename), $this->method->steps($job));
    }
}
