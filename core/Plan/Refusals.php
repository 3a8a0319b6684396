<?php

declare(strict_types=1);

namespace OakGloss\Plan;

use OakGloss\Film\Fibre;
use OakGloss\Material\Opacity;
use OakGloss\Material\Substrate;
use OakGloss\Method\Choice\CoveredWith;
use OakGloss\Method\Choice\PlyCount;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Covering;
use OakGloss\Method\Finding;
use OakGloss\Method\Materials;
use OakGloss\Method\Method;
use OakGloss\Method\Methods;
use OakGloss\Method\PartBrief;
use OakGloss\Method\Severity;
use OakGloss\Method\Slot;
use OakGloss\Method\Start;
use OakGloss\Method\Top;
use OakGloss\Optics\Finish;

/** What a brief must not ask, and what it should know, before any coat is reckoned. */
final class Refusals
{
    /** @return list<Finding> */
    public static function of(PartBrief $brief, Materials $materials, Method $method): array
    {
        $findings = array_map(
            fn (Slot $s): Finding => new Finding(Severity::Refuse, 'slot.missing', ['slot' => $s->value], $s->field()),
            array_values(array_filter($method->needs(), fn (Slot $s): bool => ! $materials->has($s))),
        );
        $isBare = in_array($method->startsFrom(), [Start::Part, Start::BarePiece], true);
        if ($isBare && ! $brief->substrate->holdsResin()) {
            $findings[] = new Finding(Severity::Refuse, 'substrate.wont_hold', ['substrate' => $brief->substrate->value], 'substrate');
        }
        if ($isBare && $brief->substrate->isMetal() && ! $brief->primed) {
            $findings[] = new Finding(Severity::Warn, 'substrate.prime_first', ['substrate' => $brief->substrate->value], 'primed');
        }
        if ($brief->choices->of(PlyCount::class) > $method->mostPlies()) {
            $findings[] = new Finding(
                Severity::Refuse,
                'method.plies',
                ['plies' => $brief->choices->of(PlyCount::class), 'most' => $method->mostPlies()],
                PlyCount::name(),
            );
        }
        $isSeenThrough = $materials->cloth->isSeeThrough() && $brief->tone->showsThrough() && ! $brief->backing->hides();
        if (self::mayHave($method, Slot::Base) && $isSeenThrough) {
            $findings[] = new Finding(
                Severity::Refuse,
                'backing.shows_through',
                ['cloth' => $materials->cloth->name, 'areal' => $materials->cloth->weave->arealGM2],
                'backing',
            );
        }
        if ($brief->choices->of(TopKind::class) === Top::PolishResin && $brief->finish !== Finish::Gloss) {
            $findings[] = new Finding(Severity::Refuse, 'finish.needs_clear', ['finish' => $brief->finish->value], 'top');
        }
        if ($brief->choices->of(TopKind::class) === Top::PolishResin && $brief->sun && ! $materials->skinResin->uvStable) {
            $findings[] = new Finding(Severity::Refuse, 'top.needs_uv', ['resin' => $materials->skinResin->name], 'top');
        }
        $isCleared = self::mayHave($method, Slot::Clear) && $brief->choices->of(TopKind::class) === Top::Clear;
        if ($isCleared && ($materials->clear === null || $materials->clear->sheen !== $brief->finish)) {
            $findings[] = new Finding(Severity::Refuse, 'clear.wrong_sheen', ['finish' => $brief->finish->value], 'clear_id');
        }
        $softens = $brief->substrate->softensAtC();
        if ($method->startsFrom()->isBuiltOn() && $softens !== null && $softens < ServiceNotices::SUN_C && ($brief->sun || $brief->heat)) {
            $findings[] = new Finding(
                Severity::Warn,
                'substrate.softens',
                ['substrate' => $brief->substrate->value, 'at' => $softens, 'sun' => ServiceNotices::SUN_C],
                'sun',
            );
        }
        // A skin that lies there already takes no cloth off a roll.
        if (! $method->startsFrom()->hasFilm() && ! $brief->piece()->fitsRoll($materials->cloth->widthMm)) {
            $findings[] = new Finding(
                Severity::Warn,
                'cloth.too_narrow',
                ['needs' => round(min($brief->piece()->lengthMm, $brief->piece()->widthMm)), 'roll' => $materials->cloth->widthMm],
                'cloth_id',
            );
        }
        $isRusty = isset($method->choices()[CoveredWith::class]) && $brief->choices->of(CoveredWith::class) === Covering::Rust;
        if ($isRusty && $brief->substrate !== Substrate::Steel) {
            $findings[] = new Finding(Severity::Refuse, 'method.rust_on', ['substrate' => $brief->substrate->value], CoveredWith::name());
        }
        if ($brief->coatedZones() === []) {
            $findings[] = new Finding(Severity::Refuse, 'zones.none_coated', [], 'zones');
        }

        return [
            ...$findings, ...self::seen($materials, $method),
            ...LayerNotices::of($brief, $materials, $method->startsFrom() === Start::Moulding),
        ];
    }

    /** @return list<Finding> what is seen in the end, and what it is seen through, by their sheets */
    private static function seen(Materials $materials, Method $method): array
    {
        $skin = $materials->skinResin;
        $field = Slot::Skin->field();
        $isLaid = ! $method->startsFrom()->hasFilm();

        return [
            ...($skin->isFace || $skin->opacity === Opacity::Opaque
                ? [new Finding(Severity::Refuse, $skin->isFace ? 'seen.gel_coat' : 'seen.opaque', ['resin' => $skin->name], $field)]
                : []),
            ...(! $skin->isFace && $skin->opacity === Opacity::Tinted
                ? [new Finding(Severity::Note, 'seen.tinted', ['resin' => $skin->name], $field)]
                : []),
            ...($isLaid && $materials->cloth->weave->fibre === Fibre::Glass
                ? [new Finding(Severity::Refuse, 'seen.glass', ['cloth' => $materials->cloth->name], Slot::Cloth->field())]
                : []),
        ];
    }

    private static function mayHave(Method $method, Slot $slot): bool
    {
        return in_array($slot, Methods::slots($method), true);
    }
}
