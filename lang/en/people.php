<?php

declare(strict_types=1);

return [
    'measures' => 'Measures', 'measures_read' => 'I read', 'measured' => 'Kept. What is stored stays metric.',
    'measures_kept' => 'a typed figure may carry its own unit anywhere: 4 oz, 3 fl oz, 18 1/2 in, 65 F, 3 mil',
    'measure' => ['metric' => 'metric: mm, g, ml, °C', 'us' => 'US: in, ft², oz by weight, fl oz, °F, mil'],
    'account' => 'Your sign-in',
    'present' => 'Present password',
    'new_password' => 'New password',
    'good_password' => '12 to 200 characters. Four words in a row are a good one.',
    'new_again' => 'The new one again',
    'change' => 'Change it',
    'sign_ins' => 'Sign-ins',
    'ends' => 'A sign-in ends after twelve hours, on a device that you stay signed in on after thirty days.',
    'everybody' => 'Everybody who works here',
    'out_everywhere' => 'Sign out everywhere',

    'audit' => 'Audit list',
    'audit_what' => 'Sign-ins and refusals, roles, settings, sheets, exports and restores. By the machine\'s clock; '
        .'nothing here can be changed.',
    'audit_scroll' => 'Audit list; scroll sideways',
    'audit_columns' => ['When', 'Who', 'What', 'From'],
    'machine' => 'the machine itself',
    'no_entry' => 'Nothing yet.',

    'link_for' => 'One-time link for :name',
    'link_once' => 'It is shown this once, works once and for seven days. Whoever holds it sets the password: hand it over, or print it.',
    'link' => 'Link',
    'who' => 'Who works here',
    'left' => 'left :at',
    'last_in' => 'last signed in :at',
    'never_in' => 'has not signed in yet',
    'take_back' => 'Take back',
    'is' => 'Is',
    'new_link' => 'New one-time link',
    'has_left' => 'Has left',
    'new' => 'Somebody new',
    'initials' => 'Initials',
    'initials_where' => 'on the run sheet',
    'email' => 'Address to sign in with',
    'add' => 'Add, and show a link',

    'join' => [
        'title' => 'Set a password',
        'welcome' => 'Welcome, :name',
        'once' => 'This link works once. Set your password; you sign in with <b>:email</b>.',
        'again' => 'The same again',
        'set' => 'Set it and sign in',
    ],

    // What is answered to a form.
    'wrong' => 'No such address and password here. Mind capital letters.',
    'not_same' => 'The two are not the same.',
    'welcome' => 'Welcome, :name. The link is used up; from now on your address and password open the door.',
    'not_yours' => 'That is not your password.',
    'changed' => 'Your password is changed. Wherever else you were signed in, you are signed out.',
    'out' => 'You are signed out on every device.',
    'three_letters' => 'One to three letters.',
    'known_address' => 'Somebody signs in with that address already.',
    'is_now' => ':name is :role now.',
    'back_first' => ':name has left. Take them back first.',
    'is_back' => ':name is back, with the password of before. A new link sets another.',
    'only_owner' => ':name is the only owner. Make somebody else one first.',
    'gone' => ':name can\'t sign in any more. What they recorded stays theirs.',
    'tried_first' => 'That is one of the passwords that are tried first. Four words that nobody else puts together are a good one.',
    'fields' => ['current' => 'present password', 'email' => 'address'],
];
