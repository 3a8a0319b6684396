<?php

declare(strict_types=1);

namespace App\Models;

use OakGloss\Method\Caution;
use OakGloss\Method\Role;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;

/** What a mask's filter holds back. */
enum FilterKind: string
{
    /** Cartridges against vapour and mist. */
    case Vapour = 'vapour';
    /** Against carbon and resin dust. */
    case Dust = 'dust';

    /** @return list<self> that a step is done behind */
    public static function of(Step $step): array
    {
        return array_values(array_filter([
            in_array(Caution::Styrene, $step->cautions, true) || in_array(Caution::SprayMist, $step->cautions, true) ? self::Vapour : null,
            in_array(Caution::Dust, $step->cautions, true) ? self::Dust : null,
        ]));
    }

    /** Whether an act of a role is done behind it: of coats that of a polyester alone, which the part knows. */
    public function isWornFor(Role $role, bool $isPolyester): bool
    {
        return match ($this) {
            self::Vapour => ($role->kind() === StepKind::Coat && $isPolyester)
                || ($role->kind() === StepKind::Spray && $role !== Role::Varnish)
                || in_array($role, [Role::Prime, Role::Surface, Role::Adhesive, Role::BodyFill], true),
            self::Dust => $role->kind()->isSanding() || in_array($role, [Role::Trim, Role::Drill, Role::OpenUp, Role::CutOut], true),
        };
    }
}
