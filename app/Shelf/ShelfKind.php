<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Part;
use App\Models\PartSlot;
use App\Models\ShelfItem;
use App\Models\Shop;
use App\Models\StoredItem;
use App\Rules\FieldRules;
use App\Words\Formatter;
use Illuminate\Database\Eloquent\Collection;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\FieldType;

/**
 * What lies on the shelf. One class for each kind: the fields of its sheet with their units and checks, how a form is
 * read, what its rows are called and say. A kind without a table of its own is kept as StoredItem.
 */
abstract class ShelfKind
{
    /** In addresses, and the name of its table. */
    public const NAME = '';

    public const SINGULAR = '';

    /** @var class-string<ShelfItem> */
    public const MODEL = StoredItem::class;

    public const ORDER = 'name';

    /** In which its lots are counted. */
    public const UNIT = 'pieces';

    /** @var string|null the field that its deliveries are counted in, once there are any */
    public const COUNTED_IN = null;

    /** Fields that its row says where the kind has no words of its own. */
    private const SAID = 3;

    /** Whether its sheet has rows of temperature and time, and so a curve. */
    public const HAS_SHEET = false;

    /** @var string|null the column with which a part's slot names an item of this kind */
    public const SLOT_COLUMN = null;

    /**
     * Fields by group, in the order of a data sheet.
     *
     * @return array<string, list<Field>>
     */
    abstract public function groups(): array;

    /** What a row of the shelf says of an item, in short: where a kind says nothing else, its first fields. */
    public function line(ShelfItem $item, Formatter $format): string
    {
        $says = function (Field $field) use ($item): string {
            $value = $item->getAttribute($field->name);

            return match (true) {
                $value === null => '',
                $field->type === FieldType::Choice => $field->words[(string) $value] ?? (string) $value,
                $field->type === FieldType::Flag => $value ? mb_strtolower($field->label) : '',
                default => trim($value.' '.$field->unit),
            };
        };

        return implode(' · ', array_filter(array_map($says, array_slice($this->fields(), 0, self::SAID))));
    }

    /**
     * What it is kept in, each counted for itself: a resin has a jar and its hardener's.
     *
     * @return list<string> names of the jars; one without a name where there is one
     */
    public function jars(ShelfItem $item): array
    {
        return [''];
    }

    public function title(ShelfItem $item): string
    {
        return $item->name;
    }

    /** Radius of the grain that stands beside it in a box of 44, to scale among its kind; null where it has none. */
    public function grainRadius(ShelfItem $item): ?float
    {
        return null;
    }

    /** What its part of the shelf is called. */
    public static function heading(): string
    {
        return ucfirst(str_replace('-', ' ', static::NAME));
    }

    /** Whether it is at its end. */
    public function isOut(ShelfItem $item): bool
    {
        return false;
    }

    /**
     * Builds the core's value, so that what a sheet can't mean is refused.
     *
     * @throws \OakGloss\Quantity\OakGlossFault If it can't.
     */
    public function check(ShelfItem $item): void
    {
    }

    /**
     * What the fields say together that can't be meant, by field.
     *
     * @param array<string, mixed> $given checked one by one
     *
     * @return array<string, string>
     */
    public function wrong(array $given): array
    {
        return [];
    }

    /**
     * Sections in which a long sheet is shown and saved, each on its own, by name; none of a short one.
     *
     * @return array<array-key, string> what each is called: `sheet` has the name and the rows, a number the group of fields of that place
     */
    final public function sections(): array
    {
        $groups = array_keys($this->groups());

        return count($groups) < 2 ? [] : ['sheet' => (string) __(static::HAS_SHEET ? 'shelf.section.rows' : 'shelf.section.name')]
            + array_combine(array_map(strval(...), array_keys($groups)), $groups);
    }

    /**
     * Fields of a form that a section does not send: they stay as they are.
     *
     * @return array<string, mixed>
     */
    final public function outside(string $section, ShelfItem $item): array
    {
        $group = array_values($this->groups())[ctype_digit($section) ? (int) $section : -1] ?? null;
        $all = $this->form($this->row($item));
        $grouped = array_map(fn (Field $field): string => $field->name, $group ?? $this->fields());

        // The name and the rows are what no group has.
        return $group === null
            ? array_intersect_key($all, array_flip($grouped))
            : array_diff_key($all, array_flip($grouped));
    }

