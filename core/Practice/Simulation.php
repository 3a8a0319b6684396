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
use OakGloss\Climate\PartTemperature;
use OakGloss\Cure\CureForecast;
use OakGloss\Cure\Kinetics;
use OakGloss\Cure\Spread;
use OakGloss\Cure\Touch;
use OakGloss\Film\Coat;
use OakGloss\Film\PrintThrough;
use OakGloss\Film\Rheology;
use OakGloss\Geometry\Zone;
use OakGloss\Material\Resin;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;
use OakGloss\Optics\GlossAt60;
use OakGloss\Quantity\Temperature;

/**
 * A part with a hidden truth, a fast clock and the acts of the bench. The same seed and acts always come to the same
 * end. Film is kept in cells; every gram is in the ledger. One class, since every act reads and moves the same clock,
 * ledger and mistakes.
 */
final class Simulation
{
    /** A block that goes over the whole part bears down on an edge so much harder (ours). */
    private const EDGE_PRESSURE = 2.5;

    /** A paper that clogs cuts so much of what it would, and tears so much into the film, µm. */
    private const CLOGGED_CUT = 0.1;
    private const CLOGGED_TEAR_UM = 6.0;

    /** What a coat on wet resin lifts at worst, µm of texture. */
    private const LIFTED_UM = 30.0;

    /** More dust than this is seen under the next coat. */
    private const DUST_SHOWS = 0.15;
    private const WIPED_LEAVES = 0.03;

    private readonly HiddenTruth $truth;
    private readonly Resin $sheet;
    private readonly Kinetics $kinetics;
    private readonly CureForecast $forecast;

    public readonly PracticePart $part;

    public readonly Ledger $ledger;

    private float $now = 0.0;
    private ?float $mixedAt = null;
    private int $coats = 0;
    private float $lastCoatAt = -INF;
    private ?float $clearAt = null;

    /** @var list<array{float, float}> what each coat filled of the faces' texture, µm, and when it went on */
    private array $filled = [];
    private ?float $flattedAt = null;

    /** @var list<Answer> */
    private array $answers = [];

    /** @var list<Mistake> */
    private array $mistakes = [];

    private function __construct(int $seed)
    {
        $this->truth = HiddenTruth::of($seed);
        $this->sheet = Kit::resin();
        $this->kinetics = $this->sheet->kinetics->paced($this->truth->pace);
        $this->forecast = new CureForecast(new PartTemperature($this->truth->air, 12.0), $this->kinetics, new Spread(), 0.0);
        $this->ledger = new Ledger();
        $this->part = new PracticePart($this->truth, $this->rheology());
    }

    /**
     * @param list<Act> $before what others did to it; it is not judged
     * @param list<Act> $acts
     */
    public static function play(int $seed, array $before, array $acts): self
    {
        $simulation = new self($seed);
        foreach ($before as $act) {
            $simulation->do($act);
        }
        $simulation->answers = $simulation->mistakes = [];
        foreach ($acts as $act) {
            $simulation->do($act);
        }

        return $simulation;
    }

    public function nowMin(): float
    {
        return $this->now;
    }

    public function airC(): float
    {
        return $this->truth->air->at($this->now);
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
        return $this->mistakes;
    }

    public function isClearDry(): bool
    {
        return $this->clearAt !== null && $this->now - $this->clearAt >= Kit::CLEAR_READY_MIN;
    }

    /** What has pulled the weave's pattern back since it was flatted, µm. */
    public function printUm(): float
    {
        if ($this->flattedAt === null) {
            return 0.0;
        }
        $depth = fn (float $at): float => PrintThrough::depthUm(array_map(fn (array $f): array => [$f[0], $this->forecast->age($f[1], $at)], $this->filled), $this->sheet->rheology->shrinkage, $this->kinetics->age('full'));

        return max(0.0, $depth($this->flattedAt) - $depth($this->now));
    }

