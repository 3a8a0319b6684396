<?php

declare(strict_types=1);

return [
    'title' => 'Zones',
    'from_sizes' => 'The zones follow from the sizes above.',
    'scroll' => 'Zones; scroll sideways',
    'columns' => ['No.', 'Zone', 'Kind', 'Slope °', 'Length :unit', 'Area :area', 'Radius :unit', 'Seen', 'Fed by no., from the top'],
    'label' => [
        'name' => 'Name of zone :n', 'kind' => 'Kind of zone :n', 'slope_deg' => 'Slope of zone :n', 'length_mm' => 'Length of zone :n',
        'area_cm2' => 'Area of zone :n', 'radius_mm' => 'Radius of zone :n',
        'visibility' => 'How zone :n is seen', 'above' => 'What feeds zone :n',
    ],
    'nothing' => 'nothing',
    'add' => 'Add a zone',
    'from_shape' => 'Back to the shape\'s zones',
    'edit' => 'Edit the zones',
];
