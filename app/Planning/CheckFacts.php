<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\PartFact;
use App\Models\Resin;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OakGloss\Fact\ChecksCoat;
use OakGloss\Fact\Kind\LeftOut;
use OakGloss\Fact\Kind\Struck;
use OakGloss\Fact\Kinds;

/** Checks of a resin's coats as they were recorded, and what was said of them since. */
final class CheckFacts
{
    /**
     * Checks of a resin after one, in the order of time.
     *
     * @param array{string|null, int} $after
     *
     * @return Collection<int, PartFact>
     */
    public static function after(Resin $row, array $after): Collection
    {
        $ids = Resin::query()->where('shop_id', $row->shop_id)->where('name', $row->name)->pluck('id');
        $kinds = Kinds::where(fn (string $kind): bool => is_a($kind, ChecksCoat::class, true));
        $facts = PartFact::query()->whereIn('kind', $kinds)->whereIn('data->resin_id', $ids);
        self::later($facts->getQuery(), $after, 'id');

        return $facts->orderBy('happened_at')->orderBy('id')->get()->toBase();
    }

    /** @param array{string|null, int} $after */
    public static function later(Builder $query, array $after, string $id): Builder
    {
        return $after[0] === null ? $query : $query->where('happened_at', '>=', $after[0])
            ->where(fn (Builder $q) => $q->where('happened_at', '>', $after[0])->orWhere($id, '>', $after[1]));
    }

    /**
     * What was recorded of these facts and stands, the newest of each.
     *
     * @param Collection<int, PartFact> $facts
     *
     * @return Collection<int, PartFact> by the fact that it is about
     */
    public static function about(Collection $facts, string $kind): Collection
    {
        $found = collect();
        foreach ($facts->pluck('id')->chunk(500) as $ids) {
            // The expression is the index's own.
            $found = $found->merge(
                PartFact::query()->whereIn(
                    DB::raw("json_extract(data, '$.target')"),
                    $ids->all(),
                )->where('kind', $kind)->orderBy('happened_at')->orderBy('id')->get(),
            );
        }
        $struck = $kind === Struck::KIND || $found->isEmpty() ? collect() : self::about($found, Struck::KIND);

        return $found->reject(fn (PartFact $f): bool => $struck->has($f->id))->keyBy(fn (PartFact $f): int => $f->target());
    }

    /** @param Collection<int, PartFact> $leftOut */
    public static function judgement(Collection $leftOut, PartFact $check): ?LeftOut
    {
        $content = $leftOut->get($check->id)?->content();

        return $content instanceof LeftOut ? $content : null;
    }
}