    public function patch(string $zone): Patch
    {
        $cells = $this->part->cellsOf($zone);
        $texture = $this->part->mean($zone, fn (Cell $c): float => $c->clearUm > 0.0 ? Kit::CLEAR_PEEL_UM : ($c->skin->flat ? 0.0 : $c->skin->textureUm));

        return new Patch(
            $zone,
            $texture + $this->printUm(),
            $this->part->scratchUm($zone),
            $this->part->mean($zone, fn (Cell $c): float => $c->skin->crownCover()->inMicrometres()),
            $this->part->gloss($zone),
            $this->part->mean($zone, fn (Cell $c): float => $c->dust),
            $this->part->mean($zone, fn (Cell $c): float => $c->sealedDust),
            1.0 - exp(-$this->part->mean($zone, fn (Cell $c): float => $c->hazeUm) / 40.0),
            $this->ageOfLastCoat() < $this->kinetics->age('tack_from') && $this->part->clearUm() === 0.0,
            array_map(fn (Cell $c): array => ['burnt' => $c->burnt, 'gloss' => $c->gloss(), 'filmUm' => $c->skin->crownCover()->inMicrometres(), 'low' => $this->flattedAt !== null && ! $c->skin->flat], $cells),
            PracticePart::COLUMNS,
        );
    }

    private function do(Act $act): void
    {
        $from = $this->now;
        $known = count($this->mistakes);
        $this->now += $act->minutes();
        [$code, $args] = match ($act->kind) {
            ActKind::Mix => $this->mix($act->amount, $from),
            ActKind::Coat => $this->coat(),
            ActKind::Touch => $this->touch(),
            ActKind::Wait => ['waited', []],
            ActKind::Sand => $this->sand($act),
            ActKind::Wipe => $this->wipe(),
            ActKind::Spray => $this->spray($act->sheen ?? Finish::Gloss, (int) $act->amount),
            ActKind::Polish => $this->polish($act->compound ?? Compound::Cut, $act->amount),
            ActKind::Look => $this->look(),
        };
        $this->answers[] = new Answer($act, $from, $code, $args, array_slice($this->mistakes, $known));
    }

    /** @return array{string, array<string, float|string>} */
    private function mix(float $grams, float $from): array
    {
        $this->ledger->leftG += $this->ledger->inCupG;
        $this->ledger->mixedG += $grams;
        $this->ledger->inCupG = $grams;
        $this->mixedAt = $from;

        return ['mixed', ['grams' => $grams, 'use_within' => $this->potLife()]];
    }

    /** @return array{string, array<string, float|string>} */
    private function coat(): array
    {
        if ($this->mixedAt === null || $this->ledger->inCupG <= 0.0) {
            return ['no_cup', []];
        }
        $cup = $this->ledger->inCupG;
        $this->ledger->inCupG = 0.0;
        if ($this->now - $this->mixedAt > $this->potLife()) {
            $this->ledger->leftG += $cup;
            $this->wrong(Mistake::CUP, ['age' => $this->now - $this->mixedAt, 'limit' => $this->potLife()]);

            return ['cup_thrown', []];
        }
        $left = min($cup, $this->truth->cupLossG);
        $this->ledger->leftG += $left;
        $this->ledger->laidG += $cup - $left;
        $early = $this->judgeCoat();
        $this->spread($cup - $left, $early);
        $this->lastCoatAt = $this->now;
        $this->flattedAt = null;
        $this->coats++;
        $perM2 = ($cup - $left) / Kit::areaM2();

        return ['coated', ['g_m2' => $perM2, 'ran_off' => $this->part->mean('', fn (Cell $c): float => $c->skin->lastDrainedGM2)]];
    }

    /** How far too early it is, 0 to 1, and what else stands against a coat now. */
    private function judgeCoat(): float
    {
        $age = $this->ageOfLastCoat();
        [$from, $until] = [$this->kinetics->age('tack_from'), $this->kinetics->age('tack_until')];
        if ($age < $from) {
            $this->wrong(Mistake::TOO_EARLY, ['age' => $age, 'from' => $from, 'sheet' => $this->sheet->kinetics->age('tack_from')]);
        } elseif ($age > $until && array_filter($this->part->cells, fn (Cell $c): bool => $c->zone < 2 && ! $c->keyed) !== []) {
            $this->wrong(Mistake::UNKEYED, ['age' => $age, 'until' => $until]);
        }
        $check = ScratchCheck::of($this->part->scratchUm(), 'resin', SandingMethod::DryBlock);
        if (! $check->suits()) {
            $this->wrong(Mistake::SCRATCH, ['scratch' => $check->scratchUm, 'most' => $check->mostUm]);
        }
        $this->sealDust();

        return $age < $from ? 1.0 - $age / $from : 0.0;
    }

