<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Resin;
use OakGloss\Method\Jar;

/** What the part is made with. */
final readonly class Materials
{
    /** @param list<int> $grits papers on the shelf, P numbers */
    public function __construct(
        public Resin $baseResin,
        public Resin $clearResin,
        public ClothRoll $cloth,
        public ?ClearCoat $clear,
        public array $grits,
    ) {
    }

    public function resin(Jar $jar): Resin
    {
        return match ($jar) {
            Jar::Base => $this->baseResin,
            Jar::Clear => $this->clearResin,
        };
    }
}
