<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Str;
use OakGloss\Method\Finding;
use OakGloss\Plan\FilmAnswer;

/** What findings, the film and changes of the plan say, in sentences. */
final class Sentences
{
    public function __construct(private readonly Formatter $format)
    {
    }

    /**
     * Why a replan changed a part's time.
     *
     * @param array{because: string, with: array<string, mixed>} $change
     */
    public function because(array $change): string
    {
        $with = $change['with'];
        $args = [
            'fact' => isset($with['kind']) ? lcfirst($this->format->label((string) $with['kind'])) : '',
            'step' => isset($with['step']) ? lcfirst($this->format->stepName((string) $with['step'])) : '',
            'at' => isset($with['at']) ? $this->format->when((float) $with['at']) : '',
            'planned' => isset($with['planned']) ? $this->format->when((float) $with['planned']) : '',
            'letter' => (string) ($with['letter'] ?? ''),
            'c' => isset($with['c']) ? number_format((float) $with['c'], 1) : '',
        ];

        return (string) __(
            'changes.'.$change['because'].(isset($with['planned']) && $change['because'] === 'fact' ? '_planned' : ''),
            $args,
        );
    }

    /**
     * Whether a part is ready later than it was told, or never.
     *
     * @param array{from: float|null, to: float|null} $change
     */
    public function isLater(array $change): bool
    {
        return $change['to'] === null || ($change['from'] !== null && $change['to'] > $change['from']);
    }

    /** @return array{what: string, do: string} what the film asks for */
    public function answer(FilmAnswer $answer): array
    {
        $code = $answer->code.($answer->bare ? '_bare' : '');
        $args = $answer->worst === null ? [] : [
            'zone' => $answer->worst->zone->name,
            'left' => $this->format->um($answer->worst->left()->inMicrometres()),
            'doubt' => '± '.$this->format->um($answer->worst->doubtUm()),
            'risk' => $this->format->percent($answer->worst->risk()),
            'any' => $this->format->chance($answer->worst),
        ];
        $code = $answer->worst === null && ! $answer->bare && $answer->code !== FilmAnswer::HOLD ? 'nothing' : $code;

        return [
            'what' => Str::ucfirst((string) __("words.film_answer.{$code}.what", $args)),
            'do' => Str::ucfirst((string) __("words.film_answer.{$code}.do", $args)),
        ];
    }

    /** @return array{what: string, tip: string} */
    public function finding(Finding $finding): array
    {
        $args = [];
        foreach ($finding->args as $name => $value) {
            $args[$name] = match (true) {
                $name === 'substrate' || $name === 'finish' => $this->format->word($name, (string) $value),
                $name === 'tools' => implode('; ', array_map(
                    fn (string $tool): string => (string) __("choose.tools.{$tool}"),
                    explode(',', (string) $value),
                )),
                $name === 'slot' => lcfirst((string) __("form.slots.{$value}")),
                in_array($name, ['risk', 'target', 'off'], true) => $this->format->percent((float) $value),
                in_array($name, ['coat', 'next'], true) => lcfirst(self::bare((string) __("steps.{$value}.title"))),
                str_ends_with($name, '_span') => $this->format->span((float) $value),
                $name === 'left' => $this->format->um((float) $value),
                in_array($name, ['ready', 'needed', 'at', 'wait_until'], true) && (float) $value > 1e6 => is_finite((float) $value)
                    ? $this->format->date((float) $value)
                    : 'later',
                in_array($name, ['opens', 'closes', 'begin'], true) => is_finite((float) $value)
                    ? $this->format->when((float) $value)
                    : 'another day',
                $name === 'warmer_at' => is_finite((float) $value) ? $this->format->when((float) $value) : 'not within three days',
                $name === 'later' => (string) round((float) $value),
                $name === 'area' => number_format((float) $value, 2),
                is_float($value) => is_finite($value) ? (string) round($value, 1) : 'a larger cup',
                default => (string) $value,
            };
        }

        return [
            'what' => Str::ucfirst((string) __("findings.{$finding->code}.what", $args)),
            'tip' => (string) __("findings.{$finding->code}.tip", $args),
        ];
    }

    /** A step's title without how many there are: `Build coat`, `Clear`. */
    private static function bare(string $title): string
    {
        return preg_split('/[|,]| (?:on )?:/', $title, 2)[0] ?? $title;
    }
}
