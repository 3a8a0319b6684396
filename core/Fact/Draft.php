<?php

declare(strict_types=1);

namespace OakGloss\Fact;

/** A fact that might be recorded: what a way out or a turned window would write. */
final readonly class Draft
{
    public function __construct(public string $step, public Content $content)
    {
    }

    /**
     * The newest of all, for reckoning what it would bring.
     *
     * @return Fact<Content>
     */
    public function at(float $min): Fact
    {
        return new Fact(PHP_INT_MAX, $this->step, $min, null, $this->content);
    }
}
