<?php

declare(strict_types=1);

namespace App\Acts;

use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The database did not take an act: nothing of it stands, and what was typed is given back with the same mark. */
final class NotRecorded extends \RuntimeException
{
    /** Never shown again, and not to be sent again. */
    private const SECRET = ['password', 'password_confirmation', 'current_password'];

    /** What a form sends that nobody typed. */
    public const UNSPOKEN = ['_token', '_method', 'token', 'seen', 'showed', 'to', 'kind', 'zones_typed', 'editing'];

    public static function because(\Throwable $why): self
    {
        return new self('An act was not recorded: '.$why->getMessage(), 0, $why);
    }

    public function render(Request $request): Response
    {
        $typed = [];
        foreach ($request->except(['_token', ...self::SECRET, ...array_keys($request->allFiles())]) as $name => $value) {
            self::flatten((string) $name, $value, $typed);
        }

        return response()->view('errors.not-recorded', [
            'to' => $request->fullUrl(),
            'typed' => $typed,
            'shown' => self::spoken(array_filter($typed, fn (string $value, string $name): bool => $value !== ''
                && ! in_array($name, self::UNSPOKEN, true) && ! str_starts_with($name, 'measured['), ARRAY_FILTER_USE_BOTH)),
            'lacks' => $request->allFiles() !== [] || array_intersect_key($request->input(), array_flip(self::SECRET)) !== [],
        ], 500);
    }

    /**
     * @param array<string, string> $typed by the name that a form gives it
     *
     * @return array<string, string> by what it is called
     */
    private static function spoken(array $typed): array
    {
        $names = array_map(
            fn (string $name): string => (string) (__('errors.fields')[$name] ?? ucfirst(trim(str_replace(['_', '[', ']'], ' ', $name)))),
            array_keys($typed),
        );

        return array_combine($names, $typed);
    }

    /** @param array<string, string> $typed by the name that a form gives it */
    private static function flatten(string $name, mixed $value, array &$typed): void
    {
        foreach (is_array($value) ? $value : [] as $key => $inner) {
            self::flatten("{$name}[{$key}]", $inner, $typed);
        }
        if (is_scalar($value)) {
            $typed[$name] = (string) $value;
        }
    }
}
