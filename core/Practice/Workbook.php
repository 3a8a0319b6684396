<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\Ladder;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Film\Coat;
use OakGloss\Film\RunRisk;
use OakGloss\Quantity\Temperature;

/**
 * What was really done to the practice part, coat by coat and pass by pass. Its simulation alone writes into it.
 *
 * @phpstan-type CoatLaid array{
 *     at: float, mixedAt: float, stirMin: float, gM2: float, offPercent: float, isWetOut: bool, ageBelow: float,
 *     isKeyed: bool, grease: float, dust: float, scratchOverMost: float|null, wipedAt: float|null, airC: float,
 *     overLimit: float,
 * }
 * @phpstan-type PassMade array{
 *     at: float, zone: string, grit: int, minutes: float, needsMin: float, coverUm: float, takesUm: float, age: float,
 * }
 */
final class Workbook
{
    /** @var list<CoatLaid> */
    public array $coats = [];

    /** @var list<PassMade> */
    public array $passes = [];

    public int $waters = 0;

    public ?float $wipedAt = null;

    private bool $isSanded = false;

    public function coat(PracticeState $bench, Move $mix, float $mixedAt, float $grams): void
    {
        $gM2 = $grams / Kit::areaM2();
        $at = Temperature::fromCelsius($bench->airC());
        $flank = Kit::zones()[1]->face;
        $limit = RunRisk::of($flank, $bench->part->flow(), new Coat(min(Coat::HEAVIEST_GM2, $gM2), $at))->holdsGM2 ?? 1000.0;
        $this->coats[] = [
            'at' => $bench->now,
            'mixedAt' => $mixedAt + 1.0,
            'stirMin' => $mix->stirMin,
            'gM2' => $gM2,
            'offPercent' => $mix->offPercent,
            'isWetOut' => $bench->part->isDry,
            'ageBelow' => $bench->ageOfLastCoat(),
            'isKeyed' => $this->isSanded,
            'grease' => max([0.0, ...array_map(fn (Cell $c): float => $c->grease, $bench->part->cells)]),
            'dust' => $bench->part->mean('', fn (Cell $c): float => $c->dust),
            'scratchOverMost' => $this->isSanded
                ? ScratchCheck::of($bench->part->scratchUm(), 'resin', SandingMethod::DryBlock)->scratchUm / 12.0 : null,
            'wipedAt' => $this->wipedAt,
            'airC' => $bench->airC(),
            'overLimit' => $gM2 / $limit,
        ];
        foreach ($bench->part->cells as $cell) {
            $cell->grease = 0.0;
        }
        $this->isSanded = false;
        $this->wipedAt = null;
    }

    /** Clear went over it. */
    public function cover(PracticeState $bench, float $scratchOverMost): void
    {
        $this->coats[] = [
            'at' => $bench->now, 'mixedAt' => $bench->now, 'stirMin' => Move::STIR_MIN, 'gM2' => 0.0, 'offPercent' => 0.0,
            'isWetOut' => false, 'ageBelow' => $bench->ageOfLastCoat(), 'isKeyed' => true,
            'grease' => max([0.0, ...array_map(fn (Cell $c): float => $c->grease, $bench->part->cells)]),
            'dust' => $bench->part->mean('', fn (Cell $c): float => $c->dust),
            'scratchOverMost' => $scratchOverMost, 'wipedAt' => $this->wipedAt, 'airC' => $bench->airC(), 'overLimit' => 0.0,
        ];
        $this->wipedAt = null;
    }

    public function pass(PracticeState $bench, Move $move, Grit $grit, float $areaM2): void
    {
        $texture = $bench->part->mean($move->zone, fn (Cell $c): float => $c->skin->textureUm);
        $isFlat = $bench->part->lowShare($move->zone) < 0.5;
        $takes = $isFlat ? Ladder::OVERCUT * $texture : $texture + Ladder::WAVINESS_UM;
        $this->passes[] = [
            'at' => $bench->now,
            'zone' => $move->zone,
            'grit' => $grit->number,
            'minutes' => $move->amount,
            'needsMin' => $areaM2 * $takes / $move->driven->speed($grit),
            'coverUm' => $bench->part->mean($move->zone, fn (Cell $c): float => $c->skin->crownCover()->inMicrometres()),
            'takesUm' => $takes,
            'age' => $bench->ageOfLastCoat(),
        ];
        $this->isSanded = true;
        $this->wipedAt = null;
    }

    /** @return CoatLaid|null the wet-out, or the newest coat over it */
    public function newest(bool $isWetOut): ?array
    {
        $found = null;
        foreach ($this->coats as $coat) {
            $found = $coat['isWetOut'] === $isWetOut ? $coat : $found;
        }

        return $found;
    }
}
