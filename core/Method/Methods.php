<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Every way of working that there is. The one place that lists them. */
final class Methods
{
    /** @var list<class-string<Method>> */
    private const ALL = [
        BrushOnSkin::class, SheetMetal::class, GlueDown::class, Bagged::class, FlatPlate::class, LiftOffShell::class,
        PatternAndMould::class, ClearMoulding::class, Rescue::class, CrackOrChip::class, BothFaces::class, TwoSided::class,
        HeavyCoat::class,
    ];

    /** @throws \OutOfBoundsException If no method is called so. */
    public static function named(string $code): Method
    {
        return self::all()[$code] ?? throw new \OutOfBoundsException("no method is called {$code}");
    }

    /** @return list<Slot> all that a method is given from the shelf, what it needs first */
    public static function slots(Method $method): array
    {
        return [...$method->needs(), ...$method->mayHave()];
    }

    /** The one of that code; the first where none is called so. */
    public static function orFirst(string $code): Method
    {
        $all = self::all();

        return $all[$code] ?? reset($all);
    }

    /** @return non-empty-array<string, Method> by code */
    public static function all(): array
    {
        $methods = [];
        foreach (self::ALL as $class) {
            $methods[$class::code()] = new $class();
        }

        return $methods;
    }
}
