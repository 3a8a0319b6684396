<?php

declare(strict_types=1);

namespace OakGloss\Inspection;

/**
 * Causes of a defect, the likeliest first: each prior multiplied by what every thing on record says of it, and the shares
 * of these odds. What is not on record multiplies by one. Two causes at once are possible; the shares then lie near each
 * other.
 */
final readonly class CauseRanking
{
    /** Two shares nearer than this are not told apart (ours). */
    private const CLEAR_LEAD = 0.7;

    /** @param non-empty-list<Suspect> $suspects */
    private function __construct(public Defect $defect, public array $suspects)
    {
    }

    /** @param array<string, bool> $told by cause: what the look for it showed */
    public static function of(Defect $defect, Evidence $on, array $told = []): self
    {
        $odds = $signs = [];
        foreach ($defect->causes() as $name => $prior) {
            $cause = Cause::from($name);
            $signs[$name] = [...Signs::of($cause, $on), ...(isset($told[$name]) ? [Signs::told($told[$name])] : [])];
            $odds[$name] = array_product([$prior, ...array_map(fn (Sign $s): float => $s->factor, $signs[$name])]);
        }
        arsort($odds);
        $sum = array_sum($odds);
        $suspects = [];
        foreach ($odds as $name => $of) {
            $suspects[] = new Suspect(Cause::from($name), $defect->causes()[$name], $of, $of / $sum, $signs[$name]);
        }

        return new self($defect, $suspects);
    }

    public function first(): Suspect
    {
        return $this->suspects[0];
    }

    public function shareOf(Cause $cause): float
    {
        foreach ($this->suspects as $suspect) {
            if ($suspect->cause === $cause) {
                return $suspect->share;
            }
        }

        return 0.0;
    }

    /**
     * The one look that would tell the first two apart: for the first of them that nobody looked for yet. Null where the
     * lead is clear or both were looked for.
     *
     * @param array<string, bool> $told
     */
    public function lookFor(array $told = []): ?Cause
    {
        if ($this->suspects[0]->share >= self::CLEAR_LEAD && $told !== []) {
            return null;
        }
        foreach (array_slice($this->suspects, 0, 2) as $suspect) {
            if (! isset($told[$suspect->cause->value])) {
                return $suspect->cause;
            }
        }

        return null;
    }
}
