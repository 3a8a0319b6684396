<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\Pass;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\Sanded;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Cure\Milestone;
use OakGloss\Geometry\Zone;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;
use OakGloss\Optics\GlossAt60;

/** Hands with paper, cloth, gun and pad. */
final class SurfaceHands
{
    /** A block that goes over the whole part bears down on an edge so much harder (ours). */
    private const EDGE_PRESSURE = 2.5;

    /** A paper that clogs cuts so much of what it would, and tears so much into the film, µm. */
    private const CLOGGED_CUT = 0.1;
    private const CLOGGED_TEAR_UM = 6.0;

    private const WIPED_LEAVES = 0.03;

    public function __construct(private readonly PracticeState $bench)
    {
    }

    /** @return array{string, array<string, float|string>} */
    public function sand(Move $move): array
    {
        $grit = $move->grit ?? throw new \LogicException('a pass names its paper');
        $age = $this->bench->ageOfLastCoat();
        $sandable = $this->bench->kinetics->age(Milestone::Sandable);
        $clogs = $age < $sandable && $this->bench->part->clearUm() === 0.0;
        if ($clogs) {
            $this->bench->wrong(Mistake::TOO_SOON, ['age' => $age, 'from' => $sandable]);
        }
        $isIn = fn (Zone $z): bool => $move->zone === '' || $move->zone === $z->name;
        $area = array_sum(array_map(fn (Zone $z): float => $isIn($z) ? $z->areaM2 : 0.0, Kit::zones()));
        $coarser = $this->bench->part->scratchUm($move->zone);
        $this->bench->book->pass($this->bench, $move, $grit, $area);
        foreach ($this->bench->part->cellsOf($move->zone) as $cell) {
            $pressure = $this->bench->truth->hand * ($clogs ? self::CLOGGED_CUT : 1.0) * ($cell->zone === 2
                && $move->zone === '' ? self::EDGE_PRESSURE : 1.0);
            $this->sandCell($cell, new Pass($grit, $move->driven, $move->amount, PassEnd::Open), $area / $pressure);
            if ($clogs) {
                $cell->skin = $cell->skin->lifted(self::CLOGGED_TEAR_UM);
            }
            $cell->dust = 1.0;
            $cell->keyed = $cell->keyed || ! $clogs;
        }
        $this->judgeScratch($move, $grit, $coarser);
        if (! $clogs && array_filter($this->bench->part->cells, fn (Cell $c): bool => $c->zone < 2 && $c->skin->flat) !== []) {
            $this->bench->flattedAt = $this->bench->now;
        }

        return [
            $clogs ? 'clogged' : 'sanded',
            [
                'low' => $this->bench->part->lowShare($move->zone),
                'bare' => $this->bench->part->burntShare($move->zone),
                'scratch' => $this->bench->part->scratchUm($move->zone),
            ],
        ];
    }

    private function sandCell(Cell $cell, Pass $pass, float $areaM2): void
    {
        $cell->rmsUm = null;
        $reach = $pass->reachUm($areaM2) ?? 0.0;
        if ($cell->clearUm > 0.0) {
            $cell->clearUm -= $reach;
            $cell->clearScratchUm = max($pass->scratchUm(), $cell->clearScratchUm - $reach);
            $cell->sheen = Finish::Gloss;
            if ($cell->clearUm > 0.0) {
                return;
            }
            $cell->clearUm = $cell->clearScratchUm = 0.0;
        }
        $before = $cell->skin->meanUm;
        $cell->skin = Sanded::over($cell->skin, $pass, $areaM2)->skin;
        $this->bench->ledger->sandedG += $cell->areaM2 * $cell->skin->cureDensityGM2Um() * ($before - $cell->skin->meanUm);
        if ($cell->skin->crownCover()->inMicrometres() < 0.0 && ! $cell->burnt) {
            $cell->burnt = true;
            $name = Kit::zones()[$cell->zone]->name;
            if ($this->bench->part->burntShare($name) * PracticePart::PLACES < 1.5) {
                $this->bench->wrong(Mistake::BURNT, ['zone' => $name, 'grit' => (string) $pass->grit->number, 'reach' => $reach]);
            }
        }
    }

    private function judgeScratch(Move $move, Grit $grit, float $coarser): void
    {
        $own = $move->driven->scratchUm($grit);
        $left = $this->bench->part->scratchUm($move->zone);
        if ($coarser > 0.0 && $coarser / $own > Ladder::MAX_RATIO * 1.25 && $left > 1.3 * $own) {
            $this->bench->wrong(
                Mistake::SKIPPED,
                ['before' => $coarser, 'grit' => (string) $grit->number, 'left' => $left, 'own' => $own],
            );
        }
    }

