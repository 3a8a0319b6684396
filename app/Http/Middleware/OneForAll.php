<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Acts\PressLog;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\Press;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use OakGloss\Fact\Kind\Struck;
use Symfony\Component\HttpFoundation\Response;

/**
 * What two people did together is pressed on two devices: where neither page showed the other's press yet, it is one act,
 * and the second is told whose. From a page that shows the first it is a second one, and stays. Under the lock of the act.
 */
final class OneForAll
{
    public function __construct(private readonly PressLog $acts)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $user */
        $user = $request->user();
        $first = $this->acts->pressedMeanwhile($request, $user);
        if ($first === null || $this->wasTakenBack($first)) {
            return $next($request);
        }
        $request->attributes->set(PressLog::JOINED, true);

        return redirect()->to($first->leads_to)->with('notice', __('acts.joined', ['who' => $first->user->name]));
    }

    /** Whether what it wrote was struck out since, or hours were changed after it. */
    private function wasTakenBack(Press $act): bool
    {
        if (str_starts_with((string) $act->path, 'hours/')) {
            return Press::query()->where('shop_id', $act->shop_id)->where('id', '>', $act->id)
                ->where('path', 'like', 'hours/%')->where('same', '!=', $act->same)->exists();
        }
        $written = PartFact::query()->where('token', 'like', "{$act->token}:%")
            ->whereIn('part_id', Part::query()->where('shop_id', $act->shop_id)->select('id'))->pluck('id')->all();

        return $written !== [] && PartFact::query()->where('kind', Struck::KIND)
            ->whereIn('data->target', $written)->exists();
    }
}
