<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use OakGloss\Fact\Content;
use OakGloss\Fact\Entry;

/** What a kind of fact may hold, as the rules of a form. */
final class EntryRules
{
    /**
     * @param class-string<Content> $kind
     *
     * @return array<string, list<mixed>> of what is typed
     */
    public static function of(string $kind): array
    {
        $rules = [];
        foreach ($kind::entries() as $entry) {
            if ($entry->isTyped) {
                $rules[$entry->name] = [$entry->isRequired ? 'required' : 'nullable', ...self::what($entry)];
            }
        }

        return $rules;
    }

    /** @return list<mixed> */
    private static function what(Entry $entry): array
    {
        return match (true) {
            $entry->type === 'whole' && $entry->choices !== [] => ['integer', Rule::in($entry->choices)],
            $entry->choices !== [] => [Rule::in($entry->choices)],
            $entry->type === 'whole' => ['integer', ...self::range($entry)],
            $entry->type === 'number' => ['numeric', ...self::range($entry)],
            $entry->type === 'flag' => ['boolean'],
            default => ['string', ...(is_finite($entry->most) ? ["max:{$entry->most}"] : [])],
        };
    }

    /** @return list<string> */
    private static function range(Entry $entry): array
    {
        return is_finite($entry->least) && is_finite($entry->most) ? ["between:{$entry->least},{$entry->most}"] : [];
    }
}
