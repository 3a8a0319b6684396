<?php

declare(strict_types=1);

namespace App\Words;

use App\Clock\ShopClock;
use App\Models\Shop;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Auth\Guard;
use Illuminate\Support\Str;
use OakGloss\Cloth\Piece;
use OakGloss\Cure\CureEvent;
use OakGloss\Cure\TackWindow;
use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Method\Step;
use OakGloss\Plan\ZoneState;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\NextAct;

/** The core's values as short words and figures, in the shop's zone. Rounded here and nowhere before. */
final class Formatter implements Words
{
    private ?ShopTime $time = null;

    public function __construct(private readonly ShopClock $clock, private readonly Guard $guard)
    {
    }

    public function time(): ShopTime
    {
        /** @var \App\Models\User|null $user */
        $user = $this->guard->user();

        return $this->time ??= new ShopTime($user->shop->zone ?? 'UTC');
    }

    /** Speaks in a shop's zone where nobody is signed in. */
    public function in(Shop $shop): void
    {
        $this->time = new ShopTime($shop->zone);
    }

    /** Weekdays come again: from so many days on the date is said. */
    private const DATE_FROM_DAYS = 7;

    /** `16:50` today, `tomorrow 08:05`, `Mon 08:05` within six days, else `Mon 22 Mar 08:05`. */
    public function when(?float $minutes): string
    {
        if ($minutes === null || ! is_finite($minutes)) {
            return '–';
        }

        return match ($this->daysFromToday($minutes)) {
            0 => $this->time()->local($minutes)->format('H:i'),
            1 => 'tomorrow '.$this->time()->local($minutes)->format('H:i'),
            default => $this->day($minutes),
        };
    }

    private function daysFromToday(float $minutes): int
    {
        return (int) $this->time()->local($this->clock->nowMin())->startOfDay()->diffInDays($this->time()->local($minutes)->startOfDay());
    }

    /** `tomorrow 16:49 to 19:26`: the day is said once where it is the same. */
    public function between(?float $from, ?float $until): string
    {
        if ($from === null || $until === null || ! $this->time()->local($from)->isSameDay($this->time()->local($until))) {
            return $this->when($from).' to '.$this->when($until);
        }

        return $this->when($from).' to '.$this->time()->local($until)->format('H:i');
    }

    /** Always with the weekday: `Fri 15:20`, and with the date beyond six days: `Fri 26 Mar 15:20`. */
    public function day(?float $minutes): string
    {
        if ($minutes === null || ! is_finite($minutes)) {
            return '–';
        }

        return $this->time()->local($minutes)->format(abs($this->daysFromToday($minutes)) < self::DATE_FROM_DAYS ? 'D H:i' : 'D j M H:i');
    }

    public function date(?float $minutes): string
    {
        return $minutes === null || ! is_finite($minutes) ? '–' : $this->time()->local($minutes)->format('D j M H:i');
    }

    /** Of a local date as it is kept; one that is none stays as it is. */
    public function dayOf(string $date): string
    {
        return CarbonImmutable::hasFormat($date, 'Y-m-d') ? CarbonImmutable::parse($date)->format('D j M') : $date;
    }

    /** `42 min`, `1 h 12`, `2 d 3 h`. */
    public function span(float $minutes): string
    {
        $whole = (int) round(max(0.0, $minutes));

        return match (true) {
            $whole < 60 => "{$whole} min",
            $whole < 2880 => sprintf('%d h %02d', intdiv($whole, 60), $whole % 60),
            default => sprintf('%d d %d h', intdiv($whole, 1440), intdiv($whole % 1440, 60)),
        };
    }

    public function grams(float $grams): string
    {
        return number_format($grams, $grams < 100.0 ? 1 : 0, '.', ' ').' g';
    }

    /** `1 can`, `3 cans`. */
    public function count(int $n, string $noun): string
    {
        return "{$n} ".Str::plural($noun, $n);
    }

    public function weight(float $gramsASquareMetre): string
    {
        return (string) round($gramsASquareMetre).' g/m²';
    }

    public function um(float $micrometres): string
    {
        return (string) round($micrometres).' µm';
    }