    /** @return array{string, array<string, float|string>} */
    public function wipe(): array
    {
        foreach ($this->bench->part->cells as $cell) {
            $cell->dust *= self::WIPED_LEAVES;
            $cell->grease *= self::WIPED_LEAVES;
        }
        $this->bench->book->wipedAt = $this->bench->now;

        return ['wiped', []];
    }

    /** @return array{string, array<string, float|string>} what nobody sees until resin lies on it */
    public function soil(): array
    {
        foreach ($this->bench->part->cells as $i => $cell) {
            $cell->grease = max($cell->grease, 0.5 + 0.5 * ($this->bench->truth->share($i) - 0.6));
        }

        return ['soiled', []];
    }

    /** @return array{string, array<string, float|string>} */
    public function water(): array
    {
        $this->bench->book->waters++;

        return ['watered', []];
    }

    /** @return array{string, array<string, float|string>} */
    public function spray(Finish $sheen, int $coats): array
    {
        $check = ScratchCheck::of($this->bench->part->scratchUm(), 'clear', SandingMethod::WetBlock);
        if (! $check->suits()) {
            $this->bench->wrong(Mistake::SCRATCH, ['scratch' => $check->scratchUm, 'most' => $check->mostUm]);
        }
        if ($this->bench->ageOfLastCoat() < $this->bench->kinetics->age(Milestone::TackUntil)) {
            $this->bench->wrong(
                Mistake::TOO_EARLY,
                [
                    'age' => $this->bench->ageOfLastCoat(),
                    'from' => $this->bench->kinetics->age(Milestone::TackUntil),
                    'sheet' => $this->bench->sheet->kinetics->age(Milestone::TackUntil),
                ],
            );
        }
        $this->bench->book->cover($this->bench, $check->scratchUm / $check->mostUm);
        $this->bench->sealDust();
        foreach ($this->bench->part->cells as $cell) {
            $cell->hazeUm += max(0.0, $cell->scratchUm() - $check->mostUm);
            $cell->clearUm += $coats * Kit::CLEAR_DRY_UM;
            $cell->clearScratchUm = 0.0;
            $cell->sheen = $sheen;
            $cell->rmsUm = null;
        }
        $this->bench->clearAt = $this->bench->now;

        return ['sprayed', ['um' => $coats * Kit::CLEAR_DRY_UM]];
    }

    /** @return array{string, array<string, float|string>} */
    public function polish(Compound $compound, float $minutes): array
    {
        $isMatt = $this->bench->part->clearUm() > 0.0 && array_filter(
            $this->bench->part->cells,
            fn (Cell $c): bool => $c->clearUm > 0.0 && $c->sheen !== Finish::Gloss,
        ) !== [];
        $before = $this->bench->part->gloss();
        $cut = $minutes * $compound->speed() * $this->bench->truth->hand / Kit::areaM2();
        foreach ($this->bench->part->cells as $i => $cell) {
            if ($cell->sheen !== null && $cell->sheen !== Finish::Gloss && $cell->clearUm > 0.0) {
                // A pad takes the matting off in patches, as the hand happens to lie.
                $cell->rmsUm = $compound->rmsUm() * (4.0 + 4.0 * ($this->bench->truth->share($i) - 0.6));

                continue;
            }
            if ($cell->scratchUm() <= 0.0) {
                continue;
            }
            $scratch = $cell->scratchUm();
            $cell->rmsUm = max(
                $compound->rmsUm(),
                ($scratch - min($cut / Ladder::OVERCUT, $compound->takesScratchUm())) / GlossAt60::RZ_OVER_RMS,
            );
        }
        if ($isMatt) {
            $this->bench->wrong(Mistake::MATT, ['before' => $before, 'after' => $this->bench->part->gloss()]);
        }

        return ['polished', ['cut' => $cut, 'gloss' => $this->bench->part->gloss()]];
    }

    /** @return array{string, array<string, float|string>} */
    public function look(): array
    {
        return [
            'looked',
            [
                'gloss' => $this->bench->part->gloss(),
                'bare' => $this->bench->part->burntShare(),
                'scratch' => $this->bench->part->scratchUm(),
                'print' => $this->bench->printUm(),
                'sealed' => $this->bench->part->sealedDust(),
            ],
        ];
    }
}
