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
use OakGloss\Method\Choice\Listed;
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
 * @property string                                                  $priority       low, normal or high
 * @property Shop                                                    $shop
 * @property CarbonImmutable|null                                    $finished_at    follows from the facts
 * @property CarbonImmutable|null                                    $held_at        it lies, and gives its hands up
 * @property CarbonImmutable|null                                    $cancelled_at   its record is kept
 * @property bool                                                    $is_trial       a panel on which something new is tried
 * @property CarbonImmutable                                         $created_at
 * @property \Illuminate\Database\Eloquent\Collection<int, PartFact> $facts
 */
final class Part extends Model
{
    /** @use HasFactory<PartFactory> */
    use HasFactory;
    use SoftDeletes;
    use HasChoices;
    use HasSlots {
        getAttribute as private slotAttribute;
        setAttribute as private setSlotAttribute;
        isGuardableColumn as private isSlotColumn;
    }

    /** What a plan needs of a part besides its row. */
    public const PLAN_NEEDS = ['shop', 'slots', 'facts'];

    protected $guarded = ['id'];

    /** Of a brief that is being changed and not kept yet: the part whose place it would take. */
    public int $inPlaceOf = 0;

    protected $attributes = [
        'method' => 'brush_on',
        'priority' => 'normal',
        'choices' => '{}',
    ];

    protected function casts(): array
    {
        return [
            'substrate' => OneOf::class.':'.Substrate::class,
            'tone' => OneOf::class.':'.Tone::class,
            'backing' => OneOf::class.':'.Backing::class,
            'finish' => OneOf::class.':'.Finish::class,
            'film_known_by' => OneOf::class.':'.FilmSource::class,
            'film_um' => 'float',
            'film_relief_um' => 'float',
            'sizes' => Rows::class,
            'zones' => Rows::class,
            'choices' => Rows::class,
            'needed_by' => Moment::class,
            'finished_at' => Moment::class,
            'held_at' => Moment::class,
            'cancelled_at' => Moment::class,
            'created_at' => Moment::class,
            'wrap_mm' => 'float',
            ] + array_fill_keys(['colour', 'holes'], 'integer')
          + array_fill_keys(['primed', 'zones_typed', 'sun', 'heat', 'wear', 'is_trial'], 'boolean');
    }

    /** @var array<string, string>|null */
    private ?array $castsOfAll = null;

    /** Asked for at each attribute: put together once. */
    public function getCasts(): array
    {
        return $this->castsOfAll ??= parent::getCasts();
    }

    public function getAttribute($key)
    {
        return isset(Listed::kept()[$key]) ? $this->choice($key) : $this->slotAttribute($key);
    }

    public function setAttribute($key, $value)
    {
        return isset(Listed::kept()[$key]) ? $this->choose($key, $value) : $this->setSlotAttribute($key, $value);
    }

    protected function isGuardableColumn($key): bool
    {
        return isset(Listed::kept()[$key]) || $this->isSlotColumn($key);
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
