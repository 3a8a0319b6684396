<?php

declare(strict_types=1);

// What follows from a brief while it is typed.
return [
    'costs_nothing' => 'No hour and no gram more than now.',
    'change' => 'Ready <b>:is</b> in place of :was; :hands of hands, :grams of resin.',
    'title' => 'What follows',
    'fault' => '<b>Not this way.</b> :fault',
    'open' => 'Grows while you type.',
    'still' => '<b>Still to come:</b> :what.',
    'sizes' => 'the sizes of the part',
    'ready' => 'ready by, begun now',
    'area' => 'area',
    'piece' => 'cloth piece',
    'base' => 'base, mixed',
    'over' => 'resin over the cloth',
    'coats' => 'build coats',
    'finish' => '+ :n finish',
    'hands' => 'hands-on',
    'clear' => 'clear, :n coats',
    'ml' => ':ml ml',
    'no_zone' => 'no zone',
    'trade' => '<b>The last coat:</b> :coats coats leave :risk of :zone burnt through, ready :ready; '
        .':less would leave :less_risk of :less_zone, :less_any that any shows, ready :less_ready.',
    'figures' => 'these figures',
    'why_piece' => 'surface laid flat, :wrap mm wrap and 10 mm slip on every side',
    'grams' => 'grams',
    'why_grams' => 'base :base, build :build, finish :finish g/m²; :loss stay in cup and brush',
    'why_coats' => 'fewest that keep every show zone under :target burnt through',
    'air' => 'working air',
    'why_air' => ':c, mean of the next days\' working hours',
    'after' => 'Each zone where a flatting ahead cuts it closest',
    'columns' => ['Zone', 'Coats it needs', 'Stays after flatting', 'Risk'],
    'as_rounds' => 'by rounds',
    'thickness' => ['mould' => 'wall of the mould', 'part' => 'laminate'],
    'mm' => ':mm mm',
    'parts' => 'parts from it',
    'of_sheet' => ':share % of the flat sheet',
    'over_ten' => 'over 10',
];
