<?php

declare(strict_types=1);

// Pages in place of the one that was asked for, by status.
return [
    'title' => [
        403 => 'That is not yours to see or change',
        404 => 'There is nothing at this address',
        419 => 'The page lay open too long',
        429 => 'Too many requests in a minute',
        503 => 'The shop is closed for a moment',
        'other' => 'Something went wrong here',
    ],
    'so' => [
        403 => 'It belongs to another shop, can\'t be changed any more, or is for other roles than yours. Nothing was recorded.',
        404 => 'Nothing was recorded.',
        405 => 'Nothing was recorded.',
        419 => 'Go back, load the page anew and press again. Nothing was recorded.',
        429 => 'Wait a minute, then go on.',
        500 => '<strong>What you pressed last was not recorded.</strong> Look at the bench, then press again; '
            .'what was recorded before stands.',
        'unread' => 'What was recorded before stands.',
        'other' => 'What was recorded before stands.',
    ],
    'no_data' => 'The shop\'s data do not answer',
    'no_data_so' => 'Who looks after this server should see whether its disk is full or its file was moved. '
        .'What was recorded before stands; a copy can be put back with <code>./oak restore</code>.',
    'not_recorded' => 'That was not recorded',
    'no_answer' => 'The shop does not answer',
    'no_answer_press' => '<strong>It is not known whether this was kept.</strong> Press it again once the shop answers: '
        .'the same press counts once.',
    'no_answer_read' => 'It is out of reach, or switched off. What was recorded before stands. Load the page again in a while.',
    'out_of_reach' => 'Out of reach since :at. What stands here may be old.',
    // What fields are called where they are told of apart from their form.
    'fields' => [
        'air_c' => 'Air, °C', 'rh_percent' => 'Humidity, %', 'grams' => 'Grams', 'grit' => 'Paper, P', 'zone' => 'Zone', 'end' => 'It ended',
        'minutes' => 'Minutes', 'at' => 'At', 'days_ago' => 'Days ago', 'because' => 'Reason', 'reason' => 'Reason', 'component' => 'Jar',
        'quantity' => 'How much', 'what' => 'What', 'note' => 'Note', 'needed_by' => 'Needed by', 'gu' => 'Gloss, GU',
    ],
    'press_again' => 'Press it again',
    'was_typed' => 'What you had typed',
    'unreadable' => 'That can\'t be read',
    'not_this' => '<b>Not this</b> :word',

    // What is answered to a form.
    'form_only' => 'this was no form. Nothing was recorded.',
    'one_value' => 'Only one value is taken: :field.',
    'no_text' => 'No text, or too much of it: :field.',
    'no_host' => 'This server has no such name.',
];
