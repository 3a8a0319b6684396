<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Moment;
use App\Casts\OneOf;
use App\Casts\Rows;
use App\Casts\Within;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Database\Factories\ShopFactory;
use DateTimeZone;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OakGloss\Choosing\Tool;
use OakGloss\Method\PrintThrough;
use OakGloss\Method\Workshop;

/**
 * @property int                  $id
 * @property string               $name
 * @property string               $town
 * @property string               $zone
 * @property mixed                $working_hours        by ISO weekday, as DaySpans reads them
 * @property mixed                $day_curves           by ISO weekday, as ShopTime::curve() reads them
 * @property mixed                $typed_air            as ShopTime::point() reads them
 * @property float                $cup_loss_g
 * @property float                $scale_step_g
 * @property float                $part_scale_step_g
 * @property float                $calliper_step_mm
 * @property string|null          $meter_url
 * @property string|null          $scale_url
 * @property mixed                $money                as ShopMoney reads it
 * @property float                $target_burn_through
 * @property int                  $clock_offset_s
 * @property PrintThrough         $print_through        the shop's usual way
 * @property mixed                $things               name → places
 * @property list<string>         $tools                of TOOLS
 * @property list<string>         $assumed              of ASSUMED: what it began with and nobody looked at
 * @property float                $leak_mbar            that a bag may lose in ten minutes
 * @property float                $wipe_holds_min       a wiped hard surface is good for so long
 * @property int                  $lead_days            from an order until it is there, where no delivery says so
 * @property array<string, mixed> $filter_hours         that a mask's filter is given, by kind, h
 * @property float                $cool_place_c
 * @property string|null          $probe_url
 * @property CarbonImmutable|null $probe_asked_at
 * @property string|null          $probe_silent_because null while it answers
 * @property list<string>         $device_ranges        private ranges in which devices may be, by name
 */
final class Shop extends Model
{
    /** @use HasFactory<ShopFactory> */
    use HasFactory;

    /** A demo's clock is not skipped beyond twenty years, seconds. */
    private const FARTHEST_S = 631_152_000;

    /** Typed points older than this move no plan any more, minutes. */
    private const TYPED_KEPT_MIN = 31 * 1440.0;

    /** What a new shop is opened with, until somebody types it or says that it is right. */
    public const ASSUMED = ['hours', 'air'];

    /** What a shop has or has not; boxes and ovens are places for parts. */
    public const TOOLS = ['vacuum_pump', 'spray_gun', 'respirator', 'air_fed', 'licence', 'sander', 'clamps', 'dryer'];

    protected $guarded = ['id'];

    protected $attributes = [
        // Nothing is owned until somebody says so.
        'things' => '{}',
        'tools' => '[]',
        'assumed' => '[]',
        'filter_hours' => '{"vapour":40,"dust":40}',
        'leak_mbar' => 5.0,
        'wipe_holds_min' => Workshop::WIPE_HOLDS_MIN,
        'lead_days' => 3,
        'cool_place_c' => 9.0,
        'part_scale_step_g' => 1.0,
        'calliper_step_mm' => 0.01,
        'print_through' => 'flat',
        'unrest_min' => 30.0,
        'device_ranges' => '[]',
    ];

    /** @return list<Tool> tools, and what there is a place for */
    public function has(): array
    {
        $isThere = fn (Tool $t): bool => in_array($t, [Tool::Booth, Tool::WarmBox, Tool::Oven], true)
            ? ($this->things[$t->value] ?? 0) > 0
            : in_array($t->value, $this->tools, true);

        return array_values(array_filter(Tool::cases(), $isThere));
    }

    protected function casts(): array
    {
        return [
            'print_through' => OneOf::class.':'.PrintThrough::class.',flat',
            'money' => Rows::class,
            'working_hours' => Rows::class,
            'day_curves' => Rows::class,
            'typed_air' => Rows::class,
            'things' => Rows::class,
            'tools' => Rows::class,
            'assumed' => Rows::class,
            'filter_hours' => Rows::class,
            'leak_mbar' => Within::of(0.1, 100, 5),
            'device_ranges' => Rows::class,
            'cool_place_c' => Within::of(-5, 20, 9),
            'probe_asked_at' => Moment::class,
            'lead_days' => Within::of(0, 365, 3, 'int'),
            'wipe_holds_min' => Within::of(5, 240, Workshop::WIPE_HOLDS_MIN),
            'cup_loss_g' => Within::of(0, 200, 8),
            'scale_step_g' => Within::of(0.001, 10, 0.1),
            'part_scale_step_g' => Within::of(0.01, 100, 1),
            'calliper_step_mm' => Within::of(0.001, 1, 0.01),
            'target_burn_through' => Within::of(0.00001, 0.5, Workshop::TARGET_BURN_THROUGH),
            'unrest_min' => Within::of(0, 10000, 30),
            'clock_offset_s' => Within::of(-self::FARTHEST_S, self::FARTHEST_S, 0, 'int'),
        ];
    }

