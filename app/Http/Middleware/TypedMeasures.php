<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Words\Measures;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use OakGloss\Quantity\NotUnderstood;
use OakGloss\Quantity\Typed;
use OakGloss\Quantity\Unit;
use Symfony\Component\HttpFoundation\Response;

/**
 * Fields with a unit say which one they show and which one is kept. What is typed in them may carry a unit of its own; what
 * nobody changed stays to the last digit what it was. A form that comes back shows what was typed.
 */
final readonly class TypedMeasures
{
    private const FIELD = 'measured';

    public function __construct(private Measures $measures)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $fields = $request->input(self::FIELD);
        if (! is_array($fields)) {
            return $next($request);
        }
        $typed = $request->input();
        $request->attributes->set('typed', $typed);
        $input = $request->except(array_keys($request->allFiles()));
        $wrong = [];
        foreach ($fields as $name => $says) {
            $value = is_string($says) ? Arr::get($input, (string) $name) : null;
            if (! is_string($value) || $value === '') {
                continue;
            }
            try {
                $kept = $this->kept($value, (string) $says);
                $kept === null ?: Arr::set($input, (string) $name, $kept);
            } catch (NotUnderstood $e) {
                $wrong[(string) $name] = self::says($e);
            }
        }
        // While somebody still types, the answer says itself what it can't read.
        if ($wrong !== [] && $request->header('HX-Request') !== 'true') {
            throw ValidationException::withMessages($wrong);
        }
        $request->isMethod('GET') ? $request->query->replace($input) : $request->request->replace($input);
        $response = $next($request);
        if ($request->hasSession() && $request->session()->has('errors') && $request->session()->has('_old_input')) {
            $old = $request->session()->getOldInput();
            foreach (array_keys($fields) as $name) {
                Arr::set($old, (string) $name, Arr::get($typed, (string) $name));
            }
            $request->session()->flashInput($old);
        }

        return $response;
    }

    private static function says(NotUnderstood $e): string
    {
        $what = mb_substr($e->what, 0, 40);
        $figure = strtr($e->what, [',' => '', '.' => '']);

        return (string) __($e->measure === null && $e->why === 'no_number' ? 'form.measure.no_figure' : "form.measure.{$e->why}", [
            'what' => $what, 'measure' => $e->measure === null ? '' : __("form.measures.{$e->measure->value}"),
            'units' => implode(', ', $e->units()),
            'thousands' => $figure, 'tenths' => rtrim(rtrim(strtr($e->what, ',', '.'), '0'), '.'),
        ]);
    }

    /** In the unit that is kept; null where it is left to the field's own check. */
    private function kept(string $value, string $says): ?string
    {
        [$label, $kept, $was, $exact] = explode('|', $says) + ['', '', '', ''];
        if ($kept === '') {
            $number = trim($value) === $was ? null : Typed::figure($value, $label, $this->measures->mark());

            return $number === null ? null : (string) json_encode($number);
        }
        [$shown, $kept] = [Unit::tryFrom($label), Unit::tryFrom($kept)];
        if ($shown === null || $kept === null || $shown->measure() !== $kept->measure()) {
            return null;
        }
        if (trim($value) === $was && is_numeric($exact)) {
            return $exact;
        }
        $number = Typed::read($value, $shown, $kept, $this->measures->mark());

        return $number === null ? null : (string) json_encode(round($number, 9));
    }
}
