<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Targets;
use OakGloss\Fact\Words;
use OakGloss\Inspection\Cause;
use OakGloss\Quantity\Field;

/** A look that was made to tell one cause of a defect from the others: whether it showed what that cause would. */
final readonly class Told extends Content implements Targets
{
    public const KIND = 'told';

    public const IS_WORK = false;

    /** @param int $target the defect that was found */
    public function __construct(public int $target, public Cause $cause, public bool $isSo)
    {
    }

    public static function fields(): array
    {
        return [Field::whole('target'), Field::choice('cause', Cause::class), Field::flag('is_so')];
    }

    public static function phrases(): array
    {
        return [
            'label' => 'Looked for a cause', 'so' => 'looked for a cause, and it shows: :cause',
            'not_so' => 'looked for a cause, and it does not show: :cause',
        ];
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, $this->isSo ? 'so' : 'not_so', ['cause' => $words->word('cause', $this->cause->value)]);
    }

    public function target(): int
    {
        return $this->target;
    }
}
