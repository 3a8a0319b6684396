<?php

declare(strict_types=1);

namespace OakGloss\Fact\Kind;

use OakGloss\Fact\Content;
use OakGloss\Fact\Targets;
use OakGloss\Fact\Words;
use OakGloss\Quantity\Field;

/** Whether a check is to count for the pace of its resin in the shop. */
final readonly class LeftOut extends Content implements Targets
{
    public const KIND = 'left_out';

    public function __construct(public int $target, public bool $counts, public ?string $reason = null)
    {
    }

    public static function fields(): array
    {
        return [Field::whole('target'), Field::flag('counts'), Field::text('reason', 200)->optional()];
    }

    public static function phrases(): array
    {
        return ['label' => 'Check judged', 'counts' => 'its check counts', 'record' => 'its check is left out', 'reason' => ': :reason'];
    }

    public function target(): int
    {
        return $this->target;
    }

    public function record(Words $words): string
    {
        return $words->phrase($this, $this->counts ? 'counts' : 'record').((string) $this->reason === '' ? '' : $words->phrase(
            $this,
            'reason',
            ['reason' => (string) $this->reason],
        ));
    }
}