    /** @return list<Field> */
    public function fields(): array
    {
        return array_merge(...array_values($this->groups()));
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80']] + FieldRules::all($this->fields());
    }

    /** @return array<string, string> what fields are called in a message */
    public function names(): array
    {
        return array_column(array_map(fn (Field $f): array => [$f->name, mb_strtolower($f->label)], $this->fields()), 1, 0);
    }

    /**
     * A form as it is kept.
     *
     * @param array<string, mixed> $given checked
     *
     * @return array<string, mixed>
     */
    public function typed(array $given): array
    {
        $typed = ['name' => $given['name']];
        foreach ($this->fields() as $field) {
            $value = $given[$field->name] ?? null;
            $typed[$field->name] = match (true) {
                $field->type === FieldType::Flag => (bool) ($value ?? false),
                $field->type->isNumber() && is_numeric($value) => $value + 0,
                default => $value,
            };
        }

        return $typed;
    }

    /** @return list<string> what a sheet holds beside its fields */
    public function besides(): array
    {
        return [];
    }

    /**
     * A sheet as a file has it: its fields by name, numbers as numbers.
     *
     * @return array<string, mixed>
     */
    final public function row(ShelfItem $item): array
    {
        $row = ['name' => $item->name];
        foreach ($this->fields() as $field) {
            $value = $item->getAttribute($field->name);
            $row[$field->name] = match (true) {
                $field->type === FieldType::Flag => (bool) $value,
                $field->type->isNumber() && is_numeric($value) => $value + 0,
                default => $value,
            };
        }
        foreach ($this->besides() as $name) {
            $row[$name] = $item->getAttribute($name);
        }

        return $row;
    }

    /**
     * A file's sheet as its form would send it.
     *
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    public function form(array $row): array
    {
        return array_diff_key($row, array_flip($this->besides()));
    }

    /** @param array<string, mixed> $values */
    final public function make(array $values = []): ShelfItem
    {
        $model = static::MODEL;

        return new $model($values + ($model === StoredItem::class ? ['kind' => static::NAME] : []));
    }

    final public function find(int $id): ShelfItem
    {
        return $this->query()->findOrFail($id);
    }

    /** @return Collection<int, ShelfItem> of a shop, as they stand now */
    final public function of(Shop $shop): Collection
    {
        return $this->ofShop($shop->id);
    }

    /** @return Collection<int, ShelfItem> */
    final public function ofShop(int $shopId): Collection
    {
        return $this->query()->where('shop_id', $shopId)->whereNull('superseded_by_id')->orderBy(static::ORDER)->get();
    }

    /**
     * What the sheets hold that parts name: a number alone may be another sheet's after a restore.
     *
     * @param Collection<int, Part> $parts
     *
     * @return list<array<string, mixed>>
     */
    final public function rowsOf(Collection $parts): array
    {
        $sheet = substr((string) static::SLOT_COLUMN, 0, -strlen('_id'));
        $items = $sheet === '' ? collect() : $parts->flatMap->slots->map(fn (PartSlot $s): ?ShelfItem => $s->getRelation($sheet))->filter();

        return array_values($items->unique('id')->sortBy('id')->map(fn (ShelfItem $i): array => $i->getRawOriginal())->all());
    }

    /** @return \Illuminate\Database\Eloquent\Builder<ShelfItem> */
    private function query(): \Illuminate\Database\Eloquent\Builder
    {
        /** @var \Illuminate\Database\Eloquent\Builder<ShelfItem> $rows */
        $rows = (static::MODEL)::query();

        return static::MODEL === StoredItem::class ? $rows->where('kind', static::NAME) : $rows;
    }

    /**
     * What its rows hold, as a JSON schema.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        $properties = ['name' => ['type' => 'string', 'maxLength' => 80]];
        $required = ['name'];
        foreach ($this->besides() as $name) {
            $properties[$name] = (object) [];
        }
        foreach ($this->fields() as $field) {
            $properties[$field->name] = $field->schema();
            $required = $field->isRequired ? [...$required, $field->name] : $required;
        }

        return ['type' => 'object', 'required' => $required, 'properties' => $properties];
    }
}
