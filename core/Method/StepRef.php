<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What the step was that something was recorded of: kept with the fact, since a plan may no longer have that step. */
final readonly class StepRef
{
    /** Keys as the first method had them, when facts did not keep their step's role yet. */
    private const BEFORE = [
        'strip' => Role::Strip, 'wipe' => Role::Wipe, 'key' => Role::Key, 'prime' => Role::Prime, 'seal' => Role::Seal,
        'base' => Role::Base, 'key-base' => Role::KeyBase, 'tack' => Role::Tack, 'lay' => Role::Lay, 'wet-out' => Role::WetOut,
        'second' => Role::Insurance, 'nibs' => Role::Nibs, 'build' => Role::Build, 'pass' => Role::Spot, 'flat' => Role::ResinFlat,
        'finish' => Role::Finish, 'post-cure' => Role::PostCure, 'wet-flat' => Role::LastFlat, 'drill' => Role::Drill,
        'filler' => Role::FillerClear, 'release-film' => Role::FilmOver, 'filler-wash' => Role::FillerWash,
        'filler-flat' => Role::FillerFlat, 'mask-line' => Role::MaskLine, 'stripe' => Role::Stripe, 'unmask' => Role::Unmask,
        'clear' => Role::Clear, 'varnish' => Role::Varnish, 'clear-flat' => Role::ClearFlat, 'polish' => Role::Polish,
        'inspect' => Role::Inspect,
    ];

    /**
     * @param int         $nth  of its role in the method, from 1
     * @param string|null $name code of the words that it had; null where they are not known
     */
    public function __construct(public Role $role, public int $nth = 1, public ?string $name = null)
    {
    }

    /** The role of a step as facts named it that kept none; null where no method had such a step. */
    public static function before(string $key): ?self
    {
        if (str_starts_with($key, 'turn-')) {
            return new self(Role::Turn);
        }
        if (isset(self::BEFORE[$key])) {
            return new self(self::BEFORE[$key]);
        }
        $dash = (int) strrpos($key, '-');
        $role = self::BEFORE[substr($key, 0, $dash)] ?? (str_starts_with($key, 'wipe-') ? Role::Wipe : null);
        $role ??= str_starts_with($key, 'key-') ? Role::Key : null;

        return $role === null ? null : new self($role, max(1, (int) substr($key, $dash + 1)));
    }
}
