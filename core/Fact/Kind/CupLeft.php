<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Situation;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Mixing\Spreader;
use OakGloss\Quantity\Field;

/** What was left in cup and tool of a coat that is on. */
final readonly class CupLeft extends Content
{
    public const KIND = 'cup_left';

    public const IS_ACT = true;

    public const IS_WORK = false;

    /** @param float|null $ofG what the cup held */
    public function __construct(public float $grams, public Spreader $tool, public ?float $ofG = null)
    {
    }

    public static function fields(): array
    {
        return [
            Field::number('grams', 0.0, 2000.0),
            Field::choice('tool', Spreader::class),
            Field::number('of', 0.0)->into('ofG')->optional()->reckoned(),
        ];
    }

    public static function typed(array $typed, Situation $now): static
    {
        $left = self::read($typed);
        $of = $now->inTheCupG();
        if ($of !== null && $left->grams > $of) {
            throw new \OakGloss\Fact\Refused(self::class, 'act', 'more', ['of' => (string) $of]);
        }

        return new self($left->grams, $left->tool, $of);
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Left in the cup', 'record' => ':grams left in cup and :tool', 'grams' => 'Left in the cup, tool standing in it, g',
            'tool' => 'Spread with', 'tool_brush' => 'brush', 'tool_roller' => 'roller', 'tool_spatula' => 'spatula or scraper',
            'more' => 'That is more than the :of g that were in it.',
        ];
    }

    public static function fits(StepKind $kind): bool
    {
        return $kind === StepKind::Coat;
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', [
            'grams' => $words->grams($this->grams), 'tool' => $words->phrase($this, "tool_{$this->tool->value}"),
        ]);
    }
}
