<?php

declare(strict_types=1);

namespace App\Health;

use App\Models\AuditEntry;
use App\Models\Shop;
use App\Planning\ShopFloor;
use Illuminate\Support\Facades\DB;

/** Whether what a shop rests on is well: data, disk, copies, probe, clock. */
final readonly class Health
{
    /** Less than this left on the data's disk is told, and much less is bad, bytes (ours). */
    private const LITTLE_ROOM = 1024 ** 3;
    private const NO_ROOM = 64 * 1024 ** 2;

    /** A nightly copy is missed after so long, a weekly trial, the poller's round; seconds (ours). */
    private const NIGHT_S = 26 * 3600;
    private const WEEK_S = 8 * 86400;
    private const ROUND_S = 900;

    /** The clock may lie so far behind the newest row, seconds (ours). */
    private const CLOCK_S = 300;

    public function __construct(private Notes $notes)
    {
    }

    /** @return list<Line> */
    public function lines(Shop $shop, ShopFloor $floor): array
    {
        return [
            $this->data($floor), $this->disk(), $this->backup(), $this->trial(), $this->stock($shop), $this->probe($shop),
            $this->poller($shop), $this->mend($shop), $this->clock(), new Line('queue', State::Good, 'queue'),
            new Line('version', State::Good, 'version', ['version' => self::version(), 'php' => PHP_VERSION]),
        ];
    }

    /** @return list<Line> what an owner is told of on the bench */
    public function told(Shop $shop, ShopFloor $floor): array
    {
        return array_values(array_filter($this->lines($shop, $floor), fn (Line $line): bool => $line->state->isTold()));
    }

    public static function version(): string
    {
        return trim((string) @file_get_contents(base_path('VERSION'))) ?: '–';
    }

    private function data(ShopFloor $floor): Line
    {
        $check = $this->notes->of(Notes::CHECK);

        return match (true) {
            $floor->leftOut !== [] => new Line('data', State::Bad, 'unreadable', ['rows' => implode(', ', $floor->leftOut)]),
            $check === null => new Line('data', State::Open, 'not_checked'),
            ! $check['ok'] => new Line('data', State::Bad, 'not_whole', ['at' => $check['at'], 'why' => $check['why'] ?? '']),
            default => new Line('data', State::Good, 'whole', ['at' => $check['at']]),
        };
    }

    private function disk(): Line
    {
        $free = @disk_free_space(dirname((string) config('database.connections.sqlite.database')));
        $args = ['gb' => round((float) $free / 1024 ** 3, 1)];

        return new Line('disk', match (true) {
            $free === false => State::Open,
            $free < self::NO_ROOM => State::Bad,
            $free < self::LITTLE_ROOM => State::Warn,
            default => State::Good,
        }, $free === false ? 'disk_unknown' : 'disk', $args);
    }

    private function backup(): Line
    {
        $note = $this->notes->of(Notes::BACKUP);
        $good = (int) ($note['good'] ?? 0);

        return match (true) {
            config('oak.demo') === true => new Line('backup', State::Open, 'demo_keeps_none'),
            $note === null => new Line('backup', State::Warn, 'no_backup'),
            ! $note['ok'] => new Line('backup', State::Bad, $good === 0 ? 'backup_failed' : 'backup_failed_since', [
                'at' => $note['at'], 'since' => $good, 'why' => $note['why'] ?? '',
            ]),
            time() - $note['at'] > self::NIGHT_S => new Line('backup', State::Bad, 'backup_late', ['at' => $note['at']]),
            default => new Line('backup', State::Good, 'backup', ['at' => $note['at'], 'file' => (string) ($note['file'] ?? '')]),
        };
    }

    private function trial(): Line
    {
        $note = $this->notes->of(Notes::TRIAL);

        return match (true) {
            config('oak.demo') === true => new Line('trial', State::Open, 'demo_keeps_none'),
            $note === null => new Line('trial', State::Open, 'no_trial'),
            ! $note['ok'] => new Line('trial', State::Bad, 'trial_failed', ['at' => $note['at'], 'why' => $note['why'] ?? '']),
            time() - $note['at'] > self::WEEK_S => new Line('trial', State::Warn, 'trial_late', ['at' => $note['at']]),
            default => new Line('trial', State::Good, 'trial', ['at' => $note['at'], 'said' => (string) ($note['said'] ?? '')]),
        };
    }

    /** What the nightly check said of lots since it last was well. */
    private function stock(Shop $shop): Line
    {
        $check = $this->notes->of(Notes::CHECK);
        $differs = $check !== null && ! $check['ok'] && AuditEntry::query()->where('shop_id', $shop->id)->where('what', 'stock_differs')
            ->where('at', '>=', now()->subDay())->exists();

        return match (true) {
            $differs => new Line('stock', State::Bad, 'stock_differs'),
            $check === null => new Line('stock', State::Open, 'not_checked'),
            default => new Line('stock', State::Good, 'stock'),
        };
    }

    private function probe(Shop $shop): Line
    {
        return match (true) {
            $shop->probeAddress() === null => new Line('probe', State::Open, 'no_probe'),
            $shop->probe_silent_because !== null => new Line('probe', State::Warn, 'probe_silent', ['why' => $shop->probe_silent_because]),
            $shop->probe_asked_at === null => new Line('probe', State::Open, 'probe_not_asked'),
            default => new Line('probe', State::Good, 'probe', ['at' => $shop->probe_asked_at->getTimestamp()]),
        };
    }

    private function poller(Shop $shop): Line
    {
        $note = $this->notes->of(Notes::POLL);

        return match (true) {
            $note === null => new Line('poller', $shop->probeAddress() === null ? State::Open : State::Warn, 'no_poller'),
            time() - $note['at'] > self::ROUND_S => new Line('poller', State::Warn, 'poller_late', ['at' => $note['at']]),
            default => new Line('poller', State::Good, 'poller', ['at' => $note['at']]),
        };
    }

    private function mend(Shop $shop): Line
    {
        $kept = $shop->keptPlans()->latest('id')->first()?->kept_at;

        return $kept === null
            ? new Line('mend', State::Open, 'no_mend') : new Line('mend', State::Good, 'mend', ['at' => $kept->getTimestamp()]);
    }

    /** A clock that went back puts acts before those that they follow. */
    private function clock(): Line
    {
        $newest = DB::table('facts')->max('recorded_at');
        $ahead = $newest === null || config('oak.demo') === true ? 0 : (int) strtotime("{$newest} UTC") - time();

        return $ahead > self::CLOCK_S
            ? new Line('clock', State::Bad, 'clock_behind', ['minutes' => (int) ceil($ahead / 60)])
            : new Line('clock', State::Good, 'clock');
    }
}
