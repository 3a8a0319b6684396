<?php

declare(strict_types=1);

namespace OakGloss\Method;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Material\Aid;
use OakGloss\Material\ClearCoat;
use OakGloss\Material\ClothRoll;
use OakGloss\Material\Resin;

/** What the part is made with. */
final readonly class Materials
{
    /**
     * @param list<int>                $grits      papers on the shelf, P numbers
     * @param array<string, Resin>     $mixed      by step: another hardener or a blend that was decided for one coat
     * @param ClearCoat|null           $filler     sprayed and blocked flat under the clear
     * @param array<string, list<int>> $papersBy   P numbers by the way that they are driven; empty for all in any way
     * @param array<string, Aid>       $aids       by kind; planning values stand for those that are missing
     * @param array<string, Resin>     $resins     of slots besides base and skin
     * @param ClothRoll|null           $mouldCloth that a mould is laminated from
     * @param ClothRoll|null           $innerCloth of plies that nobody sees; null where it is the same
     */
    public function __construct(
        public ?Resin $baseResin,
        public Resin $skinResin,
        public ClothRoll $cloth,
        public ?ClearCoat $clear,
        public array $grits,
        public array $mixed = [],
        public ?ClearCoat $filler = null,
        public array $papersBy = [],
        public ?ClothRoll $innerCloth = null,
        public array $aids = [],
        public array $resins = [],
        public ?ClothRoll $mouldCloth = null,
    ) {
    }

    /** @return list<int> P numbers on the shelf that can be driven so */
    public function papersFor(SandingMethod $driven): array
    {
        return $this->papersBy[$driven->value] ?? $this->grits;
    }

    /** Of a ply that nobody sees. */
    public function inner(): ClothRoll
    {
        return $this->innerCloth ?? $this->cloth;
    }

    /** Of a mould's wall. */
    public function mould(): ClothRoll
    {
        return $this->mouldCloth ?? $this->inner();
    }

    public function has(Slot $slot): bool
    {
        return match ($slot) {
            Slot::Base => $this->baseResin !== null,
            Slot::Clear => $this->clear !== null,
            Slot::FillerClear => $this->filler !== null,
            Slot::MouldCloth => $this->mouldCloth !== null,
            Slot::GelCoat, Slot::MouldResin => isset($this->resins[$slot->value]),
            default => true,
        };
    }

    /** What a coat is mixed from. */
    public function resinFor(Step $coat): Resin
    {
        return $this->mixed[$coat->key] ?? $this->resin($coat->layer->slot ?? throw new \LogicException('only a coat is mixed'));
    }

    public function resin(Slot $slot): Resin
    {
        return match ($slot) {
            // A base that is missing is refused; until it is named, the other one stands in for it.
            Slot::Base => $this->baseResin ?? $this->skinResin,
            Slot::Skin => $this->skinResin,
            Slot::GelCoat, Slot::MouldResin => $this->resins[$slot->value] ?? $this->skinResin,
            default => throw new \LogicException("{$slot->value} is no resin"),
        };
    }
}
