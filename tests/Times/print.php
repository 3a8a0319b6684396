<?php

declare(strict_types=1);

// The dearest classes of the last run, by the clock; whoever adds a dear one sees it.
const SHOWN = 20;

[$clock, $processor, $count] = [[], [], []];
foreach (file($argv[1], FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    [$class, $s, $cpu] = explode("\t", $line);
    $clock[$class] = ($clock[$class] ?? 0.0) + (float) $s;
    $processor[$class] = ($processor[$class] ?? 0.0) + (float) $cpu;
    $count[$class] = ($count[$class] ?? 0) + 1;
}
arsort($clock);
printf("%-44s %6s %9s %12s\n", 'dearest classes', 'tests', 'clock s', 'processor s');
foreach (array_slice($clock, 0, SHOWN, true) as $class => $s) {
    printf("%-44s %6d %9.1f %12.1f\n", substr($class, strlen('Tests\\')), $count[$class], $s, $processor[$class]);
}
foreach (['Browser', 'Feature', 'Core'] as $room) {
    $of = array_filter($clock, fn (string $class): bool => str_starts_with($class, "Tests\\{$room}\\"), ARRAY_FILTER_USE_KEY);
    printf("%-44s %6d %9.1f %12.1f\n", "all of {$room}", array_sum(array_intersect_key($count, $of)), array_sum($of), array_sum(array_intersect_key($processor, $of)));
}
