<?php

declare(strict_types=1);

namespace App\Http;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Optics\Compound;
use OakGloss\Optics\Finish;
use OakGloss\Practice\Move;
use OakGloss\Practice\MoveKind;

/** Moves as they are typed and kept, and as the core plays them. */
final class PracticeMoves
{
    /** @return array<string, list<string>> rules by field of one kind of move */
    public static function rules(MoveKind $kind): array
    {
        $grits = implode(',', array_keys(Grit::MEAN_GRAIN_UM));

        return match ($kind) {
            MoveKind::Mix => ["{$kind->value}_amount" => ['required', 'numeric', 'between:1,500']],
            MoveKind::Wait => ["{$kind->value}_amount" => ['required', 'numeric', 'between:1,10080']],
            MoveKind::Lift => ["{$kind->value}_amount" => ['required', 'integer', 'between:1,20']],
            MoveKind::Sand => [
                "{$kind->value}_amount" => ['required', 'numeric', 'between:0.1,120'],
                'zone' => ['nullable', 'in:top,flank,rim'],
                'grit' => ['required', "in:{$grits}"],
                'driven' => ['required', 'in:wet_block,dry_block,orbital'],
            ],
            MoveKind::Spray => [
                "{$kind->value}_amount" => ['required', 'integer', 'between:1,6'],
                'sheen' => ['required', 'in:gloss,satin,matt'],
            ],
            MoveKind::Polish => [
                "{$kind->value}_amount" => ['required', 'numeric', 'between:0.5,60'],
                'compound' => ['required', 'in:cut,finish,jewelled'],
            ],
            default => [],
        };
    }

    /** @param array<string, mixed> $kept */
    public static function move(array $kept): Move
    {
        $amount = (float) ($kept['amount'] ?? 0.0);

        return match (MoveKind::from((string) $kept['kind'])) {
            MoveKind::Mix => Move::mix($amount),
            MoveKind::Cloth => Move::cloth(),
            MoveKind::Soil => Move::soil(),
            MoveKind::Water => Move::water(),
            MoveKind::Coat => Move::coat(),
            MoveKind::Touch => Move::touch(),
            MoveKind::Wait => Move::wait($amount),
            MoveKind::Sand => Move::sand(
                Grit::p((int) $kept['grit']),
                SandingMethod::from((string) $kept['driven']),
                $amount,
                (string) ($kept['zone'] ?? ''),
            ),
            MoveKind::Wipe => Move::wipe(),
            MoveKind::Spray => Move::spray(Finish::from((string) $kept['sheen']), (int) $amount),
            MoveKind::Polish => Move::polish(Compound::from((string) $kept['compound']), $amount),
            MoveKind::Look => Move::look(),
            MoveKind::Lift => Move::lift((int) $amount),
            MoveKind::Feel => Move::feel(),
        };
    }
}
