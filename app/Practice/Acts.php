<?php

declare(strict_types=1);

namespace App\Practice;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;
use OakGloss\Practice\Act;
use OakGloss\Practice\ActKind;

/** Acts as they are typed and kept, and as the core plays them. */
final class Acts
{
    /** @return array<string, list<string>> rules by field of one kind of act */
    public static function rules(ActKind $kind): array
    {
        $grits = implode(',', array_keys(Grit::MEAN_GRAIN_UM));

        return match ($kind) {
            ActKind::Mix => ["{$kind->value}_amount" => ['required', 'numeric', 'between:1,500']],
            ActKind::Wait => ["{$kind->value}_amount" => ['required', 'numeric', 'between:1,10080']],
            ActKind::Lift => ["{$kind->value}_amount" => ['required', 'integer', 'between:1,20']],
            ActKind::Sand => [
                "{$kind->value}_amount" => ['required', 'numeric', 'between:0.1,120'],
                'zone' => ['nullable', 'in:top,flank,rim'],
                'grit' => ['required', "in:{$grits}"],
                'driven' => ['required', 'in:wet_block,dry_block,orbital'],
            ],
            ActKind::Spray => [
                "{$kind->value}_amount" => ['required', 'integer', 'between:1,6'],
                'sheen' => ['required', 'in:gloss,satin,matt'],
            ],
            ActKind::Polish => [
                "{$kind->value}_amount" => ['required', 'numeric', 'between:0.5,60'],
                'compound' => ['required', 'in:cut,finish,jewelled'],
            ],
            default => [],
        };
    }

    /** @param array<string, mixed> $kept */
    public static function act(array $kept): Act
    {
        $amount = (float) ($kept['amount'] ?? 0.0);

        return match (ActKind::from((string) $kept['kind'])) {
            ActKind::Mix => Act::mix($amount),
            ActKind::Cloth => Act::cloth(),
            ActKind::Soil => Act::soil(),
            ActKind::Water => Act::water(),
            ActKind::Coat => Act::coat(),
            ActKind::Touch => Act::touch(),
            ActKind::Wait => Act::wait($amount),
            ActKind::Sand => Act::sand(
                Grit::p((int) $kept['grit']),
                SandingMethod::from((string) $kept['driven']),
                $amount,
                (string) ($kept['zone'] ?? ''),
            ),
            ActKind::Wipe => Act::wipe(),
            ActKind::Spray => Act::spray(Finish::from((string) $kept['sheen']), (int) $amount),
            ActKind::Polish => Act::polish(Compound::from((string) $kept['compound']), $amount),
            ActKind::Look => Act::look(),
            ActKind::Lift => Act::lift((int) $amount),
            ActKind::Feel => Act::feel(),
        };
    }
}