    /**
     * Where its clocks hang; a row without a zone that there is stands in UTC.
     *
     * @return Attribute<string, string>
     */
    protected function zone(): Attribute
    {
        return Attribute::get(fn (mixed $zone): string => self::isZone($zone) ? (string) $zone : 'UTC');
    }

    private static function isZone(mixed $zone): bool
    {
        return is_string($zone) && in_array($zone, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true);
    }

    /** @return list<string> columns that can't be read as they are kept: others stand in for them */
    public function unreadable(): array
    {
        $found = self::isZone($this->getRawOriginal('zone')) ? [] : ['zone'];
        foreach ($this->getCasts() as $column => $cast) {
            $raw = $this->getRawOriginal($column);
            $cast = (string) $cast;
            $isRead = match (true) {
                str_starts_with($cast, Within::class) => (new Within(...explode(',', explode(':', $cast)[1])))->holds($raw),
                $cast === Rows::class => $raw === null || is_array(json_decode((string) $raw, true)),
                default => true,
            };
            $found = $isRead ? $found : [...$found, $column];
        }

        return $found;
    }

    /**
     * Its typed points that can be read and still matter: from a month back on.
     *
     * @return list<array{at: string, c: float}> local times, rising
     */
    public function typedPoints(float $nowMin): array
    {
        $time = new ShopTime($this->zone);
        $points = array_filter(
            (array) $this->typed_air,
            fn (mixed $p): bool => ($time->point($p)[0] ?? -INF) > $nowMin - self::TYPED_KEPT_MIN,
        );
        usort($points, fn (array $a, array $b): int => $a['at'] <=> $b['at']);

        return $points;
    }

    public function money(): ShopMoney
    {
        return ShopMoney::read($this->money);
    }

    /** Where its probe answers; the demo's has the stand-in. */
    public function probeAddress(): ?string
    {
        return $this->probe_url ?? (config('oak.demo') === true ? config('oak.demo_probe_url') : null);
    }

    /** @return list<string> names of private ranges in which devices may be; the demo's stand-ins are on this machine */
    public function deviceRanges(): array
    {
        return [...$this->device_ranges, ...(config('oak.demo') === true ? ['loopback'] : [])];
    }

    /** Where its bench scale answers; the demo's has the stand-in. */
    public function scaleAddress(): ?string
    {
        return $this->scale_url ?? (config('oak.demo') === true ? config('oak.demo_scale_url') : null);
    }

    /** The stand-in's page to pour on, where that is the scale; null where it is a real one. */
    public function standInScale(): ?string
    {
        $address = $this->scale_url === null ? $this->scaleAddress() : null;

        return $address === null ? null : dirname($address).'/';
    }

    /** Where its gloss meter answers; the demo's has the stand-in. */
    public function meterAddress(): ?string
    {
        return $this->meter_url ?? (config('oak.demo') === true ? config('oak.demo_meter_url') : null);
    }

    /** @return HasMany<Part, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(Part::class);
    }

    /** @return HasMany<User, $this> */
    public function people(): HasMany
    {
        return $this->hasMany(User::class)->orderBy('id');
    }

    /** @return HasMany<User, $this> those who have not left */
    public function staff(): HasMany
    {
        return $this->people()->whereNull('left_at');
    }

    /** @return HasMany<HourException, $this> */
    public function hourExceptions(): HasMany
    {
        return $this->hasMany(HourException::class);
    }

    /** @return HasMany<ShopVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(ShopVersion::class);
    }

    /** @return HasMany<KeptPlan, $this> */
    public function keptPlans(): HasMany
    {
        return $this->hasMany(KeptPlan::class);
    }

    /** @return HasMany<PlanOffer, $this> */
    public function planOffers(): HasMany
    {
        return $this->hasMany(PlanOffer::class);
    }

    /** @return HasMany<Feed, $this> */
    public function feeds(): HasMany
    {
        return $this->hasMany(Feed::class);
    }

    /** @return HasMany<AirReading, $this> */
    public function airReadings(): HasMany
    {
        return $this->hasMany(AirReading::class);
    }
}
