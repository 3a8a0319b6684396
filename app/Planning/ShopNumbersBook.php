<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Shop;
use App\Models\ShopVersion;
use App\Models\User;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use OakGloss\Method\ShopNumbers;

/** Keeps the shop's numbers as they were before they were changed. */
final class ShopNumbersBook
{
    private const COLUMNS = ['cup_loss_g', 'scale_step_g', 'part_scale_step_g', 'calliper_step_mm', 'target_burn_through'];

    public function __construct(private readonly OpenParts $open, private readonly PartSteps $chains)
    {
    }

    /** @return array<string, mixed> the numbers as they stand */
    public function of(int $shopId): array
    {
        return $this->open->shop($shopId)->only(self::COLUMNS) + ['papers' => $this->chains->papersBy($shopId)];
    }

    /** @param array<string, mixed> $before */
    public function noteChange(int $shopId, array $before, User $user, CarbonImmutable $now): void
    {
        // Whole numbers are read from rows as floats, and typed ones are compared by value.
        if (json_encode($before) !== json_encode($this->of($shopId))) {
            ShopVersion::query()->create([
                'shop_id' => $shopId,
                'changed_by_id' => $user->id,
                'stood_until' => $now,
                'numbers' => $before,
            ]);
        }
    }

    /** @return list<ShopNumbers> rising in time */
    public static function earlier(Shop $shop): array
    {
        $versions = $shop->versions()->orderBy('stood_until')->orderBy('id')->get();

        return array_values($versions->map(fn (ShopVersion $v): ShopNumbers => new ShopNumbers(
            ShopTime::minutes($v->stood_until),
            (float) $v->numbers['cup_loss_g'],
            (float) $v->numbers['scale_step_g'],
            (float) $v->numbers['part_scale_step_g'],
            $v->numbers['papers'],
        ))->all());
    }
}
