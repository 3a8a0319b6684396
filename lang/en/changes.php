<?php

declare(strict_types=1);

// Why a replan changed when a part is ready.
return [
    'fact' => ':fact, :step, at :at',
    'fact_planned' => ':fact, :step, at :at, planned :planned',
    'brief' => 'its brief or priority changed',
    'hours' => 'hours or people changed',
    'shop' => 'the shop\'s week or numbers changed',
    'colder' => 'the next day\'s air is :c °C colder than it was expected',
    'warmer' => 'the next day\'s air is :c °C warmer than it was expected',
    'other' => 'hands went to :letter',
    'new' => ':letter came in',
    'undone' => ':step was planned for :planned and is not done',
    'time' => 'time went on',
];
