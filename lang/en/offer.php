<?php

declare(strict_types=1);

// A better plan than the one that was told.
return [
    'title' => 'A better plan',
    'could' => 'could be ready',
    'later' => 'ready',
    'why' => 'what a better plan is',
    'saves' => 'All parts together gain :saves of work going on, each by its weight, after :unrest for every part that would be moved. '
        .'Nobody is told other times until it is taken.',
    'take' => 'Take it',
    'leave' => 'Leave it',
    'look' => 'Look for better',
    'none' => 'Looked: no plan is better by more than it would unsettle.',
    'found' => 'A better plan was found. It is taken only if you take it.',
    'taken' => 'Taken. Everybody\'s times are the new ones.',
    'left' => 'Left. The plan stays as it was told.',
    'gone' => 'That plan is not possible any more; the one that stands is shown.',
];
