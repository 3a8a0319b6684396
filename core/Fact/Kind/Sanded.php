<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\PassEnd;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\Content;
use OakGloss\Fact\Refused;
use OakGloss\Fact\Situation;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** One paper went over the part, or over a zone of it. */
final readonly class Sanded extends Content
{
    public const KIND = 'sanded';

    public const IS_ACT = true;

    /**
     * @param string             $zone    empty for the whole part
     * @param SandingMethod|null $how     null for the way that was planned
     * @param float|null         $minutes of this pass
     * @param PassEnd|null       $end     what was seen at its end; null where nobody was asked
     */
    public function __construct(
        public int $grit,
        public string $zone = '',
        public ?SandingMethod $how = null,
        public ?float $minutes = null,
        public ?PassEnd $end = null,
    ) {
    }

    public static function fields(): array
    {
        return [
            Field::whole('grit', choices: array_keys(Grit::MEAN_GRAIN_UM)),
            Field::text('zone', 40)->orEmpty(),
            Field::choice('how', SandingMethod::class)->optional(),
            Field::number('minutes', 0.1, 600.0)->optional(),
            Field::choice('end', PassEnd::class)->optional(),
        ];
    }

    public static function typed(array $typed, Situation $now): static
    {
        $pass = self::read($typed);
        if ($pass->end === PassEnd::Open && $pass->minutes === null) {
            throw new Refused(self::class, 'minutes', 'minutes_needed');
        }
        if ($pass->zone !== '' && ! $now->hasZone($pass->zone)) {
            throw new Refused(self::class, 'act', 'no_zone', ['zone' => $pass->zone]);
        }

        return $pass;
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Sanded', 'record' => 'sanded P:grit', 'on' => ' on :zone', 'how' => ', :how',
            'minutes' => ', :minutes min', 'end' => ': :end',
            'minutes_needed' => 'Where nobody looked, the minutes are needed.',
            'minutes_range' => 'Minutes of one pass, up to 600.', 'no_zone' => 'This part has no zone called :zone.',
        ];
    }

    public static function fits(StepKind $kind): bool
    {
        return $kind->isSanding() || $kind === StepKind::Coat;
    }

    public function details(Words $words): array
    {
        return array_values(array_filter(
            ["P{$this->grit}", $this->zone, $this->end === null ? '' : $words->word('pass_end', $this->end->value)],
            fn (string $s): bool => $s !== '',
        ));
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['grit' => $this->grit])
            .($this->zone === '' ? '' : $words->phrase($this, 'on', ['zone' => $this->zone]))
            .($this->how === null ? '' : $words->phrase($this, 'how', ['how' => $words->word('driven', $this->how->value)]))
            .($this->minutes === null ? '' : $words->phrase($this, 'minutes', ['minutes' => $this->minutes]))
            .($this->end === null ? '' : $words->phrase($this, 'end', ['end' => $words->word('pass_end', $this->end->value)]));
    }

    public function grit(): Grit
    {
        return Grit::p($this->grit);
    }

    /** How it ended; where nobody was asked it went on until all was matt. */
    public function ended(): PassEnd
    {
        return $this->end ?? PassEnd::Matt;
    }

    public function isWholePart(): bool
    {
        return $this->zone === '';
    }
}
