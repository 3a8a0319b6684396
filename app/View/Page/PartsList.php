<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Customer;
use App\Models\Part;
use App\Models\Shop;
use App\Planning\PlannedPart;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use OakGloss\Method\Methods;

/** The parts of a shop by what is sought: words, way, state, person and month. */
final readonly class PartsList
{
    /** In the order of the list. */
    public const STATES = ['now', 'waits', 'lying', 'finished'];

    private const SHOWN = 20;

    public string $words;

    public ?string $method;

    public ?string $state;

    public ?int $person;

    /** `2027-03`: ready, or finished, in it. */
    public ?string $month;

    public function __construct(Request $request, private Shop $shop)
    {
        $said = fn (string $name): string => trim($request->string($name)->substr(0, 60)->toString());
        $this->words = $said('q');
        $this->method = isset(Methods::all()[$said('method')]) ? $said('method') : null;
        $this->state = in_array($said('state'), self::STATES, true) ? $said('state') : null;
        $this->person = $shop->people->find((int) $said('person'))?->id;
        $this->month = CarbonImmutable::hasFormat($said('month'), 'Y-m') ? $said('month') : null;
    }

    public function isSought(): bool
    {
        return array_filter([$this->words, $this->method, $this->state, $this->person, $this->month]) !== [];
    }

    /**
     * @param array<int, PlannedPart> $all
     *
     * @return list<PlannedPart> open ones that fit
     */
    public function planned(array $all): array
    {
        if (! in_array($this->state, [null, 'now', 'waits'], true)) {
            return [];
        }
        $ids = $this->fitting($this->shop->parts()->getQuery())->whereKey(array_keys($all))->pluck('id')->flip();
        $time = new ShopTime($this->shop->zone);

        return array_values(array_filter($all, fn (PlannedPart $of, int $id): bool => isset($ids[$id])
            && ($this->state === null || ($this->state === 'now') === ($of->next?->needsHandsNow() === true))
            && ($this->month === null || ($of->schedule->readyMin() !== null
                && $time->local($of->schedule->readyMin())->format('Y-m') === $this->month)), ARRAY_FILTER_USE_BOTH));
    }

    /** @return Collection<int, Part> on hold or cancelled */
    public function lying(): Collection
    {
        return in_array($this->state, [null, 'lying'], true) && $this->month === null
            ? $this->fitting($this->shop->parts()->getQuery())
                ->where(fn (Builder $q) => $q->whereNotNull('held_at')->orWhereNotNull('cancelled_at'))
                ->latest('id')->limit(self::SHOWN)->get()
            : new Collection();
    }

    /** @return LengthAwarePaginator<int, Part> */
    public function finished(): LengthAwarePaginator
    {
        $query = $this->fitting($this->shop->parts()->getQuery())->whereNotNull('finished_at');
        if ($this->month !== null) {
            $from = CarbonImmutable::parse("{$this->month}-01", $this->shop->zone);
            $query->whereBetween('finished_at', [$from->utc(), $from->addMonth()->utc()]);
        }

        return $query->when(! in_array($this->state, [null, 'finished'], true), fn (Builder $q) => $q->whereRaw('0'))
            ->latest('finished_at')->latest('id')
            ->paginate(self::SHOWN, pageName: 'finished')->withQueryString();
    }

    /**
     * @param array<int, PlannedPart> $all
     *
     * @return list<string> months in which a part is or was ready, the latest first
     */
    public function months(array $all): array
    {
        $time = new ShopTime($this->shop->zone);
        $ready = array_filter(array_map(fn (PlannedPart $of): ?float => $of->schedule->readyMin(), $all), is_float(...));
        $months = [
            ...array_map(fn (float $minute): string => $time->local($minute)->format('Y-m'), $ready),
            ...$this->shop->parts()->whereNotNull('finished_at')->selectRaw("distinct strftime('%Y-%m', finished_at) as month")
                ->pluck('month')->all(),
            ...array_filter([$this->month]),
        ];
        rsort($months);

        return array_values(array_unique($months));
    }

    /**
     * @param Builder<Part> $parts
     *
     * @return Builder<Part>
     */
    private function fitting(Builder $parts): Builder
    {
        $theirs = fn (Builder $facts): Builder => $facts->where('user_id', $this->person);

        return $parts
            ->when($this->words !== '', fn (Builder $q) => self::saying($q, $this->words, $this->shop))
            ->when($this->method !== null, fn (Builder $q) => $q->where('method', $this->method))
            ->when($this->person !== null, fn (Builder $q) => $q->whereHas('facts', $theirs));
    }

    /**
     * Those whose name, letter or customer says so.
     *
     * @param Builder<Part> $parts
     *
     * @return Builder<Part>
     */
    public static function saying(Builder $parts, string $words, Shop $shop): Builder
    {
        $like = '%'.addcslashes($words, '%_\\').'%';
        $customers = Customer::query()->where('shop_id', $shop->id)->whereRaw("name like ? escape '\\'", [$like])->select('part_id');

        return $parts->where(fn (Builder $any) => $any->whereRaw("name like ? escape '\\'", [$like])
            ->orWhereRaw('upper(letter) = ?', [mb_strtoupper($words)])->orWhereIn('id', $customers));
    }
}
