<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** Work that a shop without booth, oven or saw gives to one that has it. */
enum SentOutWork: string
{
    case Nothing = 'nothing';
    /** Filler clear, stripes, clear and its polish: all that comes over the last scratch. */
    case Clear = 'clear';
    case PostCure = 'post_cure';
    case Cutting = 'cutting';

    /** Whether a step of a role is part of it. */
    public function takes(Role $role): bool
    {
        return match ($this) {
            self::Nothing => false,
            self::Clear => in_array($role, [
                Role::FillerClear, Role::Pinholes, Role::FilmOver, Role::FillerWash, Role::FillerFlat, Role::MaskLine,
                Role::Stripe, Role::Unmask, Role::TackRag, Role::Clear, Role::Varnish, Role::ClearFlat, Role::Polish,
            ], true),
            self::PostCure => $role === Role::PostCure,
            self::Cutting => $role === Role::Trim,
        };
    }
}
