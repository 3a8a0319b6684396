<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Files\BadLine;
use App\Files\JsonLines;
use App\Files\Table;
use App\Models\ShelfItem;
use App\Models\Shop;
use Illuminate\Support\Facades\Validator;
use OakGloss\Quantity\Field;
use OakGloss\Quantity\OakGlossFault;

/**
 * The sheets of a shelf as a file, and back: JSON by a published schema, or a table of one kind as CSV. What was taken out
 * comes in as the same. All or nothing; what can't be taken is named by its line and field.
 */
final class MaterialsFile
{
    public const FORMAT = 'oak-gloss-materials';
    public const VERSION = 1;

    private const MOST_ITEMS = 5000;

    public static function json(Shop $shop): string
    {
        $items = [];
        foreach (ShelfKinds::all() as $name => $kind) {
            $items[$name] = array_values($kind->of($shop)->map(fn (ShelfItem $i): array => $kind->row($i))->all());
        }

        return self::text(['format' => self::FORMAT, 'version' => self::VERSION, 'items' => $items]);
    }

    public static function csv(Shop $shop, ShelfKind $kind): string
    {
        $columns = ['shelf', 'name', ...array_map(fn (Field $f): string => $f->name, $kind->fields()), ...$kind->besides()];
        $rows = $kind->of($shop)->map(function (ShelfItem $item) use ($kind, $columns): array {
            $row = ['shelf' => $kind::NAME] + $kind->row($item);

            return array_map(fn (string $c): string => self::cell($row[$c] ?? null), $columns);
        });

        return Table::write([$columns, ...array_values($rows->all())]);
    }

