<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Health\Line;
use App\Words\Formatter;

/** A line of Health in words: its moments as the shop reads them. */
final class HealthWords
{
    public static function of(Line $line, Formatter $format): string
    {
        $args = [];
        foreach ($line->args as $name => $value) {
            $args[$name] = in_array($name, ['at', 'since'], true) ? $format->date((float) $value / 60.0) : (string) $value;
        }

        return (string) __("health.says.{$line->says}", $args);
    }
}
