<?php

declare(strict_types=1);

// The stand-in probe's address: GET /?since=…&now=… answers what it kept since then, without both the last reading.
// OAK_PROBE_SAYS makes it misbehave for a test: silent, hot, nan, junk.

require dirname(__DIR__, 2).'/vendor/autoload.php';

use App\Devices\StandInProbe;

header('Content-Type: application/json');
$says = getenv('OAK_PROBE_SAYS') ?: '';
$now = strtotime((string) ($_GET['now'] ?? '')) ?: time();
$since = strtotime((string) ($_GET['since'] ?? '')) ?: $now - 300;
if ($says === 'silent') {
    http_response_code(503);
} elseif ($says === 'junk') {
    echo '<html>';
} elseif ($says === 'hot' || $says === 'nan') {
    echo json_encode(['air_c' => $says === 'hot' ? 85.0 : 'NaN', 'measured_at' => gmdate('Y-m-d\TH:i:s\Z', $now)]);
} else {
    echo json_encode(StandInProbe::between(max($since, $now - 2 * 86400), $now));
}
