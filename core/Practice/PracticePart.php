<?php

declare(strict_types=1);

namespace OakGloss\Practice;

use OakGloss\Film\Coat;
use OakGloss\Film\Face;
use OakGloss\Film\Rheology;
use OakGloss\Film\SkinSection;
use OakGloss\Geometry\Zone;
use OakGloss\Quantity\Temperature;

/** The practice part in its places, three zones of them, and what may be asked of it. */
final class PracticePart
{
    /** Columns of places of a zone, four rows each. */
    public const COLUMNS = 6;
    public const PLACES = 24;

    /** @var list<Cell> */
    public readonly array $cells;

    /** @var array<int, float> mean surface of each place as it was wetted out, µm */
    private array $begunUm;

    /** @var list<Face> by zone */
    private readonly array $faces;

    /** The cloth has no resin in it yet. */
    public bool $isDry = false;

    public function __construct(HiddenTruth $truth, private readonly Rheology $flow)
    {
        $at = Temperature::fromCelsius($truth->air->at(0.0));
        $cells = $faces = [];
        foreach (Kit::zones() as $z => $zone) {
            $face = new Face(
                $zone->slopeDeg,
                $zone->lengthM,
                $zone->radiusMm === null ? null : $truth->edgeRadiusMm($zone->radiusMm),
                $zone->name,
                $zone->face->above,
            );
            $faces[] = $face;
            for ($i = 0; $i < self::PLACES; $i++) {
                $cells[] = new Cell(
                    $z,
                    $zone->areaM2 / self::PLACES,
                    SkinSection::wetOut(Kit::weave(), $face, $flow, new Coat(Kit::WET_OUT_GM2 * $truth->share(count($cells)), $at)),
                );
            }
        }
        $this->cells = $cells;
        $this->faces = $faces;
        $this->begunUm = array_map(fn (Cell $c): float => $c->skin->meanUm, $cells);
    }

    /** Of the resin as it really is. */
    public function flow(): Rheology
    {
        return $this->flow;
    }

    /** Dry cloth lies on it. */
    public function layDry(Temperature $at): void
    {
        $this->isDry = true;
        foreach ($this->cells as $i => $cell) {
            $cell->skin = SkinSection::wetOut(Kit::weave(), $this->faces[$cell->zone], $this->flow, new Coat(0.0, $at));
            $this->begunUm[$i] = $cell->skin->meanUm;
        }
    }

    /** One place of dry cloth wetted out: what the cloth drinks of it, g/m². */
    public function wetOut(int $i, Coat $coat): float
    {
        $cell = $this->cells[$i];
        $cell->skin = SkinSection::wetOut(Kit::weave(), $this->faces[$cell->zone], $this->flow, $coat);
        $film = $cell->skin->lastRetainedUm * (1.0 - $this->flow->shrinkage);
        $this->begunUm[$i] = $cell->skin->meanUm - $film;

        return $coat->gM2 - $cell->skin->lastRetainedUm * $this->flow->densityGCm3 - $cell->skin->lastDrainedGM2;
    }

    /** Film over its wet-out by its places, grams: what the ledger must come to. */
    public function filmG(): float
    {
        return array_sum(array_map(
            fn (Cell $c, float $begun): float => $c->areaM2 * $c->skin->cureDensityGM2Um() * ($c->skin->meanUm - $begun),
            $this->cells,
            $this->begunUm,
        ));
    }

    /** Share of a zone that is bare; of the whole part without a name. */
    public function burntShare(string $zone = ''): float
    {
        return $this->share($zone, fn (Cell $c): bool => $c->burnt);
    }

    /** Share that is not flat yet. */
    public function lowShare(string $zone = ''): float
    {
        return $this->share($zone, fn (Cell $c): bool => ! $c->skin->flat);
    }

    /** Mean gloss at 60°, what prints back included. */
    public function gloss(string $zone = ''): float
    {
        return $this->mean($zone, fn (Cell $c): float => $c->gloss());
    }

    public function scratchUm(string $zone = ''): float
    {
        return $this->mean($zone, fn (Cell $c): float => $c->scratchUm());
    }

    public function sealedDust(): float
    {
        return $this->mean('', fn (Cell $c): float => $c->sealedDust);
    }

    public function clearUm(): float
    {
        return $this->mean('', fn (Cell $c): float => $c->clearUm);
    }

    /**
     * Film over the crowns by zone, µm: least, mean, most.
     *
     * @return array<string, array{float, float, float}>
     */
    public function section(): array
    {
        $section = [];
        foreach (Kit::zones() as $z => $zone) {
            [$least, $most] = [INF, -INF];
            foreach ($this->cells as $cell) {
                if ($cell->zone === $z) {
                    $film = $cell->skin->crownCover()->inMicrometres();
                    [$least, $most] = [min($least, $film), max($most, $film)];
                }
            }
            $section[$zone->name] = [
                $least,
                $this->mean($zone->name, fn (Cell $c): float => $c->skin->crownCover()->inMicrometres()),
                $most,
            ];
        }

        return $section;
    }

    /** @return list<Cell> of one zone; all of them without a name */
    public function cellsOf(string $zone): array
    {
        return array_values(array_filter($this->cells, fn (Cell $c): bool => $zone === '' || Kit::zones()[$c->zone]->name === $zone));
    }

    /** @param \Closure(Cell): bool $is */
    public function share(string $zone, \Closure $is): float
    {
        return $this->mean($zone, fn (Cell $c): float => $is($c) ? 1.0 : 0.0);
    }

    /** @param \Closure(Cell): float $of */
    public function mean(string $zone, \Closure $of): float
    {
        [$sum, $area] = [0.0, 0.0];
        foreach ($this->cellsOf($zone) as $cell) {
            $sum += $cell->areaM2 * $of($cell);
            $area += $cell->areaM2;
        }

        return $area > 0.0 ? $sum / $area : 0.0;
    }
}
