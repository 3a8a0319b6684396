<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\Part;
use App\Models\Shop;
use App\Models\User;
use App\Time\ShopClock;
use App\Time\ShopTime;
use Illuminate\Contracts\Auth\Guard;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
use OakGloss\Climate\DewPoint;
use OakGloss\Cure\CureEvent;
use OakGloss\Cure\TackWindow;
use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Geometry\Zone;
use OakGloss\Method\Caution;
use OakGloss\Method\Step;
use OakGloss\Method\StepKind;
use OakGloss\Plan\FinishPlan;
use OakGloss\Plan\PlannedStep;
use OakGloss\Plan\SupplyUse;
use OakGloss\Plan\Taken;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\NextAct;
use OakGloss\Schedule\StepTime;
use OakGloss\Schedule\Way;

/** The core's values as short words and figures, in the shop's zone. Rounded here and nowhere before. */
final class Formatter implements Words
{
    use SaysFigures;
    use SaysTimes;

    public function __construct(private readonly ShopClock $clock, private readonly Guard $guard, private readonly Measures $measures)
    {
    }

    /** `ABS, primed`. */
    public function substrate(Part $part): string
    {
        return $this->word('substrate', $part->substrate).($part->primed ? ', '.__('parts.primed') : '');
    }

    /** Early to late bound of an event. */
    public function spread(?CureEvent $event): string
    {
        return $event === null ? '' : $this->between($event->earlyMin, $event->lateMin);
    }

    /** What a flatting leaves where it leaves least; null of any other step. */
    public function leaves(PlannedStep $step): ?string
    {
        $worst = $step->step->kind === StepKind::Flat ? $step->worst() : null;

        return $worst === null ? null : (string) __('bench.leaves', [
            'um' => $this->um($worst->left()->inMicrometres()),
            'zone' => $worst->zone->name,
        ]);
    }

    /** `about 20 g primer, 2.1 m masking tape`: what a step uses up besides; null of one that uses up nothing. */
    public function supplies(FinishPlan $plan, PlannedStep $step): ?string
    {
        $says = array_map(
            fn (Taken $t): string => $t->supply === null
                ? ''
                : $this->stock($t->quantity, $t->supply->unit()).' '.$this->word('supply', $t->supply),
            SupplyUse::of($plan, $step),
        );

        return $says === [] ? null : (string) __('bench.about', ['what' => implode(', ', $says)]);
    }

    /** How much of its worst face a plan bares; where nothing is flatted, what its nib paper would if it went over all of a face. */
    public function burnsThrough(FinishPlan $plan): string
    {
        $worst = $plan->worst();
        $cut = $plan->keyedThrough();

        return match (true) {
            $worst !== null => $this->percent($worst->risk()),
            $cut !== null && $cut[1] > $plan->shop->targetBurnThrough => (string) __('choose.nibs', [
                'zone' => $cut[0]->zone->name, 'share' => $this->percent($cut[1]),
            ]),
            default => (string) __('choose.no_film'),
        };
    }

    /** What spares a cause the next time. */
    public function prevents(string $cause): string
    {
        return (string) __("inspect.prevents.{$cause}", ['margin' => (string) DewPoint::MARGIN_C]);
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
            ActState::KeyFirst => (string) __('words.window_missed'),
        };
    }

    /** How a step follows the one before it, where its window is missed or let go; null where it is neither. The same on every page. */
    public function lost(bool $isMissed, ?Way $way): ?string
    {
        return match (true) {
            $isMissed => (string) __('words.window_missed'),
            $way === Way::Keyed => $this->word('way', Way::Keyed),
            default => null,
        };
    }

    public function step(Step $step): string
    {
        return trans_choice("steps.{$step->name}.title", $step->args['coats'] ?? $step->args['plies'] ?? 1, self::args($step));
    }

    /**
     * A step on the run sheet, for who hears it.
     *
     * @param array{step: PlannedStep, time: StepTime, pinned: bool} $block
     */
    public function block(Part $part, array $block, bool $isMissed): string
    {
        $lost = $this->lost($isMissed, $block['time']->way);

        return __('sheet.block', [
            'letter' => $part->letter,
            'step' => $this->step($block['step']->step),
            'from' => $this->when($block['time']->startMin),
            'to' => $this->clock($block['time']->endMin),
        ]).($lost === null ? '' : ", {$lost}").($block['pinned'] ? __('sheet.block_pinned') : '');
    }

    public function stepDo(Step $step): string
    {
        $isByMachine = in_array(Caution::Sander, $step->cautions, true) && $step->name !== 'machine_down';

        return ($isByMachine ? __('steps.by_machine').' ' : '').__("steps.{$step->name}.do", self::args($step));
    }

    public function cue(Step $step): string
    {
        return (string) __("steps.{$step->name}.cue", self::args($step));
    }

    /** @return array<string, int|string> */
    private static function args(Step $step): array
    {
        return $step->args + ($step->where === null ? [] : [
            'zone' => $step->where === '' ? (string) __('steps.all_over') : $step->where,
        ]);
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

    public function word(string $group, string|\BackedEnum|null $value): string
    {
        $value = $value instanceof \BackedEnum ? $value->value : $value;

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
        if (preg_match('/^mend-\d+-\d+-(.+)$/', $key, $of) === 1) {
            return (string) __('steps.of_mend', ['step' => strtr($of[1], '-', ' ')]);
        }
        if (str_starts_with($key, 'wash-') && ! Lang::has('steps.'.strtr($key, '-', '_'))) {
            return (string) __('steps.wash.title');
        }
        $n = preg_match('/-(\d+)$/', $key, $found) === 1 ? " {$found[1]}" : '';
        $name = (string) preg_replace('/-\d+$/', '', $key);
        $title = (string) __('steps.'.strtr($name, '-', '_').'.title');

        return str_starts_with($title, 'steps.')
            ? $name.$n
            : (string) Str::of($title)->before('|')->before(', one ')->before(' on :zone')->before(' :').$n;
    }
}
