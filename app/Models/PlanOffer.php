<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A plan that is better than the kept one by more than its unrest. It stands until it is taken, refused or not possible any more.
 *
 * @property int                                                                 $id
 * @property int                                                                 $shop_id
 * @property int                                                                 $kept_plan_id  what it betters
 * @property CarbonImmutable                                                     $made_at
 * @property float                                                               $saves_min     weighted, unrest taken off
 * @property array<int, list<array<string, mixed>>>                              $places        by part
 * @property array<int, array{letter: string, from: float|null, to: float|null}> $parts         by part
 * @property CarbonImmutable|null                                                $settled_at
 * @property string|null                                                         $settled_as    taken, refused or impossible
 * @property int|null                                                            $settled_by_id
 */
final class PlanOffer extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return [
            'made_at' => Moment::class.':always',
            'settled_at' => Moment::class,
            'saves_min' => 'float',
            'places' => Rows::class,
            'parts' => Rows::class,
        ];
    }

    /**
     * @param Builder<PlanOffer> $query
     *
     * @return Builder<PlanOffer>
     */
    public function scopeOpen(Builder $query): Builder
    {
        return $query->whereNull('settled_at');
    }

    /** @return list<array{letter: string, from: float|null, to: float|null, isSooner: bool}> parts that are ready at another time */
    public function moves(): array
    {
        $moves = array_filter(
            $this->parts,
            fn (array $part): bool => $part['from'] === null || $part['to'] === null || abs($part['from'] - $part['to']) >= 1.0,
        );

        return array_values(array_map(fn (array $part): array => $part + [
            'isSooner' => $part['to'] !== null && ($part['from'] === null || $part['to'] < $part['from']),
        ], $moves));
    }
}
