<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Abrasion\SandingMethod;
use OakGloss\Abrasion\ScratchCheck;
use OakGloss\Cure\Milestone;
use OakGloss\Cure\Touch;
use OakGloss\Film\Coat;
use OakGloss\Quantity\Temperature;

/** Hands with cup and brush. */
final class CoatHands
{
    /** What cloth floats at worst, flooded on a base that only just holds it, µm of relief. */
    private const FLOATED_UM = 140.0;

    /** A wet-out that floods nothing, g/m². */
    private const THIN_GM2 = 150.0;

    /** What a coat on wet resin lifts at worst, µm of texture. */
    private const LIFTED_UM = 30.0;

    private ?float $mixedAt = null;
    private ?Move $mix = null;
    private int $coats = 0;

    public function __construct(private readonly PracticeState $bench)
    {
    }

    /** @return array{string, array<string, float|string>} */
    public function mix(Move $move, float $from): array
    {
        $grams = $move->amount;
        $this->mix = $move;
        $this->bench->ledger->leftG += $this->bench->ledger->inCupG;
        $this->bench->ledger->mixedG += $grams;
        $this->bench->ledger->inCupG = $grams;
        $this->mixedAt = $from;

        return ['mixed', ['grams' => $grams, 'use_within' => $this->bench->potLife()]];
    }

    /** @return array{string, array<string, float|string>} */
    public function coat(): array
    {
        if ($this->mixedAt === null || $this->bench->ledger->inCupG <= 0.0) {
            return ['no_cup', []];
        }
        $cup = $this->bench->ledger->inCupG;
        $this->bench->ledger->inCupG = 0.0;
        if ($this->bench->now - $this->mixedAt > $this->bench->potLife()) {
            $this->bench->ledger->leftG += $cup;
            $this->bench->wrong(Mistake::CUP, ['age' => $this->bench->now - $this->mixedAt, 'limit' => $this->bench->potLife()]);

            return ['cup_thrown', []];
        }
        $left = min($cup, $this->bench->truth->cupLossG);
        $this->bench->ledger->leftG += $left;
        $this->bench->ledger->laidG += $cup - $left;
        $this->bench->book->coat($this->bench, $this->mix ?? Move::mix($cup), $this->mixedAt, $cup - $left);
        $this->bench->part->isDry ? $this->wetOut($cup - $left) : $this->spread($cup - $left, $this->judgeCoat());
        $this->bench->lastCoatAt = $this->bench->now;
        $this->bench->flattedAt = null;
        $this->coats++;
        $perM2 = ($cup - $left) / Kit::areaM2();

        return ['coated', ['g_m2' => $perM2, 'ran_off' => $this->bench->part->mean('', fn (Cell $c): float => $c->skin->lastDrainedGM2)]];
    }

    /** Dry cloth on a base that set floats nowhere; on one that did not, the more resin the more. */
    private function wetOut(float $grams): void
    {
        $age = $this->bench->ageOfLastCoat();
        $until = $this->bench->kinetics->age(Milestone::TackUntil);
        $early = max(0.0, 1.0 - $age / $until);
        if ($early > 0.0) {
            $this->bench->wrong(
                Mistake::FLOATED,
                ['age' => $age, 'until' => $until, 'sheet' => $this->bench->sheet->kinetics->age(Milestone::TackUntil)],
            );
        }
        $at = Temperature::fromCelsius($this->bench->airC());
        $shares = array_map($this->bench->truth->share(...), array_keys($this->bench->part->cells));
        $sum = array_sum(array_map(fn (Cell $c, float $share): float => $c->areaM2 * $share, $this->bench->part->cells, $shares));
        foreach ($this->bench->part->cells as $i => $cell) {
            $gM2 = min(Coat::HEAVIEST_GM2, $grams * $shares[$i] / $sum);
            $this->bench->ledger->drunkG += $cell->areaM2 * $this->bench->part->wetOut($i, new Coat($gM2, $at));
            $this->bench->ledger->ranOffG += $cell->areaM2 * $cell->skin->lastDrainedGM2;
            $cell->skin = $early > 0.0 ? $cell->skin->lifted(self::FLOATED_UM * $early * min(2.0, $gM2 / self::THIN_GM2)) : $cell->skin;
            $cell->keyed = false;
        }
        $this->bench->part->isDry = false;
    }

    /** @return array{string, array<string, float|string>} */
    public function cloth(): array
    {
        $this->bench->part->layDry(Temperature::fromCelsius($this->bench->airC()));
        $this->bench->lastCoatAt = $this->bench->now;

        return ['cloth', []];
    }

    /** How far too early it is, 0 to 1, and what else stands against a coat now. */
    private function judgeCoat(): float
    {
        $age = $this->bench->ageOfLastCoat();
        [$from, $until] = [$this->bench->kinetics->age(Milestone::TackFrom), $this->bench->kinetics->age(Milestone::TackUntil)];
        if ($age < $from) {
            $this->bench->wrong(
                Mistake::TOO_EARLY,
                ['age' => $age, 'from' => $from, 'sheet' => $this->bench->sheet->kinetics->age(Milestone::TackFrom)],
            );
        } elseif ($age > $until && array_filter($this->bench->part->cells, fn (Cell $c): bool => $c->zone < 2 && ! $c->keyed) !== []) {
            $this->bench->wrong(Mistake::UNKEYED, ['age' => $age, 'until' => $until]);
        }
        $check = ScratchCheck::of($this->bench->part->scratchUm(), 'resin', SandingMethod::DryBlock);
        if (! $check->suits()) {
            $this->bench->wrong(Mistake::SCRATCH, ['scratch' => $check->scratchUm, 'most' => $check->mostUm]);
        }
        $this->bench->sealDust();

        return $age < $from ? 1.0 - $age / $from : 0.0;
    }

    private function spread(float $grams, float $early): void
    {
        $weights = [];
        $sum = 0.0;
        foreach ($this->bench->part->cells as $i => $cell) {
            $weights[$i] = $this->bench->truth->share($i) * $this->bench->truth->coatShare($i, $this->coats);
            $sum += $cell->areaM2 * $weights[$i];
        }
        $at = Temperature::fromCelsius($this->bench->airC());
        $filled = [];
        foreach ($this->bench->part->cells as $i => $cell) {
            $before = $cell->skin->textureUm;
            $cell->skin = $cell->skin->afterCoat(new Coat(min(Coat::HEAVIEST_GM2, $grams * $weights[$i] / $sum), $at));
            if ($early > 0.0) {
                $cell->skin = $cell->skin->lifted(self::LIFTED_UM * $early);
            }
            $this->bench->ledger->ranOffG += $cell->areaM2 * $cell->skin->lastDrainedGM2;
            if ($cell->zone < 2) {
                $filled[] = $before - $cell->skin->textureUm;
            }
            $cell->rmsUm = null;
            $cell->keyed = false;
        }
        $this->bench->filled[] = [max(0.0, array_sum($filled) / count($filled)), $this->bench->now];
    }

    /** @return array{string, array<string, float|string>} */
    public function touch(): array
    {
        $age = $this->bench->ageOfLastCoat();
        $touch = match (true) {
            $age < $this->bench->kinetics->age(Milestone::TackFrom) => Touch::TooWet,
            $age < 0.75 * $this->bench->kinetics->age(Milestone::TackUntil) => Touch::Print,
            $age < $this->bench->kinetics->age(Milestone::TackUntil) => Touch::Dents,
            default => Touch::Hard,
        };

        return ["touch_{$touch->value}", []];
    }
}
