<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Quantity\Bounds;

/** Where good people disagree: what this part's finisher chose. */
final readonly class Choices
{
    /** Weight 0: as the shop lays them. */
    public const AS_THE_SHOP = 0.0;

    public const MOST_PLIES = 12;
    public const MOST_MOULD_PLIES = 40;

    /**
     * @param int|null $buildCoats   2 to 10; null for the fewest that keep every show zone under the target
     * @param int      $finishCoats  1 to 4; more than two where a flatting left too little
     * @param int      $stripes      0 to 4 masked lines or stripes of colour under the clear
     * @param int      $secondPasses 0 to 3 coats of their own for the zones that are thinnest, flanks and rims mostly
     * @param bool     $turned       each coat over the cloth is turned over at half of its flow
     * @param bool     $tilted       the part lies so that its faces are equally steep while they flow, where its shape can
     * @param float    $buildGM2     g/m² of a build coat; 0 as the shop lays them
     * @param int      $plies        1 to 12
     * @param int      $mouldPlies   1 to 40
     * @param int      $halves       1 or 2 that are joined
     *
     * @throws \OakGloss\Quantity\OutOfRange If a number of coats or a weight is out of range.
     */
    public function __construct(
        public WetOut $wetOut = WetOut::OnSetBase,
        public AfterWetOut $afterWetOut = AfterWetOut::CureThenKey,
        public Top $top = Top::Clear,
        public ?int $buildCoats = null,
        public int $finishCoats = 1,
        public int $stripes = 0,
        public int $secondPasses = 0,
        public bool $turned = false,
        public bool $tilted = false,
        public float $buildGM2 = self::AS_THE_SHOP,
        public PrintThrough $printThrough = PrintThrough::Flat,
        public int $plies = 1,
        public Faces $faces = Faces::One,
        public Holding $holding = Holding::TackyBase,
        public HardTop $hardTop = HardTop::Wax,
        public int $mouldPlies = 8,
        public LayUp $layUp = LayUp::Hand,
        public int $halves = 1,
        public Damage $damage = Damage::Chip,
    ) {
        Bounds::within($buildCoats ?? 1, 1, 10, 'build coats', '');
        Bounds::within($plies, 1, self::MOST_PLIES, 'plies', '');
        Bounds::within($mouldPlies, 1, self::MOST_MOULD_PLIES, 'plies of the mould', '');
        Bounds::within($halves, 1, 2, 'halves', '');
        Bounds::within($finishCoats, 1, 4, 'finish coats', '');
        Bounds::within($stripes, 0, 4, 'stripes', '');
        Bounds::within($secondPasses, 0, 3, 'second passes', '');
        Bounds::within($buildGM2 === self::AS_THE_SHOP ? 100.0 : $buildGM2, 30.0, 400.0, 'build coat', 'g/m²');
    }

    /** The same with one or more of them made otherwise; null keeps what stands. */
    public function but(
        ?WetOut $wetOut = null,
        ?AfterWetOut $afterWetOut = null,
        ?Top $top = null,
        ?int $buildCoats = null,
        ?int $finishCoats = null,
        ?int $stripes = null,
        ?int $secondPasses = null,
        ?bool $turned = null,
        ?bool $tilted = null,
        ?float $buildGM2 = null,
        ?PrintThrough $printThrough = null,
        ?int $plies = null,
        ?Faces $faces = null,
        ?Holding $holding = null,
        ?HardTop $hardTop = null,
        ?int $mouldPlies = null,
        ?LayUp $layUp = null,
        ?int $halves = null,
        ?Damage $damage = null,
    ): self {
        return new self(
            $wetOut ?? $this->wetOut,
            $afterWetOut ?? $this->afterWetOut,
            $top ?? $this->top,
            $buildCoats ?? $this->buildCoats,
            $finishCoats ?? $this->finishCoats,
            $stripes ?? $this->stripes,
            $secondPasses ?? $this->secondPasses,
            $turned ?? $this->turned,
            $tilted ?? $this->tilted,
            $buildGM2 ?? $this->buildGM2,
            $printThrough ?? $this->printThrough,
            $plies ?? $this->plies,
            $faces ?? $this->faces,
            $holding ?? $this->holding,
            $hardTop ?? $this->hardTop,
            $mouldPlies ?? $this->mouldPlies,
            $layUp ?? $this->layUp,
            $halves ?? $this->halves,
            $damage ?? $this->damage,
        );
    }
}
