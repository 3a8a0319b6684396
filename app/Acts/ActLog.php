<?php

declare(strict_types=1);

namespace App\Acts;

use App\Models\Act;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * The one rule of every write: its form carries a mark of its own; the same press sent twice, by a nervous finger or a
 * network that stutters, is one act; and a mark that was used for something else is refused. Asked and noted under the
 * write lock of the act.
 */
final class ActLog
{
    /** Marks of forms hold no colon; what the server adds to one does. */
    public const PATTERN = '/^[A-Za-z0-9_-]{1,64}$/D';

    /** So long a press may be on its way, days. */
    private const KEPT_DAYS = 30;

    public static function mark(): string
    {
        return Str::random(24);
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
        $act = Act::query()->where('shop_id', $user->shop_id)->where('token', $token)->first();
        if ($act === null) {
            return null;
        }
        if ($act->what !== $this->what($request, $user)) {
            throw ValidationException::withMessages(['act' => __('acts.other_mark')]);
        }

        return redirect()->to($act->leads_to)->with('notice', __('acts.already'));
    }

    public function note(Request $request, User $user, Response $response): void
    {
        Act::query()->where('made_at', '<', now()->subDays(self::KEPT_DAYS))->delete();
        Act::query()->create([
            'shop_id' => $user->shop_id,
            'user_id' => $user->id,
            'token' => $request->input('token'),
            'what' => $this->what($request, $user),
            'leads_to' => (string) ($response->headers->get('Location') ?? url()->previous()),
            'made_at' => now(),
        ]);
    }

    private function what(Request $request, User $user): string
    {
        $sent = $request->except(['_token', '_method', 'token']);
        array_walk_recursive($sent, function (mixed &$value): void {
            $value = $value instanceof UploadedFile ? hash_file('sha256', $value->getPathname()) : $value;
        });

        return hash('sha256', serialize([$user->id, $request->method(), $request->path(), $sent]));
    }
}
