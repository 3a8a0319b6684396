<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calendar\KeptCalendar;
use App\Models\Feed;
use App\Models\Shop;
use App\Models\User;
use App\People\Audit;
use App\Time\ShopClock;
use App\Words\Formatter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The run sheet as a calendar: a file, and a private address that calendars read again and again. */
final class CalendarController
{
    private const NOTED_EVERY_S = 600;

    public function __construct(
        private readonly KeptCalendar $calendar,
        private readonly Audit $audit,
    ) {
    }

    public function file(#[CurrentUser] User $user): Response
    {
        // Noted when the answer is out: a download waits for no lock.
        defer(fn () => $this->audit->note($user->shop_id, 'exported', $user, ['file' => 'run-sheet.ics']));

        return $this->answer($user->shop)->header('Content-Disposition', 'attachment; filename="run-sheet.ics"');
    }

    /** Without a login: whoever knows the address may read. Unknown and revoked look the same. */
    public function feed(string $token, ShopClock $clock, Formatter $format): Response
    {
        $feed = Feed::query()->where('token_hash', hash('sha256', $token))->whereNull('revoked_at')->first();
        abort_if($feed === null, 404);
        // Nothing waits for a lock to be read, and who asks every minute is noted now and then.
        if ($feed->last_read_at === null || $feed->last_read_at->diffInSeconds($clock->now(), true) > self::NOTED_EVERY_S) {
            defer(fn () => $feed->update(['last_read_at' => $clock->now()]));
        }
        $format->in($feed->shop);

        return $this->answer($feed->shop);
    }

    public function open(ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $token = Str::lower(Str::random(40));
        $user->shop->feeds()->create(['user_id' => $user->id, 'token_hash' => hash('sha256', $token), 'made_at' => $clock->now()]);
        $this->audit->note($user->shop_id, 'feed_opened', $user);

        return redirect()->to(route('run-sheet').'#calendar')->with('feed', route('feed', $token));
    }

    public function revoke(Feed $feed, ShopClock $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $feed->update(['revoked_at' => $clock->now()]);
        $this->audit->note($user->shop_id, 'feed_revoked', $user);

        return redirect()->to(route('run-sheet').'#calendar')->with('notice', __('sheet.revoked'));
    }

    private function answer(Shop $shop): Response
    {
        return response($this->calendar->of($shop))->header('Content-Type', 'text/calendar; charset=utf-8');
    }
}
