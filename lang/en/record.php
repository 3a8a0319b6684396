<?php

declare(strict_types=1);

return [
    'title' => 'Record of :part',
    'done' => 'What was done',
    'print' => 'Print',
    'nothing' => 'Nothing yet. The first act at the bench begins the record.',
    'when' => 'When',
    'what' => 'What',
    'air' => 'Air',
    'by' => 'By',
    'kept' => 'kept :at',
    'struck' => 'struck out :at by :by',
    'struck_because' => 'struck out :at by :by: :reason',
    'strike' => 'Strike out',
    'strike_this' => 'Strike out<span class="visually-hidden"> this line</span>',
    'reason' => 'Reason, if it helps later',
    'on_it' => 'What is on it',
    'coat' => ['Coat', 'On', 'Air', 'Mixed', 'On the part'],
    'not_weighed' => 'not weighed, :grams planned',
];
