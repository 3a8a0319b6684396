<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Material\Aid;
use OakGloss\Material\AidKind;
use OakGloss\Material\Supply;
use OakGloss\Method\Choice\FaceCount;
use OakGloss\Method\Choice\LayUpWay;
use OakGloss\Method\Faces;
use OakGloss\Method\LayUp;
use OakGloss\Method\Role;

/** How much of what is neither resin, cloth, clear nor paper a step uses up. Planning values, ours. */
final readonly class SupplyUse
{
    /** A bead that fills a gap, by the running metre, g. */
    private const BEAD_G_M = 80.0;

    /** Fabrics and films are cut with so much to spare; a bag has pleats. */
    private const SPARE = 1.1;
    private const PLEATS = 1.5;

    private function __construct(private FinishPlan $plan)
    {
    }

    /** @return list<Taken> */
    public static function of(FinishPlan $plan, PlannedStep $step): array
    {
        $use = new self($plan);

        $all = array_filter($use->amounts($step), fn (float $q): bool => $q > 0.0);

        return array_map(fn (string $of, float $q): Taken => Taken::supply(Supply::from($of), $q), array_keys($all), $all);
    }

    /** By the square metre and coat, g. */
    public static function gM2(Supply $supply): float
    {
        return match ($supply) {
            Supply::Primer => 150.0,
            Supply::Paint => 120.0,
            // A skin of filler a third of a millimetre thick.
            Supply::BodyFiller => 500.0,
            Supply::Surfacer => 300.0,
            Supply::Wax => 10.0,
            Supply::ReleaseFilm => 60.0,
            Supply::Adhesive => 30.0,
            Supply::Cut => 40.0,
            Supply::FinishCut => 25.0,
            Supply::Jewelled => 20.0,
            default => throw new \LogicException("{$supply->value} goes on by no weight"),
        };
    }

    /** @return array<string, float> by supply, in its unit */
    private function amounts(PlannedStep $step): array
    {
        $area = $this->plan->brief->coatedAreaM2();
        $onForm = $this->plan->brief->clothAreaM2()
            * ($this->plan->brief->choices->of(FaceCount::class) === Faces::Both && $this->plan->brief->blankMm !== null ? 2.0 : 1.0);

        return match ($step->step->role) {
            Role::Prime => $step->step->key === 'paint' ? $this->coats(Supply::Paint, $area) : $this->coats(Supply::Primer, $area),
            Role::BodyFill => ['body_filler' => self::gM2(Supply::BodyFiller) * $area],
            // These are a step a coat.
            Role::Surface => ['surfacer' => self::gM2(Supply::Surfacer) * $area],
            Role::Wax => ['wax' => self::gM2(Supply::Wax) * $onForm],
            Role::ReleaseFilm => ['release_film' => self::gM2(Supply::ReleaseFilm) * $onForm],
            Role::Adhesive => ['adhesive' => self::gM2(Supply::Adhesive) * $area / (float) ($step->step->args['sections'] ?? 1)],
            Role::Bond, Role::Join => ['bond_paste' => self::BEAD_G_M * $this->plan->brief->rimM()],
            Role::MaskFaces => ['tape' => self::SPARE * array_sum(array_map(
                fn (Zone $z): float => $z->kind === ZoneKind::Bare ? 4.0 * sqrt($z->areaM2) : 0.0,
                $this->plan->brief->zones,
            ))],
            Role::MaskWide => ['tape' => 8.0 * sqrt($area)],
            // Both sides of a line, along the part.
            Role::MaskLine => ['tape' => 2.0 * self::SPARE * max(sqrt($area), ($this->plan->brief->developedMm['length'] ?? 0.0) / 1000.0)],
            Role::PeelPly => ['peel_ply' => self::SPARE * $onForm],
            Role::FilmOver => ['bag_film' => self::SPARE * $area],
            Role::Bag => $this->bag(),
            Role::Polish => $this->compounds($area),
            default => [],
        };
    }

    /** @return array<string, float> */
    private function coats(Supply $supply, float $area): array
    {
        $kind = AidKind::from($supply->value);
        $coats = ($this->plan->materials->aids[$kind->value] ?? Aid::usual($kind))->coats;

        return [$supply->value => $coats * self::gM2($supply) * $area];
    }

    /** @return array<string, float> release fabric, what draws air or lets resin flow, film with pleats, and what closes it */
    private function bag(): array
    {
        $area = $this->plan->brief->clothAreaM2();
        $isInfused = $this->plan->brief->choices->of(LayUpWay::class) === LayUp::Infused && $this->plan->first(Role::Infuse) !== null;

        return [
            'peel_ply' => self::SPARE * $area, $isInfused ? 'mesh' : 'breather' => self::SPARE * $area,
            'bag_film' => self::PLEATS * $area, 'seal_tape' => self::PLEATS * $this->plan->brief->rimM(),
        ];
    }

    /** @return array<string, float> */
    private function compounds(float $area): array
    {
        $used = [];
        foreach ($this->plan->polish()->steps ?? [] as $step) {
            $supply = Supply::ofCompound($step['compound']);
            $used[$supply->value] = self::gM2($supply) * $area;
        }

        return $used;
    }
}
