<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Part;
use App\Models\PartFact;
use App\Time\ShopTime;
use OakGloss\Fact\Fact;
use OakGloss\Fact\FactLog;
use OakGloss\Film\ExistingFilm;
use OakGloss\Film\Face;
use OakGloss\Geometry\Tiltable;
use OakGloss\Geometry\TwoFaces;
use OakGloss\Geometry\Visibility;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Role;
use OakGloss\Method\StepRef;

/** A row of parts, and of facts, as the core's values. */
final class FromPart
{
    /** @throws \OakGloss\Quantity\OakGlossFault If a size or zone makes no sense. */
    public static function brief(Part $part): PartBrief
    {
        $shape = Shapes::make($part->shape, $part->sizes, $part->unit);
        $zones = $part->zones_typed || $shape === null ? self::typedZones($part) : $shape->zones();

        return new PartBrief(
            zones: $zones,
            developedMm: $shape?->developedMm(),
            substrate: $part->substrate,
            primed: $part->primed,
            tone: $part->tone,
            backing: $part->backing,
            finish: $part->finish,
            sun: $part->sun,
            heat: $part->heat,
            wear: $part->wear,
            wrapMm: $part->wrap_mm,
            holes: $part->holes,
            choices: $part->chosen(),
            neededByMin: $part->needed_by === null ? null : ShopTime::minutes($part->needed_by),
            tiltedZones: ! $part->zones_typed && $shape instanceof Tiltable ? $shape->tilted()->zones() : null,
            film: self::film($part),
            blankMm: Shapes::blankMm($part->shape, $part->sizes, $part->unit),
            sides: ! $part->zones_typed && $shape instanceof TwoFaces ? $shape->sides() : null,
            wholeM2: Shapes::wholeM2($part->shape, $part->sizes, $part->unit),
        );
    }

    /** Of a method that begins with a skin; null until all of it is said. */
    private static function film(Part $part): ?ExistingFilm
    {
        $isFilm = Methods::named($part->method)->startsFrom()->hasFilm();

        return ! $isFilm || $part->film_um === null || $part->film_relief_um === null || $part->film_known_by === null
            ? null
            : ExistingFilm::known($part->film_um, $part->film_relief_um, $part->film_known_by);
    }

    /**
     * Zones of a brief as rows of the form.
     *
     * @return list<array{
     *     name: string, kind: string, slope_deg: float, length_mm: float, area_cm2: float, radius_mm: float|null,
     *     visibility: string, above: string,
     * }>
     */
    public static function zoneRows(PartBrief $brief): array
    {
        $names = array_map(fn (Zone $z): string => $z->name, $brief->zones);

        return array_map(fn (Zone $z): array => [
            'name' => $z->name,
            'kind' => $z->kind->value,
            'slope_deg' => round($z->slopeDeg, 1),
            'length_mm' => round($z->lengthM * 1000.0, 1),
            'area_cm2' => round($z->areaM2 * 10000.0, 1),
            'radius_mm' => $z->radiusMm === null ? null : round($z->radiusMm, 2),
            'visibility' => $z->visibility->value,
            // By their numbers in the list, so that a zone may be renamed.
            'above' => implode(', ', array_map(fn (Face $f): int => 1 + (int) array_search($f->name, $names, true), $z->face->above)),
        ], $brief->zones);
    }

    public static function log(Part $part): FactLog
    {
        return FactLog::standing($part->exists || $part->inPlaceOf !== 0 ? array_values($part->facts->map(self::fact(...))->all()) : []);
    }

    /** What is logged happened within a year or so, minutes: a row of another age would be reckoned through all of it. */
    private const LATEST_LOGGED_MIN = 400.0 * 1440.0;

    /** From the columns themselves: a page reads some hundred of them, and casting each costs more than the plan. */
    private static function fact(PartFact $row): Fact
    {
        $columns = $row->getAttributes();
        $data = json_decode((string) $columns['data'], true);
        $at = ShopTime::minutesOfColumn((string) $columns['happened_at']);
        if (abs($at - ShopTime::minutesOfColumn((string) $columns['recorded_at'])) > self::LATEST_LOGGED_MIN) {
            throw new \UnexpectedValueException('a fact was kept of another age');
        }

        return Fact::read(
            (int) ($columns['id'] ?? 0),
            (string) $columns['kind'],
            (string) $columns['step'],
            $at,
            isset($columns['air_c']) ? (float) $columns['air_c'] : null,
            is_array($data) ? $data : throw new \UnexpectedValueException('a fact is kept without its data'),
            isset($columns['role'])
                ? new StepRef(Role::from($columns['role']), (int) ($columns['nth'] ?? 1), $columns['said'] ?? null)
                : null,
        );
    }

    /** @return non-empty-list<Zone> */
    private static function typedZones(Part $part): array
    {
        $zones = $above = [];
        foreach ($part->zones as $row) {
            $kind = ZoneKind::from($row['kind']);
            $zones[$row['name']] = new Zone(
                $row['name'],
                $kind,
                (float) $row['slope_deg'],
                (float) $row['length_mm'] / 1000.0,
                (float) $row['area_cm2'] / 10000.0,
                Visibility::from($row['visibility']),
                $kind === ZoneKind::Edge ? (float) $row['radius_mm'] : null,
            );
            $above[$row['name']] = self::names((string) ($row['above'] ?? ''));
        }
        if ($zones === []) {
            throw new \DomainException('a part needs at least one zone');
        }
        /** @param list<string> $names */
        $links = function (array $names) use ($zones): array {
            return array_values(array_map(
                fn (string $n): Face => $zones[$n]->link(),
                array_filter($names, fn (string $n): bool => isset($zones[$n])),
            ));
        };

        return array_values(array_map(
            fn (Zone $z): Zone => $z->between($links($above[$z->name]), $links(self::below($z->name, $above))),
            $zones,
        ));
    }

    /**
     * What a zone runs on to, the nearest first: those that name it as the last above them.
     *
     * @param array<string, list<string>> $above
     *
     * @return list<string>
     */
    private static function below(string $name, array $above): array
    {
        $below = [];
        while (count($below) < count($above)) {
            $next = array_keys(array_filter(
                $above,
                fn (array $names): bool => $names !== [] && $names[count($names) - 1] === $name,
            ))[0] ?? null;
            if ($next === null || in_array($next, $below, true)) {
                break;
            }
            $below[] = $name = (string) $next;
        }

        return $below;
    }

    /** @return list<string> zones named one after the other, with commas between */
    public static function names(string $typed): array
    {
        return array_values(array_filter(array_map(trim(...), explode(',', $typed)), fn (string $n): bool => $n !== ''));
    }
}
