<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Models\Part;
use App\Models\User;
use App\Shelf\ShelfKinds;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** What a few letters may mean, from wherever somebody stands: a part, a jar, a room, a page of a part that is open. */
final readonly class Found
{
    /** Of each group so many are listed. */
    private const SHOWN = 8;

    /** @var array<string, list<array{words: string, beside: string, url: string}>> by group; groups that have none are left out */
    public array $groups;

    public function __construct(Request $request, User $user)
    {
        $words = trim($request->string('q')->substr(0, 60)->toString());
        $this->groups = $words === '' ? [] : array_filter([
            'parts' => $this->parts($words, $user),
            'rooms' => $this->rooms($words, $request, $user),
            'shelf' => $this->jars($words, $user),
        ]);
    }

    /** @return list<array{words: string, beside: string, url: string}> */
    private function parts(string $words, User $user): array
    {
        $parts = PartsList::saying($user->shop->parts()->getQuery(), $words, $user->shop)
            ->orderByRaw('finished_at is not null')->latest('id')->limit(self::SHOWN)->get();

        return array_values($parts->map(fn (Part $part): array => [
            'words' => trim("{$part->letter} {$part->name}"),
            'beside' => implode(', ', array_filter([
                (string) __('methods.'.$part->method.'.name'),
                $part->finished_at === null ? null : (string) __('parts.seek.states.finished'),
            ])),
            'url' => route('parts.show', $part),
        ])->all());
    }

    /** @return list<array{words: string, beside: string, url: string}> */
    private function rooms(string $words, Request $request, User $user): array
    {
        $rooms = array_map(fn (array $room): array => [$room['name'], route($room['route'])], Rooms::of($request, $user));
        if ($user->role->works()) {
            $rooms[] = [(string) __('parts.new'), route('parts.choose')];
            $rooms[] = [(string) __('stock.shopping.title'), route('shelf.shopping')];
        }

        return self::fit(array_map(fn (array $r): array => ['words' => $r[0], 'beside' => '', 'url' => $r[1]], $rooms), $words);
    }

    /** @return list<array{words: string, beside: string, url: string}> */
    private function jars(string $words, User $user): array
    {
        $jars = [];
        foreach (ShelfKinds::all() as $name => $kind) {
            foreach ($kind->of($user->shop) as $item) {
                $jars[] = [
                    'words' => $kind->title($item),
                    'beside' => $kind::heading(),
                    'url' => route('shelf.edit', [$name, $item->id]),
                ];
            }
        }

        return self::fit($jars, $words);
    }

    /**
     * @param list<array{words: string, beside: string, url: string}> $all
     *
     * @return list<array{words: string, beside: string, url: string}>
     */
    private static function fit(array $all, string $words): array
    {
        return array_slice(array_values(array_filter(
            $all,
            fn (array $row): bool => Str::contains("{$row['words']} {$row['beside']}", $words, ignoreCase: true),
        )), 0, self::SHOWN);
    }
}
