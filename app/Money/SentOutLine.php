<?php

declare(strict_types=1);

namespace App\Money;

use App\Planning\PlannedPart;
use OakGloss\Cost\BillLine;
use OakGloss\Cost\CostKind;
use OakGloss\Method\Choice\SentOut;
use OakGloss\Method\Choice\SentPrice;
use OakGloss\Method\Role;

/** What another shop asks for a step that is sent out to it, as a line of the bill. */
final class SentOutLine
{
    /** Minor units of one of the shop's money. */
    private const MINOR = 100.0;

    /** @return list<BillLine> none where nothing is sent out, or nothing has left yet */
    public static function of(PlannedPart $planned, bool $isPlanned): array
    {
        $step = $planned->plan->first(Role::SendOut);
        $price = $planned->plan->brief->choices->of(SentPrice::class);
        if ($step === null || $step->skipped || $price <= 0.0 || ! ($isPlanned || $step->isDone())) {
            return [];
        }
        $what = $planned->plan->brief->choices->of(SentOut::class)->value;

        return [new BillLine(
            CostKind::SentOut,
            "sent:{$what}",
            (string) __("words.sent_out.{$what}"),
            1.0,
            (string) __('money.unit_sent'),
            1.0,
            (int) round(self::MINOR * $price),
        )];
    }
}
