<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Planning\WhoHasIt;
use App\Words\Formatter;
use App\Words\Sentences;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;

/** What there is to say of a step that is due: the heaviest stands beside it, the others are folded. */
final readonly class BenchNotes
{
    /** @var list<array{severity: Severity, what: string, tip: string}> the heaviest first */
    public array $all;

    public function __construct(BenchCall $call, Sentences $sentences, Formatter $format)
    {
        $findings = array_map(fn (Finding $finding): array => ['severity' => $finding->severity] + $sentences->finding($finding), [
            ...$call->noMix(), ...$call->choiceOfKey(), ...$call->beforeTheMix(), ...$call->clearGates(),
            ...array_filter([$call->mixAhead('ready', 'keyed', 'open')?->finding()]),
        ]);
        $say = fn (string $what, string $tip = ''): array => ['severity' => Severity::Note, 'what' => $what, 'tip' => $tip];
        $who = WhoHasIt::of($call->planned);
        $said = array_filter([
            $who === null || $who->user->is(auth()->user()) ? null : $say((string) __('bench.who', [
                'name' => $who->user->name, 'at' => $format->when($who->sinceMin),
            ])),
            $call->letGoBy() === null ? null : $say((string) __('bench.let_go', ['at' => $format->when($call->letGoBy())])),
            $call->planned->wasToBegin() === null ? null : $say((string) __('bench.was_to_begin', [
                'what' => $call->planned->part->letter.' '.$format->step($call->step->step),
                'at' => $format->when($call->planned->wasToBegin()),
            ])),
        ]);
        $weight = fn (array $note): int => array_search($note['severity'], Severity::cases(), true) ?: 0;
        $all = [...$said, ...$findings];
        usort($all, fn (array $a, array $b): int => $weight($a) <=> $weight($b));
        $this->all = $all;
    }

    /** @return list<array{severity: Severity, what: string, tip: string}> */
    public function folded(): array
    {
        return array_slice($this->all, 1);
    }

    /** Whether what is folded holds something that goes wrong if it is not read. */
    public function opens(): bool
    {
        return array_filter($this->folded(), fn (array $note): bool => $note['severity'] === Severity::Refuse) !== [];
    }
}
