<?php

declare(strict_types=1);

namespace OakGloss\Schedule;

/** What is free with some parts placed and others not. */
final class PartDiaries
{
    private ?Diary $clear = null;

    /** @param list<Chain> $chains */
    public function __construct(private readonly array $chains, private readonly Crew $crew)
    {
    }

    /** What is free before any part is placed: all but what is in hand. */
    public function clear(): Diary
    {
        if ($this->clear === null) {
            $this->clear = Diary::of($this->crew);
            foreach ($this->chains as $chain) {
                $this->clear = $chain->inHand === null ? $this->clear : $this->clear->with([$chain->inHand]);
            }
        }

        return $this->clear;
    }

    /**
     * A diary with one part more; what it has in hand stands there already.
     *
     * @param list<PlacedStep>|null $placed
     */
    public function entered(Diary $diary, int $i, ?array $placed): Diary
    {
        return $placed === null || $placed === []
            ? $diary
            : $diary->with($this->chains[$i]->inHand === null ? $placed : array_slice($placed, 1));
    }

    /**
     * The diary of all parts but some.
     *
     * @param array<int, list<PlacedStep>|null> $plan
     */
    public function without(array $plan, int ...$out): Diary
    {
        $diary = $this->clear();
        foreach ($plan as $i => $placed) {
            $diary = in_array($i, $out, true) ? $diary : $this->entered($diary, $i, $placed);
        }

        return $diary;
    }
}
