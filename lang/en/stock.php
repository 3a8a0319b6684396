<?php

declare(strict_types=1);

return [
    'jars' => [
        'resin' => 'resin', 'hardener' => 'hardener', 'pigment' => 'pigment', 'clear' => 'clear', 'reducer' => 'reducer', '' => 'all',
    ],
    'says' => [
        'unknown' => 'not counted: no delivery typed in yet',
        'left' => ':left left', 'reserved' => ':reserved for open parts', 'missed' => ':missing short from :at, part :part: :order',
        'low' => 'low', 'old' => ':old past its date', 'wasted' => ':wasted expires unused',
    ],
    'not_counted' => 'not counted', 'short' => '(:missing short)',
    'drawing' => 'What is left, and what of it open parts will take',
    'lots' => 'Deliveries',
    'none' => 'No delivery is typed in: what is left, what it costs and when it expires is not known.',
    'columns' => [
        'mark' => 'Lot', 'jar' => 'Jar', 'left' => 'Left', 'of' => 'Came', 'use_by' => 'Use by', 'opened' => 'Opened', 'store' => 'Store at most',
        'price' => 'Price', 'from' => 'From', 'act' => 'Counted, taken, thrown',
    ],
    'by_deliveries' => 'by its deliveries',
    'sealed' => 'sealed',
    'past' => 'past its date',
    'wide' => ':mm mm wide',
    'directions' => ['along' => 'weave along it', 'across' => 'weave across it', 'bias' => 'weave at 45°'],
    'received' => 'It is on the shelf.',
    'kept' => [
        'counted' => 'The count stands.', 'taken' => 'Taken off the shelf.', 'thrown' => 'Written off.', 'cut' => 'The offcut lies on the shelf.',
    ],
    'not_so_much' => 'There is not so much of it left.',
    'not_so_wide' => 'An offcut is no wider than what it is cut from.',
    'take_in' => 'Take in a delivery',
    'fields' => [
        'jar' => 'Jar', 'mark' => 'Lot number', 'quantity' => 'How much', 'price' => 'Price of it all', 'supplier' => 'From', 'lead_days' => 'From its order it took',
        'use_by' => 'Use by', 'storage_c' => 'Store at most at', 'width_mm' => 'Width of the roll',
    ],
    'mark_hint' => 'as the label has it, or your own',
    'take_in_do' => 'Put it on the shelf',
    'what' => ['counted' => 'Counted', 'taken' => 'Taken', 'thrown' => 'Thrown away', 'cut' => 'Cut off, and kept'],
    'quantity' => 'How much',
    'note' => 'Why',
    'do' => 'Save',
    'of_lot' => 'Of lot :mark',
    'cut_width' => 'Width',
    'cut_direction' => 'Its weave',
    'moves' => 'What came and went',
    'move' => ['received' => 'came', 'used' => 'used', 'given_back' => 'given back', 'counted' => 'counted', 'thrown' => 'thrown away',
        'taken' => 'taken', 'cut' => 'cut off'],
    'move_columns' => ['at' => 'When', 'lot' => 'Lot', 'why' => 'What', 'quantity' => 'How much', 'for' => 'For', 'who' => 'Who'],
    'no_lot' => 'no lot had it',
    'file' => [
        'title' => 'The data sheets as files', 'json' => 'All of them as JSON', 'schema' => 'its schema', 'csv' => 'as CSV:',
        'in' => 'Take in a file', 'what' => 'JSON or CSV as it comes out here, up to 2 MB. A name that is on the shelf gets the new data sheet.',
        'do' => 'Take it in', 'none' => 'A file is needed, JSON or CSV.', 'large' => 'Up to 2 MB.',
        'nothing' => 'Nothing of the file was taken.', 'took' => ':added added, :changed changed, :same as they were.',
    ],
    'sheet_file' => [
        'title' => 'The maker\'s data sheet', 'add' => 'Save a file with it', 'what' => 'PDF, picture or plain text, up to 8 MB.',
        'type' => 'This is no PDF, picture or plain text, whatever its name says.', 'large' => 'Up to 8 MB.', 'none' => 'A file is needed.',
        'kept' => 'The file is kept with it.', 'open' => 'Data sheet: :name',
    ],
    'shopping' => [
        'title' => 'To buy', 'link' => 'To buy', 'nothing' => 'Nothing is asked for that is not there, and nothing is low.',
        'order' => 'Order by', 'order_by' => 'order by :day', 'order_unless' => 'now, if there is none', 'order_late' => 'order today, late by :days', 'order_now' => 'today, late by :days', 'late_days' => 'a day|:count days',
        'lead' => '{0} there at once|{1} comes in a day|[2,*] comes in :count days',
        'by' => 'Needed by', 'what' => 'What', 'missing' => 'Missing', 'packs' => 'Packs', 'price' => 'Last price', 'low' => 'low',
        'no_supplier' => 'Nobody noted from where', 'why' => 'Each need of the run sheet in the order of time takes from the lots that '
            .'are good then, the first to expire first. What no lot covers is missing from that step on. A pack is what came last; '
            .'how long it takes from an order too, or what the shop reckons with. '
            .'Low is a tenth of that, or less. What never was delivered is not counted: all of it is listed, and a count ends that.',
        'not_counted' => 'not counted: all that open parts will take',
        'csv' => 'As CSV', 'print' => 'Print', 'packs_of' => ':n × :pack', 'unknown' => '–', 'sum' => 'Together at the last prices',
    ],
    'weigh' => [
        'title' => 'From the shelf',
        'left' => '<b>:jar</b> lot :mark: :left left', 'no_lot' => '<b>:jar</b> no lot left on the shelf',
        'open' => 'Open coats still need :all of it, this cup included', 'short' => ':missing more than there is',
        'old' => 'past its date', 'unknown' => '<b>:jar</b> no delivery typed in',
    ],
];
