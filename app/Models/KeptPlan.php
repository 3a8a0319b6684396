<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What the run sheet said after an act, and what that rested on. Its places are rows of their own, added where they changed.
 *
 * @phpstan-type Change array{
 *     part: int, letter: string, from: float|null, to: float|null, because: string, with: array<string, mixed>,
 * }
 *
 * @property int                                                  $id
 * @property int                                                  $shop_id
 * @property CarbonImmutable                                      $kept_at
 * @property string                                               $model           version of the core
 * @property float|null                                           $working_air_c
 * @property array<int, array{letter: string, ready: float|null}> $parts           by part
 * @property array<string, mixed>                                 $rests_on
 * @property list<Change>                                         $changes
 * @property CarbonImmutable|null                                 $acknowledged_at
 */
final class KeptPlan extends Model
{
    protected $guarded = ['id'];

    public $timestamps = false;

    protected function casts(): array
    {
        return [
            'kept_at' => Moment::class.':always',
            'acknowledged_at' => Moment::class,
            'working_air_c' => 'float',
            'parts' => Rows::class,
            'rests_on' => Rows::class,
            'changes' => Rows::class,
        ];
    }

    /** @return list<Change> the changes that can be read */
    public function told(): array
    {
        $told = [];
        foreach ((array) json_decode((string) $this->getRawOriginal('changes'), true) as $c) {
            if (is_array($c) && isset($c['part'], $c['letter'], $c['because'])) {
                $told[] = [
                    'part' => (int) $c['part'], 'letter' => (string) $c['letter'], 'from' => $c['from'] ?? null, 'to' => $c['to'] ?? null,
                    'because' => (string) $c['because'], 'with' => (array) ($c['with'] ?? []),
                ];
            }
        }

        return $told;
    }
}