    public function area(float $squareMetres): string
    {
        return number_format($squareMetres, $squareMetres < 1.0 ? 3 : 2).' m²';
    }

    public function percent(float $share): string
    {
        $percent = 100.0 * $share;

        return match (true) {
            $percent < 0.01 => 'under 0.01 %',
            $percent < 0.1 => number_format($percent, 2).' %',
            $percent < 10.0 => number_format($percent, 1).' %',
            default => round($percent).' %',
        };
    }

    /** The chance that any of a zone shows, `6 %`. A habit errs everywhere at once. */
    public function chance(?ZoneState $state): string
    {
        return $this->percent($state?->anyShows() ?? 0.0);
    }

    public function celsius(float $c): string
    {
        return number_format($c, 1).' °C';
    }

    /** Early to late bound of an event. */
    public function spread(?CureEvent $event): string
    {
        return $event === null ? '' : $this->between($event->earlyMin, $event->lateMin);
    }

    /** `sure 16:20 to 17:05`, or that doubt leaves nothing sure. */
    public function sure(TackWindow $window): string
    {
        $sure = $window->sure();

        return $sure === null ? 'nothing sure' : 'sure '.$this->between($sure['from'], $sure['until']);
    }

    /** How the next step stands, in half a line. */
    public function state(NextAct $next, float $nowMin): string
    {
        return match ($next->state) {
            // A coat starts a clock: it has no any time.
            ActState::Ready => $next->step->batch !== null ? 'starts a clock' : 'any time',
            ActState::Keyed => 'keyed',
            ActState::Waiting => 'ready '.$this->when($next->changesAtMin()),
            ActState::Open => 'window open, closes in '.$this->span(($next->changesAtMin() ?? $nowMin) - $nowMin),
            ActState::MissedWait => 'window missed, sandable '.$this->when($next->keyFromMin),
            ActState::KeyFirst => 'window missed, key first',
        };
    }

    public function step(Step $step): string
    {
        return trans_choice("steps.{$step->name}.title", $step->args['coats'] ?? 1, $step->args);
    }

    public function stepDo(Step $step): string
    {
        return (string) __("steps.{$step->name}.do", $step->args);
    }

    public function cue(Step $step): string
    {
        return (string) __("steps.{$step->name}.cue", $step->args);
    }

    /** What a fact says in short: `Sanded P240, matt`, `Tack check: print, nothing lifts`. */
    public function fact(Content $content): string
    {
        $details = $content->details($this);

        return $this->label($content::KIND).($details === [] ? '' : ' '.implode(', ', $details));
    }

    /** The name of a kind of fact, as it stands on its button. */
    public function label(string $kind): string
    {
        return (string) __("facts.{$kind}.label");
    }

    /** Its line in the record. */
    public function record(Content $content): string
    {
        return $content->record($this);
    }

    public function phrase(Content $of, string $name, array $args = []): string
    {
        return (string) __('facts.'.$of::KIND.".{$name}", $args);
    }

    /** `580 × 380 mm`. */
    public function piece(Piece $piece): string
    {
        return round($piece->lengthMm).' × '.round($piece->widthMm).' mm';
    }

    public function word(string $group, ?string $value): string
    {
        return $value === null ? '–' : (string) __("words.{$group}.{$value}");
    }

    /** The name of a step by its key alone. */
    public function stepName(string $key): string
    {
        $n = preg_match('/-(\d+)$/', $key, $found) === 1 ? " {$found[1]}" : '';
        $name = (string) preg_replace('/-\d+$/', '', $key);
        $title = (string) __('steps.'.strtr($name, '-', '_').'.title');

        return str_starts_with($title, 'steps.') ? $name.$n : (string) Str::of($title)->before('|')->before(', one ')->before(' :').$n;
    }

    /** `flank · 62°`, `rim · r 3 mm`. */
    public function zone(Zone $zone): string
    {
        return $zone->name.match ($zone->kind) {
            ZoneKind::Edge => ' · r '.round((float) $zone->radiusMm, 1).' mm',
            ZoneKind::Lap => ' · lap',
            ZoneKind::Bare => ' · bare',
            default => $zone->slopeDeg < 1.0 ? ' · level' : ' · '.round($zone->slopeDeg).'°',
        };
    }

}
