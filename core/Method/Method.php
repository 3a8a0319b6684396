<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Choosing\Suits;
use OakGloss\Choosing\Wish;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\Choice;

/**
 * A way of working: what it starts from, what it needs from the shelf, what it leaves to choose, what it won't do, and
 * its steps. One class each, listed in Methods.
 */
interface Method
{
    /** By which a part names it, and its words are found. */
    public static function code(): string;

    public function startsFrom(): Start;

    /** @return list<Substrate> that it is worked on; on others it is refused */
    public function substrates(): array;

    /** @return list<Slot> without which nothing can be planned */
    public function needs(): array;

    /** @return list<Slot> that a part may have besides */
    public function mayHave(): array;

    public function mostPlies(): int;

    /** What it begins with where nobody says otherwise. */
    public function usual(): Usual;

    /** How well it suits what is wished for, and what speaks for and against it. */
    public function suits(Wish $wish): Suits;

    /** A part such as it is for. */
    public function example(): Example;

    public function coatCount(): CoatCount;

    /** @return list<Stage> in their order */
    public function stages(): array;

    /**
     * What it leaves to choose, and the steps that settle each: once one of them is done or begun, the choice is made.
     *
     * @return array<class-string<Choice<mixed>>, list<Role>>
     */
    public function choices(): array;

    /** @return list<Finding> what it won't do, why, and what would */
    public function refusals(Job $job): array;

    /** @return list<Step> in the order of the work */
    public function steps(Job $job): array;
}
