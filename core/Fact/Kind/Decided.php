<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Abrasion\Grit;
use OakGloss\Abrasion\SandingMethod;
use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** When, how or with how much a step that is ahead is to be done. What one does not speak of stays as it was decided before. */
final readonly class Decided extends Content
{
    public const KIND = 'decided';

    public const IS_WORK = false;

    public const IS_DECISION = true;

    /**
     * @param float|null         $at        the minute at which it starts
     * @param float|null         $notBefore earliest start, minute
     * @param bool|null          $key       the window goes by, it is keyed
     * @param bool|null          $bond      it goes into the window
     * @param float|null         $gM2       another weight for a coat
     * @param SandingMethod|null $driven    another way to drive the papers of a flatting
     * @param int|null           $fromGrit  another paper to begin a flatting with
     * @param int|null           $resinId   another hardener's sheet
     * @param int|null           $fastId    a fast one blended in; 0 for none
     * @param float|null         $fastShare its share
     */
    public function __construct(
        public ?float $at = null,
        public ?float $notBefore = null,
        public ?bool $key = null,
        public ?bool $bond = null,
        public ?float $gM2 = null,
        public ?SandingMethod $driven = null,
        public ?int $fromGrit = null,
        public ?int $resinId = null,
        public ?int $fastId = null,
        public ?float $fastShare = null,
    ) {
    }

    public static function fields(): array
    {
        return array_map(fn (Field $e): Field => $e->optional(), [
            Field::number('at'), Field::number('not_before'), Field::flag('key'), Field::flag('bond'), Field::number(
                'g_m2',
                0.0,
                3000.0,
            ), Field::choice(
                'driven',
                SandingMethod::class,
            ),
            Field::whole(
                'from_grit',
                choices: array_keys(Grit::MEAN_GRAIN_UM),
            ), Field::whole('resin_id'), Field::whole('fast_id'), Field::number('fast_share', 0.0, 1.0),
        ]);
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Decided', 'record' => 'decided: :what', 'at' => 'pinned to :at', 'not_before' => 'not before :at',
            'key' => 'cures and is keyed', 'bond' => 'goes into the window',
            'driven' => ':driven, from P:grit', 'fast' => ':percent % fast hardener', 'free' => 'free again',
        ];
    }

    public function record(Words $words): string
    {
        $what = array_filter([
            $this->at === null ? null : $words->phrase($this, 'at', ['at' => $words->when($this->at)]),
            $this->notBefore === null ? null : $words->phrase($this, 'not_before', ['at' => $words->when($this->notBefore)]),
            $this->key === true ? $words->phrase($this, 'key') : null,
            $this->bond === true ? $words->phrase($this, 'bond') : null,
            $this->driven === null
                ? null
                : $words->phrase(
                    $this,
                    'driven',
                    ['driven' => $words->word('driven', $this->driven->value), 'grit' => (int) $this->fromGrit],
                ),
            $this->fastShare > 0.0 ? $words->phrase($this, 'fast', ['percent' => (int) round(100.0 * $this->fastShare)]) : null,
        ]);

        return $words->phrase($this, 'record', ['what' => $what === [] ? $words->phrase($this, 'free') : implode(', ', $what)]);
    }

    /** This one, and what an earlier one said of which it says nothing. */
    public function after(self $earlier): self
    {
        return self::read($this->data() + $earlier->data());
    }
}
