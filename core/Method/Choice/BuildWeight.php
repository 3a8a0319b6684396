<?php

declare(strict_types=1);

namespace OakGloss\Method\Choice;

use OakGloss\Method\Choices;
use OakGloss\Method\Role;
use OakGloss\Quantity\Field;

/**
 * Weight of a build coat, g/m².
 *
 * @extends Choice<float>
 */
final class BuildWeight extends Choice
{
    public const USUAL = self::AS_THE_SHOP;

    public const SETTLED_BY = [Role::LastFlat];

    /** As the shop lays them. */
    public const AS_THE_SHOP = 0.0;

    public const LEAST = 30.0;
    private const MOST = 400.0;

    /** Offered in steps, g/m². */
    private const STEP = 5.0;

    public const IS_IN_BRIEF = false;
    public const IS_OF_A_COAT = true;

    public static function field(): Field
    {
        return Field::number('build_g_m2', self::LEAST, self::MOST)->orElse(self::AS_THE_SHOP);
    }

    /** What was chosen, or what the shop lays, g/m². */
    public static function gM2(Choices $choices, float $asTheShop): float
    {
        $chosen = $choices->of(self::class);

        return $chosen === self::AS_THE_SHOP ? $asTheShop : $chosen;
    }

    public static function offers(Situation $now): array
    {
        $values = [self::AS_THE_SHOP, $now->choices->of(self::class)];
        if ($now->holdsGM2 !== null) {
            $values[] = self::STEP * floor($now->holdsGM2 / self::STEP);
        }

        return array_values(array_unique(array_filter($values, fn (float $v): bool => $v === self::AS_THE_SHOP || $v >= self::LEAST)));
    }
}
