<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use App\Words\Formatter;
use App\Words\Sentences;
use OakGloss\Method\Choice\TopKind;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;
use OakGloss\Method\Slot;
use OakGloss\Method\Top;
use OakGloss\Plan\ClearPlan;
use OakGloss\Plan\FilmAnswer;
use OakGloss\Plan\PlannedStep;

/** What the page of the surface answers first: go on, stop, or another coat; with its one figure. */
final readonly class ClearAnswer
{
    /** One of FilmAnswer's codes. */
    public string $code;

    public string $what;

    public string $do;

    public ?string $figure;

    public string $of;

    /** Whether the clear itself is what is due. */
    public bool $isDue;

    public function __construct(PlannedPart $planned, string $resinWords, Sentences $sentences, Formatter $format)
    {
        $plan = $planned->plan;
        $clear = $plan->brief->choices->of(TopKind::class) === Top::PolishResin ? null : $plan->clear;
        $step = array_values(array_filter($plan->steps, fn (PlannedStep $s): bool => $s->step->role->slot() === Slot::Clear))[0] ?? null;
        $this->isDue = $step !== null && $planned->next?->step === $step;
        $stop = $clear === null || ! $this->isDue ? null : self::heaviest($planned->clearGates($clear));
        $key = self::key($clear, $step, $stop, $plan->brief->choices->of(TopKind::class));
        $said = $key === 'gate' && $stop !== null ? $sentences->finding($stop) : null;
        $with = $clear === null ? [] : self::figures($clear, $format);
        $at = $step === null || $step->isDone() ? null : $planned->schedule->slot($step->step->key)?->startMin;
        $this->code = match ($key) {
            'gate', 'sags', 'none' => FilmAnswer::STOP,
            'thin' => FilmAnswer::ONE_MORE,
            default => FilmAnswer::GO_ON,
        };
        $this->what = $said['what'] ?? (string) __("clear.answer.{$key}.what", $with);
        $this->do = $said['tip'] ?? (string) __("clear.answer.{$key}.do", $with + ['at' => $format->when($at), 'resin' => $resinWords]);
        [$this->figure, $this->of] = match (true) {
            $clear === null => [$plan->gloss() === null ? null : (string) round($plan->gloss()->gu), (string) __('parts.figures.expected')],
            $key === 'thin' => [
                (string) __('clear.answer.um', ['um' => round($clear->remainsUm())]),
                (string) __('clear.should', ['um' => round($clear->clear->finalUm)]),
            ],
            default => [
                (string) __('clear.wet', ['n' => $clear->coats, 'um' => round($clear->clear->sprayed->wetUm)]),
                $format->clearMix($clear),
            ],
        };
    }

    private static function key(?ClearPlan $clear, ?PlannedStep $step, ?Finding $stop, Top $top): string
    {
        return match (true) {
            $top === Top::PolishResin => 'resin',
            $clear === null => 'none',
            $step?->isDone() === true => 'on',
            $stop !== null => 'gate',
            $clear->sags() => 'sags',
            ! $clear->guardsEnough() => 'thin',
            default => 'go',
        };
    }

    /** @param list<Finding> $gates */
    private static function heaviest(array $gates): ?Finding
    {
        return array_values(array_filter($gates, fn (Finding $f): bool => $f->severity === Severity::Refuse))[0] ?? null;
    }

    /** @return array<string, string|int|float> */
    private static function figures(ClearPlan $clear, Formatter $format): array
    {
        return [
            'clear' => $clear->clear->name,
            'um' => round($clear->clear->sprayed->wetUm),
            'zone' => $clear->steepest->name ?? '',
            'coats' => $clear->sags() ? $clear->coatsThatHold() : $clear->coats,
            'holds' => floor($clear->greatestWetUm ?? 0.0),
            'flash' => $format->span($clear->flashMin),
            'stays' => round($clear->remainsUm()),
            'should' => round($clear->clear->finalUm),
            'ready' => $format->span($clear->readyMin),
            'then' => (string) __($clear->polish ? 'clear.then_polish' : 'clear.then_handle'),
        ];
    }
}
