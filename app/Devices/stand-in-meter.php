<?php

declare(strict_types=1);

// The stand-in gloss meter's address: GET / answers one reading of the place that it stands on. OAK_METER_SURFACE says
// what that is: gloss (the default), satin, matt or hazed; silent makes it fail. Each reading scatters as a hand-held meter does.

$surface = getenv('OAK_METER_SURFACE') ?: 'gloss';
if ($surface === 'silent') {
    http_response_code(503);
    exit;
}
$gu = ['gloss' => 84.6, 'satin' => 41.0, 'matt' => 13.5, 'hazed' => 58.0][$surface] ?? 84.6;
header('Content-Type: application/json');
echo json_encode(['gu_60' => round($gu + 0.6 * (mt_rand(-1000, 1000) + mt_rand(-1000, 1000)) / 1000, 1), 'angle_deg' => 60]);
