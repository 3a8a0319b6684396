<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Resin;
use OakGloss\Method\Jar;
use OakGloss\Method\Step;

/** What the part is made with. */
final readonly class Materials
{
    /**
     * @param list<int>            $grits papers on the shelf, P numbers
     * @param array<string, Resin> $mixed by step: another hardener or a blend that was decided for one coat
     */
    public function __construct(
        public Resin $baseResin,
        public Resin $clearResin,
        public ClothRoll $cloth,
        public ?ClearCoat $clear,
        public array $grits,
        public array $mixed = [],
    ) {
    }

    /** What a coat is mixed from. */
    public function resinFor(Step $coat): Resin
    {
        return $this->mixed[$coat->key] ?? $this->resin($coat->layer->jar ?? throw new \LogicException('only a coat is mixed'));
    }

    public function resin(Jar $jar): Resin
    {
        return match ($jar) {
            Jar::Base => $this->baseResin,
            Jar::Clear => $this->clearResin,
        };
    }
}
