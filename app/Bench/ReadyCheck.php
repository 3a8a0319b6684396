<?php

declare(strict_types=1);

namespace App\Bench;

use App\Planning\PlannedPart;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Method\Caution;
use OakGloss\Plan\PlannedStep;

/** What must stand ready before hardener goes into the cup of a coat. */
final readonly class ReadyCheck
{
    public function __construct(private PlannedPart $planned, private PlannedStep $step)
    {
    }

    public function isMade(): bool
    {
        return $this->planned->plan->log->last($this->step->step->key, Ready::class) !== null;
    }

    /** Whether all of it was gone through today for this part: then only what changed since is asked. */
    public function wasWholeToday(): bool
    {
        $floor = $this->planned->floor;
        foreach ($this->planned->plan->log->all(Ready::class) as $fact) {
            if ($fact->content->short !== true && $floor->time->local($fact->atMin)->isSameDay($floor->time->local($floor->nowMin))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> codes of what is asked */
    public function asks(): array
    {
        $cautions = $this->step->step->cautions;
        $guards = array_filter([
            'ventilation' => in_array(Caution::Styrene, $cautions, true),
            'respirator' => in_array(Caution::Styrene, $cautions, true),
            'goggles' => in_array(Caution::Catalyst, $cautions, true),
        ]);
        $role = $this->step->step->role;
        $isBase = $role->takesCloth();
        $large = $this->planned->plan->brief->piece()->people() > 1;

        return [
            ...($isBase ? [$role->isPly() ? 'plies' : 'pieces'] : []),
            ...($this->wasWholeToday() ? [] : ['tools', ...array_keys($guards)]),
            'patch',
            ...($large && $isBase ? ['second_person'] : []),
        ];
    }
}
