<?php

declare(strict_types=1);

namespace OakGloss\Method;

/** What takes a shell once it is off its panel. */
enum ShellFrame: string
{
    /** The inner frame of a second panel: the original stays whole. */
    case Spare = 'spare';
    /** Its own, freed of the old skin: the original is gone. */
    case Own = 'own';
    /** Tabs and clips bonded to the shell itself. */
    case Tabs = 'tabs';
}
