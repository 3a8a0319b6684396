<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OakGloss\Method\Shelf;
use OakGloss\Method\Slot;

/**
 * What a part is made with, by the slots of its method. Fields of a form read and set them like columns
 * (`base_resin_id`); they are kept with the part.
 *
 * @property Collection<int, PartSlot> $slots
 * @property int|null                  $base_resin_id
 * @property int|null                  $skin_resin_id
 * @property int|null                  $cloth_id
 * @property int|null                  $inner_cloth_id
 * @property int|null                  $clear_id
 * @property int|null                  $filler_id
 * @property Resin|null                $baseResin
 * @property Resin|null                $skinResin
 * @property Cloth|null                $cloth
 * @property Cloth|null                $innerCloth
 * @property Clear|null                $clear
 * @property Clear|null                $filler
 */
trait HasSlots
{
    /** Sheets by the name that a page has for them. */
    private const SHEETS = [
        'baseResin' => Slot::Base, 'skinResin' => Slot::Skin, 'cloth' => Slot::Cloth, 'innerCloth' => Slot::InnerCloth,
        'clear' => Slot::Clear, 'filler' => Slot::FillerClear,
    ];

    /** What was set like a column and is to be kept with the part. */
    private bool $hasNewSlots = false;

    protected static function bootHasSlots(): void
    {
        static::saved(function (self $part): void {
            $isCopy = $part->relationLoaded('slots') && $part->slots->contains(fn (PartSlot $s): bool => $s->part_id !== $part->id);
            if (! $part->hasNewSlots && ! $isCopy) {
                return;
            }
            foreach ($part->slots as $slot) {
                // A copy of a part begins with the slots of the part that it was copied from.
                $own = $slot->part_id === $part->id || ! $slot->exists ? $slot : $slot->replicate();
                $own->fill(['part_id' => $part->id])->save();
            }
            $part->slots()->whereNotIn('slot', $part->slots->map(fn (PartSlot $s): string => $s->slot->value))->delete();
            $part->hasNewSlots = false;
            $part->load('slots');
        });
    }

    /** @return HasMany<PartSlot, $this> */
    public function slots(): HasMany
    {
        return $this->hasMany(PartSlot::class)->orderBy('slot')->orderBy('ply');
    }

    public function inSlot(Slot $slot): ?PartSlot
    {
        return $this->slots->first(fn (PartSlot $s): bool => $s->slot === $slot);
    }

    /** @return array<string, int> number of the sheet by slot and ply */
    public function sheetIds(): array
    {
        return $this->slots->mapWithKeys(fn (PartSlot $s): array => ["{$s->slot->value}-{$s->ply}" => $s->sheetId()])->all();
    }

    /** The sheet that a coat is mixed by; of a method with one resin it is that. */
    public function resin(Slot $slot): Resin
    {
        return ($this->inSlot($slot)->resin ?? null) ?? $this->skinResin ?? throw new \LogicException('a part has a resin');
    }

    public function getAttribute($key)
    {
        $slot = Slot::ofField((string) $key);

        return match (true) {
            $slot !== null => $this->inSlot($slot)?->sheetId(),
            isset(self::SHEETS[$key]) => $this->sheetIn(self::SHEETS[$key]),
            default => parent::getAttribute($key),
        };
    }

    public function setAttribute($key, $value)
    {
        $slot = Slot::ofField((string) $key);
        if ($slot === null) {
            return parent::setAttribute($key, $value);
        }
        $this->put($slot, $value === null || $value === '' ? null : (int) $value);

        return $this;
    }

    protected function isGuardableColumn($key): bool
    {
        return Slot::ofField((string) $key) !== null || parent::isGuardableColumn($key);
    }

    private function sheetIn(Slot $slot): Resin|Cloth|Clear|null
    {
        $kept = $this->inSlot($slot);

        return match ($slot->shelf()) {
            Shelf::Resin => $kept?->resin,
            Shelf::Cloth => $kept?->cloth,
            default => $kept?->clear,
        };
    }

    private function put(Slot $slot, ?int $sheet): void
    {
        $this->hasNewSlots = true;
        $kept = $this->inSlot($slot) ?? new PartSlot(['slot' => $slot, 'ply' => 1]);
        $others = $this->slots->reject(fn (PartSlot $s): bool => $s === $kept);
        if ($sheet !== null) {
            $kept->fill([PartSlot::columnOf($slot) => $sheet]);
            ! $kept->isDirty() ?: $kept->unsetRelations();
            $others->push($kept);
        }
        $this->setRelation('slots', $others->values());
    }
}
