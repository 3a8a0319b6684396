<?php

declare(strict_types=1);

namespace OakGloss\Fact;

use OakGloss\Quantity\Field;

/**
 * A check keeps the thermal age that its coat had, and whose sheet it goes by: `$ageMin` in minutes and `$resinId`, the
 * last two entries of its kind.
 */
trait NotesCoatAge
{
    public static function typed(array $typed, Situation $now): static
    {
        $age = $now->coatAgeMin();

        return self::read(['age_min' => $age, 'resin_id' => $age === null ? null : $now->resinId()] + $typed);
    }

    public function ageMin(): ?float
    {
        return $this->ageMin;
    }

    public function resinId(): ?int
    {
        return $this->resinId;
    }

    /** @return list<Field> what was found, and these two */
    private static function withAge(Field $found): array
    {
        return [$found, Field::number('age_min', 0.0)->optional()->reckoned(), Field::whole('resin_id')->optional()->reckoned()];
    }
}
