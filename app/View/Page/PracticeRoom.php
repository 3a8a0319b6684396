<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Formatter;
use OakGloss\Abrasion\Grit;
use OakGloss\Practice\Answer;
use OakGloss\Practice\Lesson;
use OakGloss\Practice\Mistake;
use OakGloss\Practice\MoveKind;
use OakGloss\Practice\Patch;
use OakGloss\Practice\Simulation;

/** A lesson on a practice part, in words. */
final readonly class PracticeRoom
{
    public const ZONES = ['top', 'flank', 'rim'];

    private const OPENS_AT_MIN = 480;

    /** Dust under and on a coat, as shares, from which it is seen. */
    private const SEALED_SHOWS = 0.01;
    private const DUST_SHOWS = 0.1;

    public function __construct(public Lesson $lesson, private Simulation $play, private Formatter $format)
    {
    }

    public function title(): string
    {
        return (string) __("practice.lesson.{$this->lesson->value}.title");
    }

    public function has(string $move): bool
    {
        return in_array(MoveKind::from($move), $this->lesson->moves(), true);
    }

    /** `day 2, 14:30`: the practice room opens at eight. */
    public function clock(float $minute): string
    {
        $at = (int) $minute + self::OPENS_AT_MIN;

        return (string) __('practice.at', [
            'day' => 1 + intdiv($at, 1440),
            'clock' => sprintf('%02d:%02d', intdiv($at % 1440, 60), $at % 60),
        ]);
    }

    /** @return array<int, string> papers that lie ready */
    public function grits(): array
    {
        $grits = array_filter(array_keys(Grit::MEAN_GRAIN_UM), fn (int $p): bool => $p >= 120 && $p <= 2500);

        return array_combine($grits, array_map(fn (int $p): string => "P{$p}", $grits));
    }

    /** @return 'sealed'|'lies'|'none' */
    public function dust(Patch $patch): string
    {
        return match (true) {
            $patch->sealed > self::SEALED_SHOWS => 'sealed',
            $patch->dust > self::DUST_SHOWS => 'lies',
            default => 'none',
        };
    }

    /** @param array{code: string, figure: float} $goal */
    public function goal(array $goal): string
    {
        return (string) __("practice.goal.{$goal['code']}", [
            'n' => round($goal['figure']),
            'percent' => $this->format->percent($goal['figure']),
        ]);
    }

    public function mistake(Mistake $mistake): string
    {
        return (string) __("practice.mistake.{$mistake->code}", array_map(
            fn (mixed $v): mixed => is_float($v) ? (string) round($v, abs($v) < 10.0 ? 1 : 0) : $v,
            $mistake->args,
        ));
    }

    /** @return list<array{at: string, move: string, says: string}> the newest first */
    public function answers(): array
    {
        return array_map(fn (Answer $answer): array => [
            'at' => $this->clock($answer->fromMin),
            'move' => $this->move($answer),
            'says' => $this->says($answer),
        ], array_reverse($this->play->answers()));
    }

    private function move(Answer $answer): string
    {
        $move = $answer->move;

        return (string) __("practice.move.{$move->kind->value}", [
            'amount' => round($move->amount, 1),
            'grit' => $move->grit->number ?? '',
            'zone' => $move->zone === '' ? __('practice.all_of_it') : $move->zone,
            'span' => $this->format->span($move->amount),
            'compound' => $move->compound->value ?? '',
            'sheen' => $move->sheen->value ?? '',
        ]);
    }

    private function says(Answer $answer): string
    {
        $share = fn (string $name): string => isset($answer->args[$name]) ? $this->format->percent((float) $answer->args[$name]) : '';
        $figures = array_map(fn (mixed $v): mixed => is_float($v) ? (string) round($v, 1) : $v, $answer->args);

        return (string) __(
            "practice.answer.{$answer->code}",
            $figures + ['low_percent' => $share('low'), 'bare_percent' => $share('bare')],
        );
    }
}