    private function spread(float $grams, float $early): void
    {
        $weights = [];
        $sum = 0.0;
        foreach ($this->part->cells as $i => $cell) {
            $weights[$i] = $this->truth->share($i) * $this->truth->coatShare($i, $this->coats);
            $sum += $cell->areaM2 * $weights[$i];
        }
        $at = Temperature::fromCelsius($this->airC());
        $filled = [];
        foreach ($this->part->cells as $i => $cell) {
            $before = $cell->skin->textureUm;
            $cell->skin = $cell->skin->afterCoat(new Coat(min(Coat::HEAVIEST_GM2, $grams * $weights[$i] / $sum), $at));
            if ($early > 0.0) {
                $cell->skin = $cell->skin->lifted(self::LIFTED_UM * $early);
            }
            $this->ledger->ranOffG += $cell->areaM2 * $cell->skin->lastDrainedGM2;
            if ($cell->zone < 2) {
                $filled[] = $before - $cell->skin->textureUm;
            }
            $cell->rmsUm = null;
            $cell->keyed = false;
        }
        $this->filled[] = [max(0.0, array_sum($filled) / count($filled)), $this->now];
    }

    /** @return array{string, array<string, float|string>} */
    private function touch(): array
    {
        $age = $this->ageOfLastCoat();
        $touch = match (true) {
            $age < $this->kinetics->age('tack_from') => Touch::TooWet,
            $age < 0.75 * $this->kinetics->age('tack_until') => Touch::Print,
            $age < $this->kinetics->age('tack_until') => Touch::Dents,
            default => Touch::Hard,
        };

        return ["touch_{$touch->value}", []];
    }

    /** @return array{string, array<string, float|string>} */
    private function sand(Act $act): array
    {
        $grit = $act->grit ?? throw new \LogicException('a pass names its paper');
        $age = $this->ageOfLastCoat();
        $sandable = $this->kinetics->age('sandable');
        $clogs = $age < $sandable && $this->part->clearUm() === 0.0;
        if ($clogs) {
            $this->wrong(Mistake::TOO_SOON, ['age' => $age, 'from' => $sandable]);
        }
        $area = array_sum(array_map(fn (Zone $z): float => $act->zone === '' || $act->zone === $z->name ? $z->areaM2 : 0.0, Kit::zones()));
        $coarser = $this->part->scratchUm($act->zone);
        foreach ($this->part->cellsOf($act->zone) as $cell) {
            $pressure = $this->truth->hand * ($clogs ? self::CLOGGED_CUT : 1.0) * ($cell->zone === 2 && $act->zone === '' ? self::EDGE_PRESSURE : 1.0);
            $this->sandCell($cell, new Pass($grit, $act->driven, $act->amount, PassEnd::Open), $area / $pressure);
            if ($clogs) {
                $cell->skin = $cell->skin->lifted(self::CLOGGED_TEAR_UM);
            }
            $cell->dust = 1.0;
            $cell->keyed = $cell->keyed || ! $clogs;
        }
        $this->judgeScratch($act, $grit, $coarser);
        if (! $clogs && array_filter($this->part->cells, fn (Cell $c): bool => $c->zone < 2 && $c->skin->flat) !== []) {
            $this->flattedAt = $this->now;
        }

        return [$clogs ? 'clogged' : 'sanded', ['low' => $this->part->lowShare($act->zone), 'bare' => $this->part->burntShare($act->zone), 'scratch' => $this->part->scratchUm($act->zone)]];
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
        $this->ledger->sandedG += $cell->areaM2 * $cell->skin->cureDensityGM2Um() * ($before - $cell->skin->meanUm);
        if ($cell->skin->crownCover()->inMicrometres() < 0.0 && ! $cell->burnt) {
            $cell->burnt = true;
            $name = Kit::zones()[$cell->zone]->name;
            if ($this->part->burntShare($name) * PracticePart::PLACES < 1.5) {
                $this->wrong(Mistake::BURNT, ['zone' => $name, 'grit' => (string) $pass->grit->number, 'reach' => $reach]);
            }
        }
    }

    private function judgeScratch(Act $act, Grit $grit, float $coarser): void
    {
        $own = $act->driven->scratchUm($grit);
        $left = $this->part->scratchUm($act->zone);
        if ($coarser > 0.0 && $coarser / $own > Ladder::MAX_RATIO * 1.25 && $left > 1.3 * $own) {
            $this->wrong(Mistake::SKIPPED, ['before' => $coarser, 'grit' => (string) $grit->number, 'left' => $left, 'own' => $own]);
        }
    }

