<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\PlannedPart;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;

/** What is to be minded of a plan, by weight: what stops, what costs, what is good to know. Each once. */
final readonly class PlanNotices
{
    /** @var array<string, list<Finding>> by severity, the heaviest first; only weights that have any */
    public array $byWeight;

    /** @param array<string> $priced fields whose values are priced on the page */
    public function __construct(private PlannedPart $planned, private array $priced)
    {
        $by = array_fill_keys(array_column(Severity::cases(), 'value'), []);
        foreach ($planned->findings() as $finding) {
            // Said where it matters, on the bench.
            if ($finding->code !== 'schedule.rather_key') {
                $by[$finding->severity->value][serialize([$finding->code, $finding->args])] = $finding;
            }
        }
        $this->byWeight = array_map(array_values(...), array_filter($by));
    }

    /**
     * Where what is said can be answered.
     *
     * @return array{url: string, words: string}|null
     */
    public function answer(Finding $finding): ?array
    {
        return match (true) {
            $finding->field === null || ! $this->planned->part->isOpen() => null,
            in_array($finding->field, $this->priced, true) => [
                'url' => "#choice-{$finding->field}", 'words' => (string) __('parts.answer_it.choice'),
            ],
            default => [
                'url' => route('parts.edit', $this->planned->part)."#f-{$finding->field}", 'words' => (string) __('parts.answer_it.brief'),
            ],
        };
    }
}
