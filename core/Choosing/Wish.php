<?php

declare(strict_types=1);

namespace OakGloss\Choosing;

use OakGloss\Material\Substrate;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Bounds;

/** A few plain answers: what the part is, what it will see, and what the shop can do. */
final readonly class Wish
{
    /**
     * @param int        $pieces 1 to 500 of the same
     * @param list<Tool> $tools  that the shop has
     *
     * @throws \OakGloss\Quantity\OutOfRange If the number of pieces is out of range.
     */
    public function __construct(
        public Lies $lies = Lies::BarePart,
        public Purpose $purpose = Purpose::Cosmetic,
        public Substrate $substrate = Substrate::Abs,
        public Form $form = Form::Curved,
        public int $pieces = 1,
        public Finish $finish = Finish::Gloss,
        public bool $sun = false,
        public bool $heat = false,
        public bool $wear = false,
        public bool $bothFaces = false,
        public bool $isUrgent = false,
        public Skill $skill = Skill::Some,
        public array $tools = [],
    ) {
        Bounds::within($pieces, 1, 500, 'pieces', '');
    }
}
