<?php

declare(strict_types=1);

namespace App\Bench;

use App\Devices\DeviceSilent;
use App\Devices\Scale;
use App\Devices\StreamScale;
use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Contracts\Cache\Repository;
use OakGloss\Mixing\ScaleMark;

/** The shop's scale as each person's weigh page follows it. What was heard is kept beside the data: it is no record. */
final readonly class Scales
{
    private const KEPT_S = 3600;

    public function __construct(private Repository $kept)
    {
    }

    /** What the page of this cup is to follow from now on; null where the shop has no scale. */
    public function follow(User $user, Part $part, Cup $cup): ?ScaleFollow
    {
        $key = $this->key($user, $part, $cup->step->step->key);
        $next = $cup->check()->isMade() ? $cup->next() : null;
        // Several cups are several marks, and drops are counted.
        if ($this->scale($part->shop) === null || $next === null || $cup->cups() > 1 || ($next === 'hardener' && $cup->isDropped())) {
            $this->kept->forget($key);

            return null;
        }
        $mark = new ScaleMark($cup->toAdd()[$next], $cup->planned->floor->workshop->scaleStepG);
        $follow = $this->kept->get($key);
        $follow = $follow instanceof ScaleFollow ? $follow : new ScaleFollow($next, $mark);
        $follow->turnTo($next, $mark);
        $this->kept->put($key, $follow, self::KEPT_S);

        return $follow;
    }

    /** Asks the scale what it wrote since, which takes two seconds at most. */
    public function hear(User $user, Part $part, string $step): ?ScaleFollow
    {
        $asked = $this->of($user, $part, $step);
        $scale = $this->scale($part->shop);
        if ($asked === null || $scale === null) {
            return null;
        }
        try {
            $text = $scale->since($asked->next);
        } catch (DeviceSilent) {
            $text = null;
        }
        // Meanwhile a jar was kept, or another screen heard it: that counts.
        $follow = $this->of($user, $part, $step);
        if ($follow === null || $follow->next !== $asked->next) {
            return $follow;
        }
        $text === null ? $follow->miss(self::nowS()) : $follow->hear($text, self::nowS());
        $this->kept->put($this->key($user, $part, $step), $follow, self::KEPT_S);

        return $follow;
    }

    public function of(User $user, Part $part, string $step): ?ScaleFollow
    {
        $follow = $this->kept->get($this->key($user, $part, $step));

        return $follow instanceof ScaleFollow ? $follow : null;
    }

    /** The cup is on it, as whoever stands there says. */
    public function begin(User $user, Part $part, string $step): void
    {
        $follow = $this->of($user, $part, $step);
        if ($follow !== null) {
            $follow->isBegun = true;
            $follow->countFrom(null);
            $this->kept->put($this->key($user, $part, $step), $follow, self::KEPT_S);
        }
    }

    /** What was poured is kept: the next jar counts from there, or, where it was typed, from the scale's next rest. */
    public function poured(User $user, Part $part, string $step, ?float $byScaleG): void
    {
        $follow = $this->of($user, $part, $step);
        if ($follow === null) {
            return;
        }
        $follow->countFrom($byScaleG === null ? null : (float) $follow->fromG + $byScaleG);
        $this->kept->put($this->key($user, $part, $step), $follow, self::KEPT_S);
    }

    /** Seconds on this machine's clock: a scale knows nothing of the shop's. */
    public static function nowS(): float
    {
        return now()->getTimestampMs() / 1000.0;
    }

    /** By its address; without one what is read from a line of this machine, if anything is. */
    private function scale(Shop $shop): ?Scale
    {
        $url = $shop->scaleAddress();
        if ($url !== null) {
            return app()->makeWith(Scale::class, ['url' => $url, 'allowed' => $shop->deviceRanges()]);
        }
        $stream = new StreamScale($this->kept, $shop->id);

        return $stream->isHeard() ? $stream : null;
    }

    private function key(User $user, Part $part, string $step): string
    {
        return "scale.{$user->id}.{$part->id}-{$part->created_at->getTimestamp()}.{$step}";
    }
}
