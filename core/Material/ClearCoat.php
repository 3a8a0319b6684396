<?php

declare(strict_types=1);

namespace OakGloss\Material;

use OakGloss\Cure\Activation;
use OakGloss\Optics\Finish;
use OakGloss\Quantity\Bounds;
use OakGloss\Quantity\Temperature;

/** A clear as its sheet gives it. Times hold at its reference temperature; warmer is faster, as resin is. */
final readonly class ClearCoat
{
    /**
     * @param float      $flashMin         between coats
     * @param float      $readyAfterMin    until it may be flatted and polished, or handled where it is not
     * @param float      $finalUm          dry film that should stay for the sun's sake
     * @param float      $hardenerParts    to 100 parts of clear by volume
     * @param float      $reducerParts     to 100 parts of clear by volume
     * @param float|null $potLifeMin       null for one part
     * @param float|null $recoatUntilMin   until then a further coat bonds; null where it always does
     * @param float|null $canMl            ready to spray in one can; null where it comes in tins
     * @param float|null $sheetGu          gloss at 60° as it dries, by the sheet; null for a gloss one
     * @param bool       $needsReleaseFilm stays soft where air gets at it
     * @param float|null $polishAfterMin   of a brushed one, until it may be flatted and polished; null where it stays as it dries
     *
     * @throws \OakGloss\Quantity\OutOfRange If one of them is out of range.
     */
    public function __construct(
        public string $name,
        public SprayedClear $sprayed,
        public Finish $sheen,
        public bool $isocyanate,
        public float $flashMin,
        public float $readyAfterMin,
        public float $finalUm,
        public float $minC,
        public ClearKind $kind = ClearKind::TwoPart,
        public float $hardenerParts = 0.0,
        public float $reducerParts = 0.0,
        public ?float $potLifeMin = null,
        public ?float $recoatUntilMin = null,
        public float $referenceC = 20.0,
        public ?float $canMl = null,
        public ?float $sheetGu = null,
        public float $sheetGuDoubt = 6.0,
        public bool $needsReleaseFilm = false,
        public ?float $polishAfterMin = null,
    ) {
        Bounds::within($flashMin, 0.0, 1440.0, 'flash time', 'min');
        Bounds::within($readyAfterMin, 1.0, 30000.0, 'time until ready', 'min');
        Bounds::within($finalUm, 1.0, 500.0, 'film that stays', 'µm');
        Bounds::within($minC, -10.0, 60.0, 'coldest air to spray in', '°C');
        Bounds::within($hardenerParts, 0.0, 400.0, 'hardener', 'parts');
        Bounds::within($reducerParts, 0.0, 400.0, 'reducer', 'parts');
        Bounds::within($potLifeMin ?? 1.0, 0.5, 10000.0, 'pot life', 'min');
        Bounds::within($recoatUntilMin ?? $flashMin, $flashMin, 100000.0, 'end of the recoat window', 'min');
        Bounds::within($polishAfterMin ?? $readyAfterMin, $readyAfterMin, 500000.0, 'time until it is polished', 'min');
        Bounds::within($canMl ?? 1.0, 1.0, 5000.0, 'can', 'ml');
    }

    /** With so much thinner by volume to one of the mix; the flash grows with what has to leave. */
    public function thinned(float $share): self
    {
        $all = 100.0 + $this->hardenerParts + $this->reducerParts;

        return new self(
            $this->name,
            $this->sprayed->thinned($share),
            $this->sheen,
            $this->isocyanate,
            min(1440.0, $this->flashMin * $this->sprayed->leavesLonger($share)),
            $this->readyAfterMin,
            $this->finalUm,
            $this->minC,
            $this->kind,
            $this->hardenerParts,
            min(400.0, $this->reducerParts + $share * $all),
            $this->potLifeMin,
            $this->recoatUntilMin === null ? null : max($this->recoatUntilMin, $this->flashMin * $this->sprayed->leavesLonger($share)),
            $this->referenceC,
            $this->canMl,
            $this->sheetGu,
            $this->sheetGuDoubt,
            $this->needsReleaseFilm,
            $this->polishAfterMin,
        );
    }

    public function chemistry(): Chemistry
    {
        return match (true) {
            $this->needsReleaseFilm => Chemistry::Polyester,
            $this->kind === ClearKind::TwoPart, $this->kind === ClearKind::Filler => Chemistry::Urethane,
            default => Chemistry::OnePart,
        };
    }

    public function flashAt(Temperature $t): float
    {
        return $this->flashMin / $this->rateAt($t);
    }

    public function readyAt(Temperature $t): float
    {
        return $this->readyAfterMin / $this->rateAt($t);
    }

    /** When it may be flatted and polished; null of what stays as it dries: satin, matt, a brushed one whose sheet says no more. */
    public function polishAt(Temperature $t): ?float
    {
        return match (true) {
            $this->sheen !== Finish::Gloss => null,
            $this->kind->isBrushed() => $this->polishAfterMin === null ? null : $this->polishAfterMin / $this->rateAt($t),
            default => $this->readyAt($t),
        };
    }

    public function recoatUntilAt(Temperature $t): ?float
    {
        return $this->recoatUntilMin === null ? null : $this->recoatUntilMin / $this->rateAt($t);
    }

    public function potLifeAt(Temperature $t): ?float
    {
        return $this->potLifeMin === null ? null : $this->potLifeMin / $this->rateAt($t);
    }

    private function rateAt(Temperature $t): float
    {
        return Activation::assumed()->rate($t, Temperature::fromCelsius($this->referenceC));
    }
}
