<?php

declare(strict_types=1);

namespace App\Stock;

use OakGloss\Stock\Outlook;

/** A line of the shopping list. */
final readonly class ToBuy
{
    /**
     * @param float|null $byMin      when the first need is not met; null where it is only low
     * @param int|null   $packs      as it came last; null where it never came
     * @param float|null $pack       how much came then
     * @param int|null   $priceMinor of one
     * @param int        $leadDays   from an order until it is there
     * @param float|null $orderByMin so that it is there in time
     * @param int        $lateDays   that an order of today comes too late
     * @param bool       $isCounted  false where no delivery of it was ever typed in: whether there is some is not known
     */
    public function __construct(
        public Jar $jar,
        public Outlook $outlook,
        public ?float $byMin,
        public ?int $packs,
        public ?float $pack,
        public ?int $priceMinor,
        public string $supplier,
        public int $leadDays,
        public ?float $orderByMin,
        public int $lateDays,
        public bool $isCounted,
    ) {
    }
}
