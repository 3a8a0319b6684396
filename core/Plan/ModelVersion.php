<?php

declare(strict_types=1);

namespace OakGloss\Plan;

/**
 * The version of the models: raised where the same facts give another plan than before, or where what is kept of
 * a plan takes another shape.
 */
final class ModelVersion
{
    public const NOW = '2027.13';
}