    /** @return array{string, array<string, float|string>} */
    private function wipe(): array
    {
        foreach ($this->part->cells as $cell) {
            $cell->dust *= self::WIPED_LEAVES;
        }

        return ['wiped', []];
    }

    /** @return array{string, array<string, float|string>} */
    private function spray(Finish $sheen, int $coats): array
    {
        $check = ScratchCheck::of($this->part->scratchUm(), 'clear', SandingMethod::WetBlock);
        if (! $check->suits()) {
            $this->wrong(Mistake::SCRATCH, ['scratch' => $check->scratchUm, 'most' => $check->mostUm]);
        }
        if ($this->ageOfLastCoat() < $this->kinetics->age('tack_until')) {
            $this->wrong(Mistake::TOO_EARLY, ['age' => $this->ageOfLastCoat(), 'from' => $this->kinetics->age('tack_until'), 'sheet' => $this->sheet->kinetics->age('tack_until')]);
        }
        $this->sealDust();
        foreach ($this->part->cells as $cell) {
            $cell->hazeUm += max(0.0, $cell->scratchUm() - $check->mostUm);
            $cell->clearUm += $coats * Kit::CLEAR_DRY_UM;
            $cell->clearScratchUm = 0.0;
            $cell->sheen = $sheen;
            $cell->rmsUm = null;
        }
        $this->clearAt = $this->now;

        return ['sprayed', ['um' => $coats * Kit::CLEAR_DRY_UM]];
    }

    /** @return array{string, array<string, float|string>} */
    private function polish(Compound $compound, float $minutes): array
    {
        $isMatt = $this->part->clearUm() > 0.0 && array_filter($this->part->cells, fn (Cell $c): bool => $c->clearUm > 0.0 && $c->sheen !== Finish::Gloss) !== [];
        $before = $this->part->gloss();
        $cut = $minutes * $compound->speed() * $this->truth->hand / Kit::areaM2();
        foreach ($this->part->cells as $i => $cell) {
            if ($cell->sheen !== null && $cell->sheen !== Finish::Gloss && $cell->clearUm > 0.0) {
                // A pad takes the matting off in patches, as the hand happens to lie.
                $cell->rmsUm = $compound->rmsUm() * (4.0 + 4.0 * ($this->truth->share($i) - 0.6));

                continue;
            }
            if ($cell->scratchUm() <= 0.0) {
                continue;
            }
            $scratch = $cell->scratchUm();
            $cell->rmsUm = max($compound->rmsUm(), ($scratch - min($cut / Ladder::OVERCUT, $compound->takesScratchUm())) / GlossAt60::RZ_OVER_RMS);
        }
        if ($isMatt) {
            $this->wrong(Mistake::MATT, ['before' => $before, 'after' => $this->part->gloss()]);
        }

        return ['polished', ['cut' => $cut, 'gloss' => $this->part->gloss()]];
    }

    /** @return array{string, array<string, float|string>} */
    private function look(): array
    {
        return ['looked', ['gloss' => $this->part->gloss(), 'bare' => $this->part->burntShare(), 'scratch' => $this->part->scratchUm(), 'print' => $this->printUm(), 'sealed' => $this->part->sealedDust()]];
    }

    private function sealDust(): void
    {
        $dust = $this->part->mean('', fn (Cell $c): float => $c->dust);
        if ($dust > self::DUST_SHOWS) {
            $this->wrong(Mistake::DUST, ['dust' => $dust]);
        }
        foreach ($this->part->cells as $cell) {
            $cell->sealedDust = max($cell->sealedDust, $cell->dust > self::DUST_SHOWS ? $cell->dust : 0.0);
            $cell->dust = 0.0;
        }
    }

    /** @param array<string, float|string> $args */
    private function wrong(string $code, array $args): void
    {
        $this->mistakes[] = new Mistake($code, $this->now, $args);
    }

    private function ageOfLastCoat(): float
    {
        return is_finite($this->lastCoatAt) ? $this->forecast->age($this->lastCoatAt, $this->now) : INF;
    }

    private function potLife(): float
    {
        return $this->sheet->potLifeAt(Temperature::fromCelsius($this->airC())) * $this->truth->pace;
    }

    private function rheology(): Rheology
    {
        $sheet = $this->sheet->rheology;

        return new Rheology($sheet->densityGCm3, $sheet->reference, $sheet->viscosityPaS * $this->truth->viscosity, $sheet->flow, $sheet->gelAgeMin * $this->truth->pace, $sheet->cure, $sheet->shrinkage);
    }

}
