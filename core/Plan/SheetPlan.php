<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Cloth\Flaw;
use OakGloss\Cloth\SheetYield;
use OakGloss\Fact\Kind\Flawed;

/** What a flat sheet comes to: the parts that are cut from it with its flaws outside. */
final readonly class SheetPlan
{
    /**
     * @param SheetYield $planned of a sheet without a flaw
     * @param SheetYield $yield   with the flaws that were found
     * @param list<Flaw> $flaws
     */
    private function __construct(
        public SheetYield $planned,
        public SheetYield $yield,
        public array $flaws,
    ) {
    }

    /** Null for a part that is no sheet, or of which no parts are to be cut. */
    public static function of(FinishPlan $plan): ?self
    {
        [$sheet, $blank] = [$plan->brief->developedMm, $plan->brief->blankMm];
        if ($sheet === null || $blank === null) {
            return null;
        }
        $flaws = array_map(fn ($f): Flaw => $f->content->flaw(), $plan->log->all(Flawed::class));

        return new self(
            SheetYield::of($sheet['length'], $sheet['width'], $blank['length'], $blank['width']),
            SheetYield::of($sheet['length'], $sheet['width'], $blank['length'], $blank['width'], $flaws),
            $flaws,
        );
    }
}
