<?php

declare(strict_types=1);

namespace OakGloss\Material;

/** How one layer holds on another. */
enum Bond: string
{
    /** In its window, chemically. */
    case Bonds = 'bonds';
    /** On a key. */
    case Key = 'key';
    /** On a key, once the layer below is cured through and its blush is washed off. */
    case FullCureWashKey = 'full_cure_wash_key';
    /** Not without a tie coat between: it attacks what is below. */
    case Attacks = 'attacks';
}
