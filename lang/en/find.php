<?php

declare(strict_types=1);

// Finding from anywhere.
return [
    'title' => 'Find',
    'words' => 'A part, a jar or a room',
    'hint' => 'part, letter, customer, jar, room',
    'nothing' => 'Nothing says “:q”.',
    'groups' => ['parts' => 'Parts', 'rooms' => 'Rooms', 'shelf' => 'Shelf'],
];
