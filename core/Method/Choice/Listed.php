<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/** Every choice that there is, in the order in which they are shown. */
final class Listed
{
    /** @var list<class-string<Choice<mixed>>> */
    private const ALL = [
        BuildCoats::class,
        SecondPasses::class,
        BuildWeight::class,
        Turning::class,
        Tilting::class,
        WetOutMoment::class,
        OverTheWetOut::class,
        AgainstPrintThrough::class,
        TopKind::class,
        PlyCount::class,
        FaceCount::class,
        HoldingWay::class,
        HardTopWay::class,
        MouldPlies::class,
        LayUpWay::class,
        FrameOfShell::class,
        Halves::class,
        DamageKind::class,
        DamageDepth::class,
        Pinholes::class,
        PinholeDepth::class,
        CoveredWith::class,
        HeldBefore::class,
        Openings::class,
        OpeningSize::class,
        FinishCoats::class,
        ClearOf::class,
        FillerClearOf::class,
        Stripes::class,
        SentOut::class,
        AwayDays::class,
        SentPrice::class,
    ];

    /** @return array<string, class-string<Choice<mixed>>> by the name of their field */
    public static function all(): array
    {
        /** @var array<string, class-string<Choice<mixed>>>|null $all */
        static $all = null;

        return $all ??= array_combine(array_map(fn (string $c): string => $c::name(), self::ALL), self::ALL);
    }

    /**
     * Choices that a method leaves open, and the roles that settle each: its own where it names them.
     *
     * @param array<int|class-string<Choice<mixed>>, class-string<Choice<mixed>>|list<Role>> $open
     *
     * @return array<class-string<Choice<mixed>>, list<Role>>
     */
    public static function settled(array $open): array
    {
        $settled = [];
        foreach ($open as $choice => $by) {
            if (is_string($by)) {
                $settled[$by] = $by::SETTLED_BY;
            } elseif (is_string($choice)) {
                $settled[$choice] = $by;
            }
        }

        return $settled;
    }

    /** @return array<string, class-string<Choice<mixed>>> those whose values a part keeps: what lies in a slot lies there */
    public static function kept(): array
    {
        /** @var array<string, class-string<Choice<mixed>>>|null $kept */
        static $kept = null;

        return $kept ??= array_diff_key(self::all(), [ClearOf::name() => 1, FillerClearOf::name() => 1]);
    }

    /** @return array<class-string<Choice<mixed>>, array{Field, string}> of those: the field, and the parameter that it fills */
    public static function fields(): array
    {
        /** @var array<class-string<Choice<mixed>>, array{Field, string}>|null $fields */
        static $fields = null;
        if ($fields === null) {
            $fields = [];
            foreach (self::kept() as $choice) {
                $fields[$choice] = [$choice::field(), $choice::field()->parameter()];
            }
        }

        return $fields;
    }
}
