<?php

declare(strict_types=1);

namespace App\Acts;

use App\Models\Press;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\HtmlString;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * The one rule of every write: its form carries a mark of its own; the same press sent twice, by a nervous finger or a
 * network that stutters, is one act; and a mark that was used for something else is refused. Asked and noted under the
 * write lock of the act.
 */
final class PressLog
{
    /** Marks of forms hold no colon; what the server adds to one does. */
    public const PATTERN = '/^[A-Za-z0-9_-]{1,64}$/D';

    /** Field of a form: the newest act when its page was read. */
    public const SEEN = 'seen';

    /** Attribute of a request that turned out to be another's act. */
    public const JOINED = 'joined';

    /** So long a press may be on its way, days. */
    private const KEPT_DAYS = 30;

    /** What a form sends besides what was typed; and what no quick hash may be kept of. */
    private const BESIDES = ['_token', '_method', 'token', self::SEEN, 'password', 'password_confirmation', 'current_password'];

    public static function mark(): string
    {
        return Str::random(24);
    }

    /** What every form that writes carries: the session's mark against other sites, its own, and what its page showed. */
    public static function fields(Request $request): HtmlString
    {
        $seen = $request->attributes->get(self::SEEN);

        return new HtmlString(
            csrf_field().'<input type="hidden" name="token" value="'.self::mark().'">'
            .(is_int($seen) ? '<input type="hidden" name="'.self::SEEN.'" value="'.$seen.'">' : ''),
        );
    }

    /** What a page that is read now has seen: asked before anything else that it shows. */
    public static function newest(int $shopId): int
    {
        return (int) Press::query()->where('shop_id', $shopId)->orderByDesc('id')->value('id');
    }

    /**
     * What the same press was answered; null for one that is new.
     *
     * @throws ValidationException If the mark is missing or belongs to another act.
     */
    public function answered(Request $request, User $user): ?Response
    {
        $token = $request->input('token');
        if (! is_string($token) || preg_match(self::PATTERN, $token) !== 1) {
            throw ValidationException::withMessages(['act' => __('acts.no_mark')]);
        }
        $act = Press::query()->where('shop_id', $user->shop_id)->where('token', $token)->first();
        if ($act === null) {
            return null;
        }
        if ($act->what !== $this->what($request, $user)) {
            throw ValidationException::withMessages(['act' => __('acts.other_mark')]);
        }

        return redirect()->to($act->leads_to)->with('notice', __('acts.already'));
    }

    /** Drops marks so old that no press with one is still on its way. */
    public static function prune(): int
    {
        return (int) Press::query()->where('made_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
    }

    public function note(Request $request, User $user, Response $response): void
    {
        Press::query()->create([
            'shop_id' => $user->shop_id,
            'user_id' => $user->id,
            'token' => $request->input('token'),
            'what' => $this->what($request, $user),
            // A press that joined another wrote nothing that a third could join.
            'same' => $request->attributes->has(self::JOINED) ? null : $this->same($request),
            'path' => self::path($request),
            'leads_to' => (string) ($response->headers->get('Location') ?? url()->previous()),
            'made_at' => now(),
        ]);
    }

    /** The same thing, pressed from a page that did not show this press yet; null if there is none, or the form says not what it showed. */
    public function pressedMeanwhile(Request $request, User $user): ?Press
    {
        $seen = self::seen($request);

        return $seen === null ? null : Press::query()->with('user')->where('shop_id', $user->shop_id)
            ->where('same', $this->same($request))->where('id', '>', $seen)->orderByDesc('id')->first();
    }

    /** Who did anything after the form was shown, and did it last; null if nothing was done, or the form says not what it showed. */
    public function newestSince(Request $request): ?User
    {
        return $this->since($request)?->orderByDesc('id')->first()?->user;
    }

    /** Who sent something to the form's own address, or below it, after it was shown. */
    public function lastAt(Request $request): ?User
    {
        $path = self::path($request);

        return $this->since($request)?->where(fn (Builder $q) => $q->where('path', $path)->orWhere('path', 'like', "{$path}/%"))
            ->orderByDesc('id')->first()?->user;
    }

    /** @return Builder<Press>|null */
    private function since(Request $request): ?Builder
    {
        $seen = self::seen($request);

        return $seen === null ? null : Press::query()->with('user')->where('shop_id', $request->user()?->shop_id)->where('id', '>', $seen);
    }

    private static function seen(Request $request): ?int
    {
        $seen = $request->input(self::SEEN);

        return is_string($seen) && preg_match('/^\d{1,15}$/D', $seen) === 1 ? (int) $seen : null;
    }

    private static function path(Request $request): string
    {
        return mb_substr($request->path(), 0, 200);
    }

    private function what(Request $request, User $user): string
    {
        return hash('sha256', serialize([$user->id, $request->method(), $request->path(), $this->sent($request)]));
    }

    private function same(Request $request): string
    {
        $sent = $this->sent($request);
        ksort($sent);

        // Where it leads is of the page that it was pressed on, not of what was done.
        return hash('sha256', serialize([$request->method(), $request->path(), array_diff_key($sent, ['to' => 0, 'measured' => 0])]));
    }

    /** @return array<array-key, mixed> */
    private function sent(Request $request): array
    {
        $sent = $request->except(self::BESIDES);
        array_walk_recursive($sent, function (mixed &$value): void {
            $value = $value instanceof UploadedFile ? hash_file('sha256', $value->getPathname()) : $value;
        });

        return $sent;
    }
}
