<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/**
 * What is typed far from what it should be is asked about at its field, and nothing is kept. Pressed again as it is, it
 * counts: it may be so.
 */
final class Doubt
{
    /** Under which the page that follows finds what was asked. */
    public const KEY = 'doubt';

    private const SURE = 'sure';

    /**
     * @param string $of       what is doubted, its value included: another value is asked about anew
     * @param string $question at the field
     * @param string $yes      on the button that keeps it all the same
     * @param string $bag      of errors that the form shows
     *
     * @throws ValidationException Unless it was asked before, and pressed again.
     */
    public static function ask(Request $request, string $field, string $of, string $question, string $yes, string $bag = 'default'): void
    {
        if (in_array("{$field}:{$of}", explode('|', (string) $request->string(self::SURE)), true)) {
            return;
        }
        $sure = array_filter([(string) $request->string(self::SURE), "{$field}:{$of}"]);
        $request->session()->flash(self::KEY, [
            'field' => $field,
            'to' => $request->url(),
            'method' => $request->method(),
            'yes' => $yes,
            'input' => [self::SURE => implode('|', $sure)] + array_filter(
                array_diff_key(
                    (array) $request->attributes->get('typed', $request->input()),
                    array_flip(['_token', '_method', 'token', self::SURE]),
                ),
                is_scalar(...),
            ),
        ]);

        throw ValidationException::withMessages([$field => $question])->errorBag($bag);
    }
}