    /** @return array<string, mixed> what a file of JSON may be */
    public static function schema(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://oak-gloss.example/materials.json',
            'title' => 'Sheets of a shelf',
            'type' => 'object',
            'required' => ['format', 'version', 'items'],
            'properties' => [
                'format' => ['const' => self::FORMAT],
                'version' => ['const' => self::VERSION],
                'items' => ['type' => 'object', 'properties' => array_map(
                    fn (ShelfKind $kind): array => ['type' => 'array', 'items' => $kind->schema()],
                    ShelfKinds::all(),
                )],
            ],
        ];
    }

    /**
     * What a file would put on the shelf, read and checked as forms are.
     *
     * @return list<array{kind: ShelfKind, item: ShelfItem}>
     *
     * @throws BadLine If anything of it can't be taken.
     */
    public static function read(string $text, int $shopId): array
    {
        $isJson = str_starts_with(ltrim($text, "\xEF\xBB\xBF \t\r\n"), '{');
        $rows = $isJson ? self::fromJson(ltrim($text, "\xEF\xBB\xBF")) : self::fromCsv($text);
        if (count($rows) > self::MOST_ITEMS) {
            throw BadLine::at(1, null, 'the file has more than '.self::MOST_ITEMS.' sheets');
        }
        if ($rows === []) {
            throw BadLine::at(1, null, 'the file has no sheet in it');
        }
        $seen = $items = [];
        foreach ($rows as [$line, $name, $row]) {
            $kind = ShelfKinds::named($name) ?? throw BadLine::at($line, 'shelf', "“{$name}” is no kind of the shelf");
            $items[] = ['kind' => $kind, 'item' => self::item($kind, $row, $line, $shopId)];
            $key = $name.' '.$row['name'];
            isset($seen[$key]) && throw BadLine::at($line, 'name', "“{$row['name']}” stands in line {$seen[$key]} already");
            $seen[$key] = $line;
        }

        return $items;
    }

    /** @param array<string, mixed> $row */
    private static function item(ShelfKind $kind, array $row, int $line, int $shopId): ShelfItem
    {
        $known = ['name', ...array_map(fn (Field $f): string => $f->name, $kind->fields()), ...$kind->besides()];
        foreach (array_diff(array_keys($row), $known) as $stray) {
            throw BadLine::at($line, (string) $stray, 'a '.$kind::SINGULAR.' has no such field');
        }
        $form = $kind->form($row);
        $checked = Validator::make($form, $kind->rules(), [], $kind->names());
        if ($checked->fails()) {
            $field = (string) array_key_first($checked->errors()->messages());

            throw BadLine::at($line, $field, rtrim(lcfirst((string) $checked->errors()->first()), '.'));
        }
        foreach ($kind->wrong($checked->validated()) as $field => $why) {
            throw BadLine::at($line, $field, rtrim($why, '.'));
        }
        $besides = array_diff_key(array_intersect_key($row, array_flip($kind->besides())), $form);
        foreach ($besides as $field => $value) {
            if ($value !== null && ! is_scalar($value) && ! in_array($field, ['sheet', 'catalyst'], true)) {
                throw BadLine::at($line, $field, 'is one value');
            }
        }
        try {
            $item = $kind->make($kind->typed($checked->validated()) + array_diff_key($besides, ['catalyst' => 0]) + ['shop_id' => $shopId]);
            $kind->check($item);
        } catch (OakGlossFault $e) {
            throw BadLine::at($line, null, rtrim(lcfirst($e->getMessage()), '.'));
        }

        return $item;
    }

    /** @return list<array{int, string, array<string, mixed>}> line, kind and sheet */
    private static function fromJson(string $text): array
    {
        try {
            $file = json_decode($text, true, 16, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw BadLine::at(1, null, 'this is no JSON: '.lcfirst($e->getMessage()));
        }
        if (! is_array($file) || ($file['format'] ?? null) !== self::FORMAT || ($file['version'] ?? null) !== self::VERSION) {
            throw BadLine::at(1, 'format', 'it has to be '.self::FORMAT.', version '.self::VERSION);
        }
        $lines = JsonLines::of($text);
        $rows = [];
        foreach (is_array($file['items'] ?? null) ? $file['items'] : throw BadLine::at(1, 'items', 'is missing') as $kind => $items) {
            foreach (is_array($items) ? array_values($items) : throw BadLine::at(1, (string) $kind, 'is no list') as $n => $row) {
                $line = $lines["items.{$kind}.{$n}"] ?? 1;
                $rows[] = [$line, (string) $kind, is_array($row) ? $row : throw BadLine::at($line, null, 'is no sheet')];
            }
        }

        return $rows;
    }

    /** @return list<array{int, string, array<string, mixed>}> */
    private static function fromCsv(string $text): array
    {
        $rows = [];
        $header = null;
        foreach (Table::read($text) as $line => $cells) {
            if ($header === null) {
                $header = array_map(mb_strtolower(...), $cells);
                foreach (['shelf', 'name'] as $needed) {
                    in_array($needed, $header, true) || throw BadLine::at($line, null, "no column is called {$needed}");
                }
                count($header) === count(array_unique($header)) || throw BadLine::at($line, null, 'a column stands twice in the header');

                continue;
            }
            if (implode('', $cells) === '') {
                continue;
            }
            count($cells) <= count($header) || throw BadLine::at($line, null, 'it has more cells than the header');
            $row = array_map(self::value(...), array_combine($header, array_pad($cells, count($header), '')));
            $kind = (string) $row['shelf'];
            $rows[] = [$line, $kind, array_diff_key(array_filter($row, fn (mixed $v): bool => $v !== null), ['shelf' => 0])];
        }

        return $rows;
    }

    private static function cell(mixed $value): string
    {
        return match (true) {
            $value === null => '',
            is_bool($value) => $value ? '1' : '0',
            is_array($value) => (string) json_encode($value),
            is_scalar($value) => is_string($value) ? $value : (string) json_encode($value),
            default => '',
        };
    }

    private static function value(string $cell): mixed
    {
        $nested = preg_match('/^[\[{]/', $cell) === 1 ? json_decode($cell, true) : null;

        return $cell === '' ? null : ($nested ?? $cell);
    }

    /** @param array<string, mixed> $file */
    private static function text(array $file): string
    {
        return json_encode($file, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)."\n";
    }
}
