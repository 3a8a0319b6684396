<?php

declare(strict_types=1);

namespace OakGloss\Practice;

/** What went wrong, when, and by the figures of the model. */
final readonly class Mistake
{
    public const FLOATED = 'floated';
    public const TOO_EARLY = 'coated_too_early';
    public const UNKEYED = 'coated_unkeyed';
    public const TOO_SOON = 'flat_too_soon';
    public const BURNT = 'burnt_through';
    public const SKIPPED = 'skipped_grit';
    public const DUST = 'dust_sealed';
    public const MATT = 'polished_matt';
    public const CUP = 'cup_gelled';
    public const COOKED = 'laminate_cooked';
    public const SCRATCH = 'scratch_sealed';

    /** @param array<string, float|string> $args */
    public function __construct(public string $code, public float $atMin, public array $args)
    {
    }
}
