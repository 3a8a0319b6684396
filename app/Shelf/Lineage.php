<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\ShelfItem;

/** From which sheet to which: what was taken in by an older sheet lies under the newest. */
final class Lineage
{
    /** @var array<string, array<int, int>> the next sheet, by kind */
    private array $next = [];

    public function newest(string $kind, int $id): int
    {
        $next = $this->next[$kind] ??= $this->read($kind);
        // A ring can't be: each sheet is superseded once, by a later one.
        while (isset($next[$id]) && $next[$id] > $id) {
            $id = $next[$id];
        }

        return $id;
    }

    /** @return list<int> a newest sheet and all before it */
    public function all(string $kind, int $newest): array
    {
        $this->newest($kind, $newest);
        $before = array_filter(array_keys($this->next[$kind]), fn (int $id): bool => $this->newest($kind, $id) === $newest);

        return [$newest, ...array_values($before)];
    }

    public function forget(): void
    {
        $this->next = [];
    }

    /** @return array<int, int> */
    private function read(string $kind): array
    {
        $model = ShelfKinds::named($kind) === null ? null : ShelfKinds::named($kind)::MODEL;
        /** @var \Illuminate\Database\Eloquent\Builder<ShelfItem>|null $rows */
        $rows = $model === null ? null : $model::query();

        return $rows === null ? [] : $rows->whereNotNull('superseded_by_id')->toBase()->pluck('superseded_by_id', 'id')
            ->map(fn (mixed $id): int => (int) $id)->all();
    }
}
