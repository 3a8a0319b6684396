<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Where good people disagree: one thing that a part's finisher may choose. A class says all of it: the field that holds it,
 * what stands where nobody says otherwise, what settles it, and what a plan offers besides. Whoever adds one lists it in
 * `Listed`, names it in the methods that leave it open, and gives it its words.
 *
 * @template-covariant T
 */
abstract class Choice
{
    /** Where nobody says otherwise. */
    public const USUAL = null;

    /** @var list<Role> once one of them is done or begun it is settled, where a method does not say otherwise */
    public const SETTLED_BY = [];

    /** Its values are priced beside each other on the plan; others have a page of their own. */
    public const IS_PRICED = true;

    /** A brief names it; without that a plan alone offers it. */
    public const IS_IN_BRIEF = true;

    /** And has to say it, where the method has it. */
    public const IS_SAID = false;

    /** It says how a coat over the weave goes on: nothing to choose where none is ahead. */
    public const IS_OF_A_COAT = false;

    /** Few parts have it: it lies folded in a brief. */
    public const IS_RARE = false;

    /** It wants tooth: nothing to choose over resin that is flatted for polish. */
    public const NEEDS_TOOTH = false;

    abstract public static function field(): Field;

    /** @return list<T> what a plan offers, what stands among them; of an enum all of it */
    public static function offers(Situation $now): array
    {
        $enum = static::field()->enum;

        /** @var list<T> $cases */
        $cases = $enum === null ? [] : $enum::cases();

        return $cases;
    }

    /** @return T what the plan has: a number that it found itself where nobody chose one */
    public static function standing(Situation $now): mixed
    {
        return $now->choices->of(static::class);
    }

    final public static function name(): string
    {
        return static::field()->name;
    }
}
