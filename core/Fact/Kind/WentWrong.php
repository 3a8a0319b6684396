<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Inspection\Mishap;
use OakGloss\Quantity\Field;

/** Something went wrong in a moment, with what of the cup it cost. */
final readonly class WentWrong extends Content
{
    public const KIND = 'went_wrong';

    public const IS_WORK = false;

    /**
     * @param string     $zone    empty where it is of no face
     * @param float|null $grams   of the cup that is lost
     * @param string     $because why it was given up, where somebody did
     */
    public function __construct(public Mishap $mishap, public string $zone = '', public ?float $grams = null, public string $because = '')
    {
    }

    public static function fields(): array
    {
        return [
            Field::choice('mishap', Mishap::class), Field::text('zone', 40)->orEmpty(), Field::number('grams', 0.0)->optional()->reckoned(),
            Field::text('because', 120)->orEmpty(),
        ];
    }

    public static function phrases(): array
    {
        return [
            'label' => 'That went wrong', 'record' => 'went wrong: :mishap', 'on' => ', on :zone', 'lost' => ', :grams lost',
            'why' => ': :because',
            'no_zone' => 'This part has no zone called :zone.',
        ];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['mishap' => lcfirst($words->word('mishap', $this->mishap->value))])
            .($this->zone === '' ? '' : $words->phrase($this, 'on', ['zone' => $this->zone]))
            .($this->grams > 0.0 ? $words->phrase($this, 'lost', ['grams' => $words->grams((float) $this->grams)]) : '')
            .($this->because === '' ? '' : $words->phrase($this, 'why', ['because' => $this->because]));
    }

    /** Whether what was in the cup is gone. */
    public function emptiesCup(): bool
    {
        return $this->mishap->emptiesCup();
    }
}
