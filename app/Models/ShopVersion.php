<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The shop's numbers as they stood until somebody changed them. Append-only.
 *
 * @phpstan-type Numbers array{
 *     cup_loss_g: float, scale_step_g: float, part_scale_step_g: float, calliper_step_mm: float,
 *     target_burn_through: float, papers: array<string, list<int>>,
 * }
 *
 * @property int             $id
 * @property int             $shop_id
 * @property int|null        $changed_by_id
 * @property CarbonImmutable $stood_until
 * @property Numbers         $numbers
 */
final class ShopVersion extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return ['stood_until' => Moment::class.':always', 'numbers' => Rows::class];
    }
}
