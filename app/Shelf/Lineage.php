<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Database\Present;
use App\Models\ShelfItem;

/** From which sheet to which: what was taken in by an older sheet lies under the newest. */
final class Lineage
{
    public function __construct(private readonly Present $present)
    {
    }

    public function newest(string $kind, int $id): int
    {
        $next = $this->next($kind);
        // A ring can't be: each sheet is superseded once, by a later one.
        while (isset($next[$id]) && $next[$id] > $id) {
            $id = $next[$id];
        }

        return $id;
    }

    /** @return list<int> a newest sheet and all before it */
    public function all(string $kind, int $newest): array
    {
        $before = array_filter(array_keys($this->next($kind)), fn (int $id): bool => $this->newest($kind, $id) === $newest);

        return [$newest, ...array_values($before)];
    }

    /** @return array<int, int> the next sheet */
    private function next(string $kind): array
    {
        $model = ShelfKinds::named($kind) === null ? null : ShelfKinds::named($kind)::MODEL;
        /** @var \Illuminate\Database\Eloquent\Builder<ShelfItem>|null $rows */
        $rows = $model === null ? null : $model::query();

        return $rows === null ? [] : $this->present->read("lineage-{$kind}", fn (): array => $rows->toBase()
            ->whereNotNull('superseded_by_id')->pluck('superseded_by_id', 'id')->map(fn (mixed $id): int => (int) $id)->all());
    }
}
