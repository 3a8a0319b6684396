<?php

declare(strict_types=1);

return [
    'by_weight' => '100 : :hardener by weight',
    'by_volume' => ':resin : :hardener by volume',
    'resin' => ':ratio · bonds :opens to :closes at :c °C',
    'uv_stable' => ' · UV stable',
    'cloth' => ':weight g/m² · :width mm roll',
    'clear' => ':sheen · :dry µm dry a coat',
    'isocyanate' => ' · isocyanate',
    'consumable' => ':n at hand, :what',
    'consumable_low' => ':n at hand, :what: buy',
    'added' => ':name is on the shelf.',
    'changed' => ':name is changed. Parts already begun keep the sheet they were begun with.',
    'meanwhile' => ':who changed it from :was to :is while this was open. Keep again to put yours in its place.',
    'meanwhile_all' => ':who kept this sheet anew while it was open. Keep again to put yours in its place.',
    'nothing' => 'nothing',
];
