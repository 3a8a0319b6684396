<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Resin;
use OakGloss\Material\Chemistry;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;

/**
 * A small panel before a customer's part: about two hours of hands on two days and a last polish, on which a resin, a cloth or a
 * pair of hands shows its pace, its film, its minutes and its gloss. Kept, it is the finish that is agreed on.
 */
final class TrialPanel
{
    /** A hand's breadth and a half: enough for a slug, a gauge and a look along a window (ours), mm. */
    public const SIDE_MM = 150.0;

    /** The least that shows all of it: coats on each other while they bond, polished as they are. */
    private const LEAST = [
        'build_coats' => 2, 'finish_coats' => 1, 'top' => Top::PolishResin->value, 'wet_out' => WetOut::AtOnce->value,
        'after_wet_out' => AfterWetOut::BuildOnAtTack->value,
    ];

    /** The way on which a resin is tried: the first that it is usual for. */
    public static function method(?Resin $resin): Method
    {
        $chemistry = Chemistry::tryFrom((string) $resin?->chemistry) ?? Chemistry::Epoxy;

        return array_values(array_filter(Methods::all(), fn (Method $m): bool => $m->usual()->skin === $chemistry))[0];
    }

    /** @return array<string, string|int> what of a brief is as small as it may be, as its columns are */
    public static function least(Method $method): array
    {
        $names = array_map(fn (string $choice): string => $choice::name(), array_keys($method->choices()));

        return array_intersect_key(self::LEAST, array_flip($names));
    }

    /**
     * What its form begins with.
     *
     * @return array<string, mixed>
     */
    public static function brief(Method $method, ?Resin $resin): array
    {
        $resins = $resin === null ? [] : ['skin_resin_id' => $resin->id];
        $tinted = $resin !== null && $resin->pigment_fraction > 0.0 ? ['base_resin_id' => $resin->id] : [];
        $name = __('form.trial_name', ['what' => $resin->name ?? __('form.trial_hands')]);

        return $resins + $tinted + ['trial' => '1', 'name' => $name, 'wrap_mm' => 0, 'holes' => 0] + self::least($method);
    }
}
