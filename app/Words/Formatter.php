<?php

declare(strict_types=1);

namespace App\Words;

use App\Clock\ShopClock;
use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Time\ShopTime;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Auth\Guard;
use Illuminate\Support\Str;
use OakGloss\Cloth\Piece;
use OakGloss\Cure\Activation;
use OakGloss\Cure\CureEvent;
use OakGloss\Cure\TackWindow;
use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Geometry\Zone;
use OakGloss\Geometry\ZoneKind;
use OakGloss\Method\Step;
use OakGloss\Mixing\Batch;
use OakGloss\Mixing\MixRatio;
use OakGloss\Plan\ClearPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\ZoneState;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\NextAct;
use OakGloss\Schedule\StepTime;
use OakGloss\Schedule\Way;

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

    /** Air that moves less than this is steady, °C an hour. */
    private const STEADY_C = 0.1;

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

    public function clock(float $minutes): string
    {
        return $this->time()->local($minutes)->format('H:i');
    }

    /** As a field of date and time takes it. */
    public function typedTime(float $minutes): string
    {
        return $this->time()->local($minutes)->format('Y-m-d\TH:i');
    }

    /** Whether two moments would read alike, or lie nearer than so many minutes. */
    public function isSame(?float $a, ?float $b, float $withinMin = 1.0): bool
    {
        return abs(($a ?? -INF) - ($b ?? -INF)) < $withinMin || ($a === null && $b === null);
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

    /** @return list<string> `today`, `yesterday`, `Mon 8 Mar` and so many days back */
    public function daysAgo(int $days): array
    {
        $today = $this->time()->local($this->clock->nowMin());

        return array_map(fn (int $ago): string => match ($ago) {
            0 => 'today',
            1 => 'yesterday',
            default => $today->subDays($ago)->format('D j M'),
        }, range(0, $days));
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

    /** `12.4 g resin + 5.1 g hardener`, with what tints it. */
    public function batch(Batch $batch): string
    {
        $jars = array_filter(['resin' => $batch->resinG, 'hardener' => $batch->hardenerG, 'pigment' => $batch->pigmentG]);

        return implode(' + ', array_map(fn (string $jar, float $g): string => $this->grams($g)." {$jar}", array_keys($jars), $jars));
    }

    /** `ABS, primed`. */
    public function substrate(Part $part): string
    {
        return $this->word('substrate', $part->substrate).($part->primed ? ', '.__('parts.primed') : '');
    }

    /** `180 ml clear + 90 ml hardener + 18 ml reducer`: the mix for all coats. */
    public function clearMix(ClearPlan $clear): string
    {
        $jars = array_filter($clear->mixMl(), fn (float $ml, string $jar): bool => $jar === 'clear' || $ml > 0.0, ARRAY_FILTER_USE_BOTH);

        return implode(' + ', array_map(fn (string $jar, float $ml): string => round($ml)." ml {$jar}", array_keys($jars), $jars));
    }

    public function um(float $micrometres): string
    {
        return (string) round($micrometres).' µm';
    }

    /** `0.4 mm`, or `none` where a tenth would read as nothing. */
    public function orNone(float $value, string $unit): string
    {
        return $value < 0.05 ? (string) __('film.no') : number_format($value, 1)." {$unit}";
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

    /** `43.2`: parts of hardener to 100 of resin. */
    public function hardener(MixRatio $ratio): string
    {
        return number_format(100.0 * $ratio->hardenerPerResin, 1);
    }

    /** `52.1 kJ/mol`. */
    public function activation(Activation $activation): string
    {
        return round($activation->joulePerMol / 1000.0, 1).' kJ/mol';
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

    /** `rising 0.4/h`; null where the air is steady. */
    public function trend(float $celsiusPerHour): ?string
    {
        return abs($celsiusPerHour) < self::STEADY_C ? null : (string) __(
            $celsiusPerHour > 0.0 ? 'app.rising' : 'app.falling',
            ['by' => number_format(abs($celsiusPerHour), 1)],
        );
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

    /**
     * A step on the run sheet, for who hears it.
     *
     * @param array{step: PlannedStep, time: StepTime, pinned: bool} $block
     */
    public function block(Part $part, array $block): string
    {
        return __('sheet.block', [
            'letter' => $part->letter,
            'step' => $this->step($block['step']->step),
            'from' => $this->when($block['time']->startMin),
            'to' => $this->clock($block['time']->endMin),
        ]).($block['time']->way === Way::Keyed ? __('sheet.block_keyed') : '').($block['pinned'] ? __('sheet.block_pinned') : '');
    }

    public function stepDo(Step $step): string
    {
        return (string) __("steps.{$step->name}.do", $step->args);
    }

    public function cue(Step $step): string
    {
        return (string) __("steps.{$step->name}.cue", $step->args);
    }

    /** `print, nothing lifts`, `paper clogs`: what a check of a coat said. */
    public function check(string $said): string
    {
        return $this->word(in_array($said, ['clogs', 'dusts'], true) ? 'paper' : 'touch', $said);
    }

    /** How fast a resin cures in this shop, against its sheet. */
    public function pace(float $factor): string
    {
        $off = (int) round(100.0 * ($factor - 1.0));

        return (string) __('shelf.pace.'.($off === 0 ? 'as_sheet' : ($off > 0 ? 'slower' : 'faster')), ['percent' => abs($off)]);
    }

    /** When somebody was last there. */
    public function presence(User $person): string
    {
        $at = $person->left_at ?? $person->signed_in_at;

        return (string) __('people.'.($person->left_at !== null ? 'left' : ($at === null ? 'never_in' : 'last_in')), [
            'at' => $at === null ? '' : $this->date(ShopTime::minutes($at)),
        ]);
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

    /**
     * The cases of an enum for a choice field.
     *
     * @param list<\BackedEnum> $cases
     *
     * @return array<int|string, string> words by value
     */
    public function choices(string $group, array $cases): array
    {
        return array_combine(
            array_map(fn (\BackedEnum $case): int|string => $case->value, $cases),
            array_map(fn (\BackedEnum $case): string => $this->word($group, (string) $case->value), $cases),
        );
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
            default => ' · '.$this->slope($zone),
        };
    }

    public function slope(Zone $zone): string
    {
        return $zone->slopeDeg < 1.0 ? 'level' : round($zone->slopeDeg).'°';
    }
}
