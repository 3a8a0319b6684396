<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Words;
use OakGloss\Method\StepKind;
use OakGloss\Quantity\Field;

/** Something worth knowing later, in the words of whoever stood there. */
final readonly class Remark extends Content
{
    public const KIND = 'remark';

    public const IS_ACT = true;

    public const IS_BESIDES = true;

    public const IS_WORK = false;

    public function __construct(public string $text)
    {
    }

    public static function fields(): array
    {
        return [Field::text('text', 200)];
    }

    public static function phrases(): array
    {
        return ['label' => 'Remark', 'text' => 'What should be known later', 'record' => '“:text”'];
    }

    public static function fits(StepKind $kind): bool
    {
        return true;
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, 'record', ['text' => $this->text]);
    }
}
