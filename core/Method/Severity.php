<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** How much a finding weighs in the plan. */
enum Severity: string
{
    /** The plan can't stand until this is changed. */
    case Refuse = 'refuse';
    /** The work goes on, and something is likely to go wrong. */
    case Warn = 'warn';
    /** Worth knowing at this step. */
    case Note = 'note';
}
