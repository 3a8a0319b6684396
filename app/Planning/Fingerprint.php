<?php

declare(strict_types=1);

namespace App\Planning;

use App\Database\Present;
use App\Models\HourException;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Shop;
use App\Shelf\ShelfKind;
use App\Shelf\ShelfKinds;
use App\Shelf\ShelfPapers;
use App\Time\DaySpans;

/** All that a run sheet rests on, in short: where it is the same, so is the sheet. */
final class Fingerprint
{
    public function __construct(
        private readonly Present $present,
        private readonly ShopFloors $floors,
        private readonly PaceBook $paces,
        private readonly PartSteps $chains,
        private readonly OpenParts $open,
    ) {
    }

    /** What was done and decided, in short; the forecast of the air left out. */
    public function ofFacts(Shop $shop): string
    {
        return md5(serialize(array_diff_key($this->of($shop), ['air' => 0, 'reading' => 0, 'content' => 0])));
    }

    /**
     * Rows of sheets never change, facts are only added to: their numbers stand for them.
     *
     * @return array<string, mixed>
     */
    public function of(Shop $shop): array
    {
        return $this->present->read("rests-on-{$shop->id}", fn (): array => $this->taken($shop));
    }

    /** @return array<string, mixed> */
    private function taken(Shop $shop): array
    {
        $floor = $this->floors->of($shop);
        $parts = $this->open->rows($shop)->sortBy('id')->values();
        $newest = $parts->filter(fn (Part $p): bool => $p->facts->isNotEmpty())
            ->mapWithKeys(fn (Part $p): array => [$p->id => $p->facts->sortBy('id')->last()]);
        $facts = $newest->map(fn (?PartFact $f): int => (int) $f?->id)->all();

        return [
            'parts' => $parts->mapWithKeys(fn (Part $p): array => [$p->id => md5(serialize([$p->getAttributes(), $p->sheetIds()]))])->all(),
            'facts' => $facts,
            'paces' => md5(serialize($this->paces->known($shop->id))),
            'shop' => md5(serialize([
                self::week($shop->working_hours),
                array_map(fn (mixed $v): mixed => $v instanceof \BackedEnum ? $v->value : $v, $shop->only([
                    'day_curves',
                    'typed_air',
                    'cup_loss_g',
                    'scale_step_g',
                    'target_burn_through',
                    'part_scale_step_g',
                    'print_through',
                    'things',
                    'cool_place_c',
                    'leak_mbar',
                    'wipe_holds_min',
                    'tools',
                    'zone',
                    'unrest_min',
                ])),
            ])),
            'hours' => md5(serialize([
                $floor->exceptions->map(fn (HourException $e): array => [
                    $e->id,
                    $e->user_id,
                    $e->day,
                    $e->spans,
                ])->all(),
                array_map(fn ($u): array => [$u->id, self::week($u->hours)], $floor->people),
            ])),
            // What was taken back is read no more: then an earlier one is the newest again.
            'reading' => $this->present->read(
                "newest-reading-{$shop->id}",
                fn (): int => (int) $shop->airReadings()->trusted()->orderByDesc('id')->value('id'),
            ),
            // Numbers alone are not enough after a restore: other rows may have them then.
            'content' => md5(serialize([
                $newest->sortBy('id')->pluck('token')->values()->all(),
                $floor->lastReading?->only(['id', 'measured_at', 'air_c', 'rh_percent']),
                array_map(fn (ShelfKind $kind): array => $kind->rowsOf($parts), array_values(ShelfKinds::all())),
            ])),
            'losses' => md5(serialize($floor->workshop->losses)),
            'air' => round($this->meanAir($floor), 2),
            'papers' => [ShelfPapers::all($this->chains->papersBy($shop->id)), $this->chains->papersBy($shop->id)],
        ];
    }

    /**
     * However its rows were written, the same hours are the same.
     *
     * @return array<array-key, list<array{int, int}>>|null
     */
    private static function week(mixed $hours): ?array
    {
        return is_array($hours) ? array_map(fn (mixed $spans): array => DaySpans::read($spans)[0], $hours) : null;
    }

    private function meanAir(ShopFloor $floor): float
    {
        $sum = 0.0;
        for ($hour = 1; $hour <= 24; $hour++) {
            $sum += $floor->air->at($floor->nowMin + 60.0 * $hour);
        }

        return $sum / 24.0;
    }
}
