<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Quantity\Bounds;

/** Where good people disagree: what this part's finisher chose. */
final readonly class Choices
{
    /**
     * @param int|null $buildCoats  1 to 10; null for the fewest that keep every show zone under the target
     * @param int      $finishCoats 1 to 4; more than two where a flatting left too little
     * @param int      $stripes     0 to 4 masked lines or stripes of colour under the clear
     *
     * @throws \OakGloss\Quantity\OutOfRange If a number of coats is out of range.
     */
    public function __construct(
        public WetOut $wetOut = WetOut::OnSetBase,
        public AfterWetOut $afterWetOut = AfterWetOut::CureThenKey,
        public Top $top = Top::Clear,
        public ?int $buildCoats = null,
        public int $finishCoats = 1,
        public int $stripes = 0,
    ) {
        Bounds::within($buildCoats ?? 1, 1, 10, 'build coats', '');
        Bounds::within($finishCoats, 1, 4, 'finish coats', '');
        Bounds::within($stripes, 0, 4, 'stripes', '');
    }

    /** The same with one or more of them made otherwise; null keeps what stands. */
    public function but(?WetOut $wetOut = null, ?AfterWetOut $afterWetOut = null, ?Top $top = null, ?int $buildCoats = null, ?int $finishCoats = null, ?int $stripes = null): self
    {
        return new self($wetOut ?? $this->wetOut, $afterWetOut ?? $this->afterWetOut, $top ?? $this->top, $buildCoats ?? $this->buildCoats, $finishCoats ?? $this->finishCoats, $stripes ?? $this->stripes);
    }
}
