<?php

declare(strict_types=1);

// Run in a copy of the code: packages that only developers use are taken off Composer's list, and named.

$file = 'vendor/composer/installed.json';
$list = json_decode((string) file_get_contents($file), true, 512, JSON_THROW_ON_ERROR);
$gone = $list['dev-package-names'] ?? [];
$list['packages'] = array_values(array_filter($list['packages'], fn (array $package): bool => ! in_array($package['name'], $gone, true)));
[$list['dev'], $list['dev-package-names']] = [false, []];
file_put_contents($file, json_encode($list, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
echo implode("\n", $gone), "\n";
