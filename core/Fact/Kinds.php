<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** What can be recorded. The one place that lists the kinds. */
final class Kinds
{
    /** @var list<class-string<Content>> */
    private const ALL = [
        Kind\TakenOn::class,
        Kind\Ready::class,
        Kind\Weighed::class,
        Kind\CoatOn::class,
        Kind\CupLeft::class,
        Kind\Touched::class,
        Kind\PaperTried::class,
        Kind\Sanded::class,
        Kind\Wiped::class,
        Kind\Done::class,
        Kind\LeakTried::class,
        Kind\Skipped::class,
        Kind\Changed::class,
        Kind\PartWeighed::class,
        Kind\Measured::class,
        Kind\GlossRead::class,
        Kind\Flawed::class,
        Kind\Remark::class,
        Kind\Looked::class,
        Kind\Found::class,
        Kind\Told::class,
        Kind\WentWrong::class,
        Kind\WayOut::class,
        Kind\PrintRead::class,
        Kind\Passed::class,
        Kind\Decided::class,
        Kind\AirChanged::class,
        Kind\Chosen::class,
        Kind\Struck::class,
        Kind\LeftOut::class,
    ];

    /** @var array<string, class-string<Content>>|null */
    private static ?array $byName = null;

    /** @return array<string, class-string<Content>> by name */
    public static function all(): array
    {
        return array_column(array_map(fn (string $kind): array => [$kind::KIND, $kind], self::ALL), 1, 0);
    }

    /**
     * @return class-string<Content>
     *
     * @throws \UnexpectedValueException If no kind has the name.
     */
    public static function named(string $kind): string
    {
        return (self::$byName ??= self::all())[$kind] ?? throw new \UnexpectedValueException("“{$kind}” is no kind of fact");
    }

    /**
     * Names of the kinds for which something holds.
     *
     * @param \Closure(class-string<Content>): bool $holds
     *
     * @return list<string>
     */
    public static function where(\Closure $holds): array
    {
        return array_keys(array_filter(self::all(), $holds));
    }

    /** @return array<string, array<string, string>> English by kind and phrase */
    public static function phrases(): array
    {
        return array_map(fn (string $kind): array => $kind::phrases(), self::all());
    }
}
