<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Part;
use App\Planning\PlannedPart;
use App\Words\Formatter;
use Illuminate\View\Component;
use Illuminate\View\View;
use OakGloss\Fact\Content;
use OakGloss\Fact\Fact;
use OakGloss\Fact\Kind\CoatOn;
use OakGloss\Fact\Kind\Done;
use OakGloss\Fact\Kind\LeakTried;
use OakGloss\Fact\Kind\Ready;
use OakGloss\Fact\Kind\Sanded;
use OakGloss\Fact\Kind\Wiped;
use OakGloss\Fact\Kinds;
use OakGloss\Method\FollowKind;
use OakGloss\Method\Role;
use OakGloss\Method\StepKind;
use OakGloss\Plan\PlannedStep;
use OakGloss\Schedule\ActState;
use OakGloss\Schedule\NextAct;

/** The buttons of a part's next step: the act that completes it, the checks of the coat below, and what else may be said. */
final class StepActs extends Component
{
    public readonly Part $part;

    public readonly PlannedStep $step;

    public readonly string $key;

    private readonly NextAct $next;

    private readonly ?PlannedStep $coat;

    /**
     * @param string     $to       where the act leads back to: bench or part
     * @param bool       $primary  of the thing that is due: with all that may be said of it
     * @param bool       $one      a single button, in a line among others
     * @param bool       $done     and that the one that ends the step, without a cup on the scale
     * @param float|null $remindAt minute of which a line may remind
     */
    public function __construct(
        private readonly PlannedPart $call,
        public string $to = 'bench',
        public bool $primary = false,
        private readonly bool $one = false,
        private readonly bool $done = false,
        public ?float $remindAt = null,
        public string $reminder = '',
    ) {
        $this->part = $call->part;
        $this->next = $call->next ?? throw new \InvalidArgumentException('a finished part has no next step');
        $this->step = $this->next->step;
        $this->key = $this->step->step->key;
        $this->coat = $call->plan->lastCoat();
    }

    /** The kind of the one fact that completes the step. */
    public function act(): string
    {
        return match ($this->step->step->kind) {
            StepKind::Coat => CoatOn::KIND,
            StepKind::Wipe => Wiped::KIND,
            StepKind::Key, StepKind::Flat => Sanded::KIND,
            StepKind::LeakCheck => LeakTried::KIND,
            default => Done::KIND,
        };
    }

    /** What its button says: water and a pad are no wipe. */
    public function label(): string
    {
        $isWash = $this->act() === Wiped::KIND && str_starts_with($this->step->step->name, 'wash');

        return $isWash ? (string) __('bench.washed') : app(Formatter::class)->label($this->act());
    }

    public function grit(): ?int
    {
        return $this->act() === Sanded::KIND ? $this->step->nextGrit() : null;
    }

    /** @return class-string<Content>|null what has to be typed with the act that ends the step; null where a press is enough */
    public function typedAct(): ?string
    {
        return $this->act() === LeakTried::KIND ? LeakTried::class : null;
    }

    public function isCoat(): bool
    {
        return $this->step->step->kind === StepKind::Coat;
    }

    public function mayWeigh(): bool
    {
        return in_array($this->next->state, [ActState::Open, ActState::Ready, ActState::Keyed], true);
    }

    public function wantsKey(): bool
    {
        return $this->next->state === ActState::KeyFirst;
    }

    /** A clear waits for its own ready check. */
    public function wantsReadyCheck(): bool
    {
        return $this->primary
            && $this->step->step->kind === StepKind::Spray
            && $this->call->plan->log->last($this->key, Ready::class) === null;
    }

    /** The act that a line among others offers. */
    public function only(): string
    {
        return match (true) {
            $this->isCoat() && $this->mayWeigh() => $this->done ? 'act' : 'weigh',
            $this->isCoat() && $this->wantsKey() => 'key',
            $this->isCoat(), ! $this->isDue() => match (true) {
                $this->touchable() !== null => 'touch',
                $this->sandable() !== null => 'paper',
                default => 'remind',
            },
            $this->typedAct() !== null, $this->step->step->kind === StepKind::Spray => 'page',
            default => 'act',
        };
    }

    /** Its part and step, for who hears the button without seeing beside what it stands. */
    public function name(): string
    {
        return $this->part->letter.' '.lcfirst(app(Formatter::class)->step($this->step->step));
    }

    public function isDue(): bool
    {
        return $this->next->needsHandsNow();
    }

    public function isFlat(): bool
    {
        return $this->step->step->kind === StepKind::Flat;
    }

    /** The coat whose witness patch is worth a touch now. */
    public function touchable(): ?PlannedStep
    {
        return match ($this->step->step->follow->kind) {
            FollowKind::Tacky => $this->below(),
            FollowKind::Set => $this->isDue() ? null : $this->below(),
            default => null,
        };
    }

    public function touchSays(): string
    {
        return $this->step->step->follow->kind === FollowKind::Set ? 'touch_says_set' : 'touch_says';
    }

    /** The coat whose witness patch is worth a stroke of paper now. */
    public function sandable(): ?PlannedStep
    {
        return $this->step->step->follow->kind === FollowKind::Sandable && $this->step->passes === [] ? $this->below() : null;
    }

    /** Whether the cloth may have been laid in its window without anybody saying so. */
    public function mayHaveBeenLaid(): bool
    {
        return ($this->step->step->role === Role::KeyBase && $this->step->passes === [])
            || ($this->step->step->role === Role::Wash && ($this->call->plan->ahead()[1] ?? null)?->step->role === Role::KeyBase);
    }

    public function isSkippable(): bool
    {
        return in_array($this->step->step->kind, [StepKind::Prepare, StepKind::Wipe, StepKind::Key], true);
    }

    public function lastFact(): ?Fact
    {
        $facts = $this->call->plan->log->facts;

        return $facts[count($facts) - 1] ?? null;
    }

    /** @return list<class-string<Content>> what may be noted beside the step */
    public function besides(): array
    {
        $of = $this->step->step->kind;

        return array_map(Kinds::named(...), Kinds::where(fn (string $kind): bool => $kind::IS_BESIDES && $kind::fits($of)));
    }

    public function render(): View
    {
        return view($this->one ? 'components.step-act' : 'components.step-acts');
    }

    private function below(): ?PlannedStep
    {
        return $this->coat !== null && $this->step->step->follow->coat === $this->coat->step->key ? $this->coat : null;
    }
}
