<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Cure\Milestone;
use OakGloss\Inspection\Defect;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;

/**
 * A part with a hidden truth, a fast clock and the acts of the bench. The same seed and acts always come to the same
 * end. Film is kept in cells; every gram is in the ledger.
 */
final class Simulation
{
    public readonly PracticePart $part;

    public readonly Ledger $ledger;

    private readonly PracticeState $bench;
    private readonly CoatHands $coatHands;
    private readonly SurfaceHands $surfaceHands;

    public readonly LaminateHands $laminate;

    /** @var list<Answer> */
    private array $answers = [];

    private function __construct(int $seed, Weather $weather)
    {
        $this->bench = new PracticeState($seed, $weather);
        $this->part = $this->bench->part;
        $this->ledger = $this->bench->ledger;
        $this->coatHands = new CoatHands($this->bench);
        $this->surfaceHands = new SurfaceHands($this->bench);
        $this->laminate = new LaminateHands($this->bench);
    }

    /**
     * @param list<Move> $before what others did to it; it is not judged
     * @param list<Move> $moves
     */
    public static function play(int $seed, array $before, array $moves, Weather $weather = new Weather()): self
    {
        $simulation = new self($seed, $weather);
        foreach ($before as $move) {
            $simulation->do($move);
        }
        $simulation->answers = $simulation->bench->mistakes = [];
        foreach ($moves as $move) {
            $simulation->do($move);
        }

        return $simulation;
    }

    public function nowMin(): float
    {
        return $this->bench->now;
    }

    public function airC(): float
    {
        return $this->bench->airC();
    }

    public function cupG(): float
    {
        return $this->ledger->inCupG;
    }

    /** @return list<Answer> */
    public function answers(): array
    {
        return $this->answers;
    }

    /** @return list<Mistake> */
    public function mistakes(): array
    {
        return $this->bench->mistakes;
    }

    /** Whether the newest lift is through its heat: it has reacted past its gel, and is no warmer than a hand. */
    public function hasCooled(): bool
    {
        $lifts = $this->laminate->lifts;

        return $lifts !== [] && $lifts[count($lifts) - 1]['cured'] > 0.5;
    }

    public function isClearDry(): bool
    {
        return $this->bench->clearAt !== null && $this->bench->now - $this->bench->clearAt >= Kit::CLEAR_READY_MIN;
    }

    /** What has pulled the weave's pattern back since it was flatted, µm. */
    public function printUm(): float
    {
        return $this->bench->printUm();
    }

    /** @return list<array{Defect, string}> what would be found on it now, and on which face */
    public function flaws(): array
    {
        return Flaws::of($this->bench);
    }

    /** What a shop would have on record of it. */
    public function record(): WorkRecord
    {
        return new WorkRecord($this->bench);
    }

    public function patch(string $zone): Patch
    {
        $cells = $this->part->cellsOf($zone);
        $texture = $this->part->mean(
            $zone,
            fn (Cell $c): float => $c->clearUm > 0.0 ? Kit::CLEAR_PEEL_UM : ($c->skin->flat ? 0.0 : $c->skin->textureUm),
        );

        return new Patch(
            $zone,
            $texture + $this->printUm(),
            $this->part->scratchUm($zone),
            $this->part->mean($zone, fn (Cell $c): float => $c->skin->crownCover()->inMicrometres()),
            $this->part->gloss($zone),
            $this->part->mean($zone, fn (Cell $c): float => $c->dust),
            $this->part->mean($zone, fn (Cell $c): float => $c->sealedDust),
            1.0 - exp(-$this->part->mean($zone, fn (Cell $c): float => $c->hazeUm) / 40.0),
            $this->bench->ageOfLastCoat() < $this->bench->kinetics->age(Milestone::TackFrom) && $this->part->clearUm() === 0.0,
            array_map(
                fn (Cell $c): array => [
                    'burnt' => $c->burnt,
                    'gloss' => $c->gloss(),
                    'filmUm' => $c->skin->crownCover()->inMicrometres(),
                    'low' => $this->bench->flattedAt !== null && ! $c->skin->flat,
                ],
                $cells,
            ),
            PracticePart::COLUMNS,
        );
    }

    private function do(Move $move): void
    {
        $from = $this->bench->now;
        $known = count($this->bench->mistakes);
        $this->bench->now += $move->minutes();
        $this->laminate->live();
        [$code, $args] = match ($move->kind) {
            MoveKind::Cloth => $this->coatHands->cloth(),
            MoveKind::Mix => $this->coatHands->mix($move, $from),
            MoveKind::Soil => $this->surfaceHands->soil(),
            MoveKind::Water => $this->surfaceHands->water(),
            MoveKind::Coat => $this->coatHands->coat(),
            MoveKind::Touch => $this->coatHands->touch(),
            MoveKind::Wait => ['waited', []],
            MoveKind::Sand => $this->surfaceHands->sand($move),
            MoveKind::Wipe => $this->surfaceHands->wipe(),
            MoveKind::Spray => $this->surfaceHands->spray($move->sheen ?? Finish::Gloss, (int) $move->amount),
            MoveKind::Polish => $this->surfaceHands->polish($move->compound ?? Compound::Cut, $move->amount),
            MoveKind::Look => $this->surfaceHands->look(),
            MoveKind::Lift => $this->laminate->lay((int) $move->amount),
            MoveKind::Feel => $this->laminate->feel(),
        };
        $this->answers[] = new Answer($move, $from, $code, $args, array_slice($this->bench->mistakes, $known));
    }
}
