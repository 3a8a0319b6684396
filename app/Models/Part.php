<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\OneOf;
use App\Casts\Rows;
use Carbon\CarbonImmutable;
use Database\Factories\PartFactory;
use Illuminate\Database\Eloquent\Attributes\Scope;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kinds;
use OakGloss\Film\FilmSource;
use OakGloss\Material\Backing;
use OakGloss\Material\Substrate;
use OakGloss\Material\Tone;
use OakGloss\Method\AfterWetOut;
use OakGloss\Method\Damage;
use OakGloss\Method\Faces;
use OakGloss\Method\HardTop;
use OakGloss\Method\Holding;
use OakGloss\Method\LayUp;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Top;
use OakGloss\Method\WetOut;
use OakGloss\Optics\Finish;

/**
 * @phpstan-type ZoneRow array{
 *     name: string, kind: string, slope_deg: float, length_mm: float, area_cm2: float, radius_mm: float|null,
 *     visibility: string, above?: string,
 * }
 *
 * @property int                                                     $id
 * @property int                                                     $shop_id
 * @property string                                                  $letter
 * @property string                                                  $method         code of its way of working
 * @property float|null                                              $film_um        of a skin that lies there already, over the weave
 * @property float|null                                              $film_relief_um ridge to low of its surface
 * @property FilmSource|null                                         $film_known_by
 * @property int                                                     $colour         1 to 8
 * @property string                                                  $name
 * @property Substrate                                               $substrate
 * @property bool                                                    $primed
 * @property Tone                                                    $tone
 * @property Backing                                                 $backing
 * @property string                                                  $shape
 * @property string                                                  $unit           mm or in, as typed
 * @property array<string, float>                                    $sizes          in that unit
 * @property list<ZoneRow>                                           $zones
 * @property bool                                                    $zones_typed
 * @property Finish                                                  $finish
 * @property bool                                                    $sun
 * @property bool                                                    $heat
 * @property bool                                                    $wear
 * @property float                                                   $wrap_mm
 * @property int                                                     $holes
 * @property CarbonImmutable|null                                    $needed_by
 * @property WetOut                                                  $wet_out
 * @property AfterWetOut                                             $after_wet_out
 * @property Top                                                     $top
 * @property int|null                                                $build_coats
 * @property string                                                  $priority       low, normal or high
 * @property int                                                     $finish_coats
 * @property int                                                     $stripes
 * @property int                                                     $second_passes
 * @property bool                                                    $turned
 * @property bool                                                    $tilted
 * @property float                                                   $build_g_m2     0 as the shop lays them
 * @property PrintThrough                                            $print_through
 * @property int                                                     $plies
 * @property Faces                                                   $faces          of a sheet, off a plate
 * @property Holding                                                 $holding
 * @property HardTop                                                 $hard_top       of a polyester
 * @property int                                                     $mould_plies
 * @property LayUp                                                   $lay_up
 * @property int                                                     $halves
 * @property Damage                                                  $damage
 * @property Shop                                                    $shop
 * @property CarbonImmutable|null                                    $finished_at    follows from the facts
 * @property CarbonImmutable|null                                    $held_at        it lies, and gives its hands up
 * @property CarbonImmutable|null                                    $cancelled_at   its record is kept
 * @property CarbonImmutable                                         $created_at
 * @property \Illuminate\Database\Eloquent\Collection<int, PartFact> $facts
 */
final class Part extends Model
{
    /** @use HasFactory<PartFactory> */
    use HasFactory;
    use SoftDeletes;
    use HasSlots;

    /** What a plan needs of a part besides its row. */
    public const PLAN_NEEDS = ['shop', 'slots', 'facts'];

    protected $guarded = ['id'];

    /** Of a brief that is being changed and not kept yet: the part whose place it would take. */
    public int $inPlaceOf = 0;

