<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Rows;

/**
 * Something on the shelf whose kind needs no table of its own: its sheet lies in one column.
 *
 * @property string               $kind
 * @property array<string, mixed> $data
 */
final class StoredItem extends ShelfItem
{
    protected $table = 'shelf_items';

    protected $attributes = ['data' => '{}'];

    private const COLUMNS = ['id', 'shop_id', 'kind', 'name', 'data', 'made_up', 'superseded_by_id', 'created_at', 'updated_at'];

    protected function casts(): array
    {
        return ['data' => Rows::class, 'made_up' => 'boolean'];
    }

    public function isFillable($key): bool
    {
        return $key !== 'id';
    }

    public function getAttribute($key): mixed
    {
        return in_array($key, self::COLUMNS, true) ? parent::getAttribute($key) : $this->data[$key] ?? null;
    }

    public function setAttribute($key, $value): mixed
    {
        return in_array($key, self::COLUMNS, true)
            ? parent::setAttribute($key, $value)
            : parent::setAttribute('data', [$key => $value] + $this->data);
    }
}
