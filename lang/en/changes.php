<?php

declare(strict_types=1);

// Why a replan changed when a part is ready.
return [
    'fact' => ':fact, :step, at :at',
    'fact_planned' => ':fact, :step, at :at, planned :planned',
    'brief' => 'its brief or priority changed',
    'hours' => 'hours or people changed',
    'shop' => 'the shop\'s week or numbers changed',
    'colder' => 'the next day\'s air is :c Δ°C colder than it was expected',
    'warmer' => 'the next day\'s air is :c Δ°C warmer than it was expected',
    'model' => 'Oak Gloss reckons otherwise since its last update',
    'offer' => 'the better plan was taken',
    'better' => 'it could be ready sooner so',
    'opens' => 'what :step waits for comes later than it was told',
    'closes' => 'the window for :step closes sooner than it was told',
    'cold' => 'it is too cold or too warm then for :step',
    'thing' => 'booth or box is taken when :step was to begin',
    'busy' => 'hands are still elsewhere when :step was to begin',
    'decided' => 'something was decided for :step',
    'steps' => 'it has other steps than before, from :step on',
    'unplanned' => 'it had no place before',
    'other' => 'hands went to :letter',
    'new' => ':letter came in',
    'undone' => ':step was to begin :planned and is not done',
    'undone_other' => ':step of :letter was to begin :planned and is not done',
    'title' => 'What changed',
    'seen' => 'Seen',
    'later' => '<b class="num">:letter</b> ready <span class="num">:from</span> → <b class="num is-stop">:to</b>, because :because.',
    'sooner' => '<b class="num">:letter</b> ready <span class="num">:from</span> → <b class="num">:to</b>, because :because.',
];
