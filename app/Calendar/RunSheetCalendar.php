<?php

declare(strict_types=1);

namespace App\Calendar;

use App\Planning\PlannedPart;
use App\Planning\ShopFloor;
use App\Words\Formatter;
use OakGloss\Cure\TackWindow;
use OakGloss\Plan\PlannedStep;
use Sabre\VObject\Component\VCalendar;

/** The run sheet as iCalendar: steps, and windows with an alarm before they open and before their sure part ends. */
final class RunSheetCalendar
{
    private const WARN_BEFORE_CLOSE_MIN = 20;

    public function __construct(private readonly Formatter $format)
    {
    }

    /** @param array<int, PlannedPart> $plans */
    public function of(array $plans, ShopFloor $floor): VCalendar
    {
        $calendar = new VCalendar(['PRODID' => '-//Oak Gloss//Run sheet//EN', 'X-WR-CALNAME' => "{$floor->shop->name}: run sheet"]);
        $calendar->add(ZoneComponent::of($calendar, new \DateTimeZone($floor->time->zone), $floor->time->local($floor->nowMin)));
        foreach ($plans as $plan) {
            $coatOn = $plan->next?->coatOnMin;
            foreach ($plan->plan->ahead() as $step) {
                $time = $plan->schedule->slot($step->step->key);
                if ($time === null) {
                    continue;
                }
                $this->step($calendar, $plan, $step, $time->startMin, $time->endMin, $floor);
                if ($time->window !== null && $coatOn !== null) {
                    $this->window($calendar, $plan, $step, $time->window, $floor);
                }
                $coatOn = $step->step->layer !== null ? $time->endMin : $coatOn;
            }
        }

        return $calendar;
    }

    private function step(VCalendar $calendar, PlannedPart $plan, PlannedStep $step, float $start, float $end, ShopFloor $floor): void
    {
        $words = ['letter' => $plan->part->letter, 'step' => $this->format->step($step->step)];
        $this->event(
            $calendar,
            $plan,
            $floor,
            "step-{$step->step->key}",
            implode(' · ', array_filter([
                (string) __('sheet.event.step', $words),
                $this->format->lost($plan->hasMissed($step), $plan->schedule->slot($step->step->key)?->way),
            ])),
            $start,
            max($end, $start + 5.0),
            $this->format->stepDo($step->step),
            [['-PT5M', (string) __('sheet.event.begins', $words), 'START']],
        );
    }

    private function window(VCalendar $calendar, PlannedPart $plan, PlannedStep $step, TackWindow $window, ShopFloor $floor): void
    {
        $opens = $window->opens->expectedMin;
        $closes = $window->closes->expectedMin;
        if ($opens === null || $closes === null || $closes <= $floor->nowMin) {
            return;
        }
        $sureUntil = $window->sure()['until'] ?? $closes;
        $lead = (int) max(0, round($closes - $sureUntil)) + self::WARN_BEFORE_CLOSE_MIN;
        $words = ['letter' => $plan->part->letter, 'step' => $this->format->step($step->step), 'sure' => $this->format->sure($window)];
        $this->event(
            $calendar,
            $plan,
            $floor,
            "window-{$step->step->key}",
            (string) __('sheet.event.window', $words),
            $opens,
            $closes,
            (string) __('sheet.event.touch', $words),
            [
                ['PT0M', (string) __('sheet.event.opens', $words), 'START'],
                ["-PT{$lead}M", (string) __('sheet.event.ends', $words), 'END'],
            ],
        );
    }

    /** @param list<array{string, string, string}> $alarms when, words, START or END */
    private function event(
        VCalendar $calendar,
        PlannedPart $plan,
        ShopFloor $floor,
        string $what,
        string $summary,
        float $start,
        float $end,
        string $words,
        array $alarms,
    ): void {
        $local = fn (float $minute): \DateTimeImmutable => \DateTimeImmutable::createFromInterface($floor->time->local($minute));
        $event = $calendar->createComponent('VEVENT', [
            // The same step keeps its number from plan to plan, so that calendars move it and don't double it.
            'UID' => "part-{$plan->part->id}-{$what}@oak-gloss.invalid",
            'DTSTAMP' => \DateTimeImmutable::createFromInterface($floor->time->local($floor->nowMin)->utc()),
            'DTSTART' => $local($start),
            'DTEND' => $local($end),
            'SUMMARY' => $summary,
            'DESCRIPTION' => "{$plan->part->name}. {$words}",
        ]);
        foreach ($alarms as [$when, $said, $relatedTo]) {
            $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $said]);
            $alarm->add($calendar->createProperty('TRIGGER', $when, ['VALUE' => 'DURATION', 'RELATED' => $relatedTo]));
            $event->add($alarm);
        }
        $calendar->add($event);
    }
}
