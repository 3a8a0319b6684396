<?php

declare(strict_types=1);

// Windows of the open parts against time, over the bench.
return [
    'whole' => 'All parts',
    'title' => 'Windows of the open parts',
    'scroll' => 'Windows against time; scroll sideways',
    'drawing' => 'Windows against time',
    'what' => 'Dotted while wet, solid while the coat bonds, tapering once missed or curing; a line with a hook: the cup is used until there. The table below tells the same.',
    'curing' => 'curing · :step :at',
    'coldest' => 'coldest :c',
    'cup' => 'cup until :at',
    'closed' => 'shop closed',
    'columns' => ['Part', 'Next', 'Opens', 'Closes', 'Sure part', 'Sandable', 'Cup until'],
];
