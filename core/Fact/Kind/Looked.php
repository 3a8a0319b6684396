<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Inspection\Look;
use OakGloss\Quantity\Field;

/** The part was looked over in one way, and nothing was found. */
final readonly class Looked extends Content
{
    public const KIND = 'looked';

    public const IS_WORK = false;

    public function __construct(public Look $look)
    {
    }

    public static function fields(): array
    {
        return [Field::choice('look', Look::class)];
    }

    public static function phrases(): array
    {
        return ['label' => 'Nothing found', 'record' => 'nothing found: :look'];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['look' => $words->word('look', $this->look->value)]);
    }
}