    protected $attributes = [
        'method' => 'brush_on',
        'priority' => 'normal',
        'stripes' => 0,
        'second_passes' => 0,
        'turned' => false,
        'tilted' => false,
        'build_g_m2' => 0,
        'print_through' => 'flat',
        'plies' => 1,
        'faces' => 'one',
        'holding' => 'tacky_base',
        'hard_top' => 'wax',
        'mould_plies' => 8,
        'lay_up' => 'hand',
        'halves' => 1,
        'damage' => 'chip',
    ];

    protected function casts(): array
    {
        return [
            'substrate' => OneOf::class.':'.Substrate::class,
            'tone' => OneOf::class.':'.Tone::class,
            'backing' => OneOf::class.':'.Backing::class,
            'finish' => OneOf::class.':'.Finish::class,
            'wet_out' => OneOf::class.':'.WetOut::class,
            'after_wet_out' => OneOf::class.':'.AfterWetOut::class,
            'top' => OneOf::class.':'.Top::class,
            'print_through' => OneOf::class.':'.PrintThrough::class,
            'film_known_by' => OneOf::class.':'.FilmSource::class,
            'faces' => OneOf::class.':'.Faces::class,
            'holding' => OneOf::class.':'.Holding::class,
            'hard_top' => OneOf::class.':'.HardTop::class,
            'lay_up' => OneOf::class.':'.LayUp::class,
            'damage' => OneOf::class.':'.Damage::class,
            'film_um' => 'float',
            'film_relief_um' => 'float',
            'sizes' => Rows::class,
            'zones' => Rows::class,
            'needed_by' => Moment::class,
            'finished_at' => Moment::class,
            'held_at' => Moment::class,
            'cancelled_at' => Moment::class,
            'created_at' => Moment::class,
            'wrap_mm' => 'float',
            'build_g_m2' => 'float',
        ] + array_fill_keys([
            'colour', 'holes', 'build_coats', 'finish_coats', 'stripes', 'second_passes', 'plies', 'mould_plies', 'halves',
        ], 'integer')
          + array_fill_keys(['primed', 'zones_typed', 'sun', 'heat', 'wear', 'turned', 'tilted'], 'boolean');
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /**
     * Parts to which nothing was done: choices, pins and what was struck out are no work.
     *
     * @param Builder<Part> $query
     */
    #[Scope]
    protected function unbegun(Builder $query): void
    {
        $query->whereNotExists(fn (\Illuminate\Database\Query\Builder $q) => $q->from('facts')->whereColumn('facts.part_id', 'parts.id')
            ->whereNotIn('facts.kind', Kinds::where(fn (string $kind): bool => ! $kind::IS_WORK))
            ->whereNotExists(fn (\Illuminate\Database\Query\Builder $s) => $s->from('facts as strikes')->whereColumn(
                'strikes.part_id',
                'facts.part_id',
            )
                ->where('strikes.kind', Struck::KIND)->whereRaw("json_extract(strikes.data, '$.target') = facts.id")));
    }

    /**
     * Parts that the run sheet plans: not finished, on hold or cancelled.
     *
     * @param Builder<Part> $query
     */
    #[Scope]
    protected function open(Builder $query): void
    {
        $query->whereNull('finished_at')->whereNull('held_at')->whereNull('cancelled_at');
    }

    public function isOpen(): bool
    {
        return $this->finished_at === null && $this->held_at === null && $this->cancelled_at === null;
    }

    public function isBegun(): bool
    {
        return self::query()->whereKey($this->id)->unbegun()->doesntExist();
    }

    /** What was recorded of it, in short: no other part, and no other shop's copy, has the same. */
    public function recorded(): string
    {
        return md5($this->facts->count().$this->facts->sortByDesc('id')->first()?->token);
    }

    /** @return HasMany<PartFact, $this> */
    public function facts(): HasMany
    {
        return $this->hasMany(PartFact::class)->orderBy('happened_at')->orderBy('id');
    }
}
