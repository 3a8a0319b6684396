<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Acts\PressLog;
use App\View\FormFields;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * A form of many fields carries what it showed. Of what comes back only the fields that were changed on it count: what
 * somebody else saved meanwhile stays, and is told of; a field that both changed is asked about. Under the lock of the act.
 */
final class StaleForm
{
    private const FIELD = 'showed';

    /** Packed, a form of many zones is shorter than this; nothing unpacks to more, bytes. */
    private const MOST_BYTES = 200_000;

    public function __construct(private readonly PressLog $acts)
    {
    }

    /** @param string $page name of the route that shows the form */
    public function handle(Request $request, Closure $next, string $page): Response
    {
        return $request->isMethodSafe() ? $this->carrying($request, $next($request), $page) : $this->merged($request, $next, $page);
    }

    private function carrying(Request $request, Response $response, string $page): Response
    {
        $html = (string) $response->getContent();
        if ($response->getStatusCode() !== 200 || ! str_contains($html, ' data-showed')) {
            return $response;
        }
        // A form that came back shows what was typed: what stands is read from one that nobody typed in.
        $fields = $request->session()->hasOldInput() ? $this->standing($request, $page) : FormFields::of($html);
        $packed = base64_encode((string) gzdeflate((string) json_encode($fields->values, JSON_INVALID_UTF8_SUBSTITUTE)));
        $response->setContent(preg_replace_callback(
            '/<form[^>]* data-showed[^>]*>/',
            fn (array $form): string => "{$form[0]}<input type=\"hidden\" name=\"".self::FIELD."\" value=\"{$packed}\">",
            $html,
            1,
        ));

        return $response;
    }

    private function merged(Request $request, Closure $next, string $page): Response
    {
        $showed = self::unpacked($request->input(self::FIELD));
        $request->request->remove(self::FIELD);
        $by = $this->acts->newestSince($request);
        if ($showed === null || $by === null) {
            return $next($request);
        }
        $now = $this->standing($request, $page);
        $typed = FormFields::flat((array) $request->attributes->get('typed', $request->input()), $now->lists);
        $who = $this->acts->lastAt($request)->name ?? $by->name;
        $input = $request->input();
        [$theirs, $both] = [[], []];
        foreach ($now->values + array_fill_keys(array_keys($showed), '') as $name => $is) {
            [$was, $mine] = [$showed[$name] ?? '', $typed[$name] ?? ''];
            if ($is === $was || $is === $mine) {
                continue;
            }
            if ($mine === $was) {
                isset($now->values[$name]) ? Arr::set($input, $name, $now->kept[$name] ?? $is) : Arr::forget($input, $name);
                $theirs[] = $now->labels[$name] ?? '';
            } else {
                $both[$name] = (string) __('form.meanwhile', ['who' => $who, 'was' => self::said($was), 'is' => self::said($is)]);
            }
        }
        if ($both !== []) {
            throw ValidationException::withMessages($both);
        }
        $request->request->replace($input);
        $response = $next($request);
        $names = array_values(array_unique(array_filter($theirs)));
        if ($theirs !== [] && $request->session()->has('notice')) {
            $request->session()->flash('notice', $request->session()->get('notice').' '.($names === []
                ? __('form.others_stay', ['who' => $who])
                : __('form.others_stay_named', ['who' => $who, 'what' => implode(', ', $names)])));
        }

        return $response;
    }

    /** The page's form as it would be shown now, with nothing typed. */
    private function standing(Request $request, string $page): FormFields
    {
        $route = Route::getRoutes()->getByName($page) ?? throw new \LogicException("there is no page {$page}");
        $session = $request->session();
        [$old, $errors] = [$session->get('_old_input'), View::shared('errors')];
        $session->forget('_old_input');
        View::share('errors', new ViewErrorBag());
        try {
            $shown = app()->call(
                $route->getControllerClass().'@'.$route->getActionMethod(),
                array_filter($request->route()?->parameters() ?? [], is_object(...)),
            );

            return FormFields::of($shown instanceof \Illuminate\View\View ? $shown->render() : '');
        } finally {
            View::share('errors', $errors);
            if ($old !== null) {
                $session->now('_old_input', $old);
            }
        }
    }

    /** @return array<string, string|list<string>>|null */
    private static function unpacked(mixed $packed): ?array
    {
        $json = is_string($packed) ? @gzinflate((string) base64_decode($packed, true), self::MOST_BYTES) : false;
        $showed = $json === false ? null : json_decode($json, true);

        return ! is_array($showed) ? null : array_map(
            fn (string|array $v): string|array => is_array($v) ? array_values(array_filter($v, is_string(...))) : $v,
            array_filter($showed, fn (mixed $v): bool => is_string($v) || is_array($v)),
        );
    }

    /** @param string|list<string> $value */
    private static function said(string|array $value): string
    {
        $said = is_array($value) ? implode(', ', $value) : $value;

        return $said === '' ? (string) __('shelf.nothing') : $said;
    }
}
