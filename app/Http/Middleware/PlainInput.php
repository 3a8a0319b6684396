<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is typed is text, as forms send it: valid UTF-8 without NUL, of a length that a hand types, its numbers finite; groups
 * only where a form has groups.
 * All else is answered in words before anything reads it.
 */
final class PlainInput
{
    /** Fields of forms that come in groups. */
    private const GROUPS = [
        'zones', 'sizes', 'hours', 'air', 'typed', 'people', 'things', 'sheet', 'catalyst_rows', 'device_ranges', 'tools', 'papers',
        'at_bench', 'filter_hours', 'measured',
    ];

    private const LONGEST = 4000;

    /** What forms carry for the server is longer than what a hand types. */
    private const LONGEST_CARRIED = ['showed' => 60000];

    private const MOST_FIELDS = 1500;
    private const DEEPEST = 4;

    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe() && $request->isJson()) {
            return response()->view('errors.words', ['words' => [__('errors.form_only')]], 415);
        }
        $wrong = $this->wrong($request);
        if ($wrong === []) {
            return $next($request);
        }
        // Only what is text comes back to the form.
        $clean = array_diff_key($request->except(array_keys($request->allFiles())), $wrong);
        $request->query->replace(array_intersect_key($request->query->all(), $clean));
        $request->request->replace(array_intersect_key($request->request->all(), $clean));

        throw ValidationException::withMessages($wrong + ['act' => implode(' ', array_unique($wrong))]);
    }

    /** @return array<string, string> by field */
    private function wrong(Request $request): array
    {
        $wrong = [];
        $fields = 0;
        foreach ($request->input() as $name => $value) {
            $name = (string) $name;
            $said = self::called($name);
            if (is_array($value) && ! in_array($name, self::GROUPS, true)) {
                $wrong[$name] = (string) __('errors.one_value', ['field' => $said]);
            } elseif (! $this->isPlain($value, $fields, longest: self::LONGEST_CARRIED[$name] ?? self::LONGEST) || ! $this->isText($name)) {
                $wrong[$name] = (string) __('errors.no_text', ['field' => $said]);
            }
        }

        return $wrong;
    }

    /** As its field is called; else what was sent, as far as it is text. */
    private static function called(string $name): string
    {
        $called = __("validation.attributes.{$name}");

        return is_string($called) && ! str_starts_with($called, 'validation.')
            ? $called : strtr(mb_substr(mb_scrub(str_replace("\0", '', $name)), 0, 40), '_', ' ');
    }

    private function isPlain(mixed $value, int &$fields, int $depth = 0, int $longest = self::LONGEST): bool
    {
        if (++$fields > self::MOST_FIELDS || $depth > self::DEEPEST) {
            return false;
        }
        if (! is_array($value)) {
            return $value instanceof UploadedFile || ! is_string($value)
                || ($this->isText($value, $longest) && ! (is_numeric($value) && ! is_finite((float) $value)));
        }
        foreach ($value as $key => $inner) {
            if (! $this->isText((string) $key) || ! $this->isPlain($inner, $fields, $depth + 1)) {
                return false;
            }
        }

        return true;
    }

    private function isText(string $value, int $longest = self::LONGEST): bool
    {
        return strlen($value) <= $longest && ! str_contains($value, "\0") && mb_check_encoding($value, 'UTF-8');
    }
}
