<?php

declare(strict_types=1);

// The stand-in bench scale: GET / is a small page to pour, dribble, bump, tare, drift and pull the plug; POST / does one of
// these; GET /lines?since=N answers what it wrote since, five lines a second, as docs/scale.md has it.

const EVERY_S = 0.2;
const KEPT_BYTES = 4096;
const MOST_G = 5000.0;
const STEP_G = 0.1;
// It follows its load in a quarter of a second; nobody pours faster from a jar.
const LAG_S = 0.25;
const POUR_G_S = 12.0;
const DRIBBLE_G_S = 1.5;

$file = fopen(sys_get_temp_dir()."/oak-gloss-scale-{$_SERVER['SERVER_PORT']}.json", 'c+') ?: exit(1);
flock($file, LOCK_EX);
$now = microtime(true);
$scale = json_decode((string) stream_get_contents($file), true);
if (! is_array($scale) || $now - $scale['at'] > 600.0) {
    $scale = ['at' => $now, 'load' => 0.0, 'shown' => 0.0, 'tare' => 0.0, 'coming' => 0.0, 'rate' => POUR_G_S, 'drift' => 0.0,
        'shake' => 0.0, 'lost' => false, 'written' => 0, 'text' => ''];
}
for (; $scale['at'] + EVERY_S <= $now; $scale['at'] += EVERY_S) {
    $falls = min($scale['coming'], $scale['rate'] * EVERY_S);
    $scale['coming'] -= $falls;
    $scale['load'] += $falls;
    $scale['tare'] -= $scale['drift'] * EVERY_S;
    $before = $scale['shown'];
    $scale['shown'] += ($scale['load'] - $scale['shown']) * (1.0 - exp(-EVERY_S / LAG_S));
    // A knock swings from side to side and dies away.
    $shaken = $scale['shake'];
    $scale['shake'] *= -0.4;
    $grams = round(($scale['shown'] - $scale['tare'] + $shaken + 0.02 * mt_rand(-1000, 1000) / 1000.0) / STEP_G) * STEP_G;
    $moves = abs($scale['shown'] - $before) > 0.3 * STEP_G || abs($shaken) > STEP_G;
    $line = $scale['shown'] > MOST_G
        ? "OL\r\n"
        : sprintf("%s,%s%7.1f g\r\n", $moves ? 'US' : 'ST', $grams < -0.5 * STEP_G ? '-' : '+', abs($grams));
    $scale['text'] = substr($scale['text'].$line, -KEPT_BYTES);
    $scale['written'] += strlen($line);
}
if ($_SERVER['REQUEST_METHOD'] === 'POST') {
    $grams = max(0.0, min(20000.0, (float) ($_POST['g'] ?? 0)));
    match ($_POST['do'] ?? '') {
        'pour' => [$scale['coming'], $scale['rate']] = [$scale['coming'] + $grams, POUR_G_S],
        'dribble' => [$scale['coming'], $scale['rate']] = [$scale['coming'] + $grams, DRIBBLE_G_S],
        'stop' => $scale['coming'] = 0.0,
        'put' => $scale['load'] += $grams,
        'clear' => [$scale['load'], $scale['coming']] = [0.0, 0.0],
        'bump' => $scale['shake'] = 90.0,
        'tare' => $scale['tare'] = $scale['shown'],
        'drift' => $scale['drift'] = $scale['drift'] === 0.0 || $scale['drift'] === 0 ? 0.1 : 0.0,
        'plug' => $scale['lost'] = ! $scale['lost'],
        default => null,
    };
}
ftruncate($file, 0);
rewind($file);
fwrite($file, (string) json_encode($scale, JSON_PRESERVE_ZERO_FRACTION));
flock($file, LOCK_UN);

if ($_SERVER['REQUEST_METHOD'] === 'POST') {
    header('Location: /', true, 303);
    exit;
}
if (str_starts_with($_SERVER['REQUEST_URI'], '/lines')) {
    if ($scale['lost'] && ! isset($_GET['page'])) {
        http_response_code(503);
        exit;
    }
    $oldest = $scale['written'] - strlen($scale['text']);
    $since = is_numeric($_GET['since'] ?? null) ? (int) $_GET['since'] : $scale['written'] - 64;
    $from = $since > $scale['written'] ? $oldest : max($oldest, $since);
    header('Content-Type: application/json');
    echo json_encode(['from' => $from, 'next' => $scale['written'], 'text' => substr($scale['text'], $from - $oldest)]);
    exit;
}
?>
<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>Stand-in scale</title>
<style>
    body { font: 18px/1.4 sans-serif; max-width: 34rem; margin: 1.5rem auto; padding: 0 1rem; background: #f4f1ea; color: #222; }
    output { display: block; font: 600 3rem/1.5 monospace; text-align: right; background: #dfe5d3; padding: 0 1rem; }
    form { display: flex; flex-wrap: wrap; gap: .5rem; margin: 1rem 0; }
    button, input { font: inherit; min-height: 44px; padding: 0 1rem; }
    input { width: 6rem; }
</style>
<h1>Stand-in scale</h1>
<output aria-label="Display">–</output>
<form method="post">
    <label>Grams <input name="g" value="50" inputmode="decimal"></label>
    <button name="do" value="pour">Pour</button>
    <button name="do" value="dribble">Dribble</button>
    <button name="do" value="stop">Stop</button>
    <button name="do" value="put">Put on</button>
    <button name="do" value="clear">All off</button>
    <button name="do" value="bump">Bump</button>
    <button name="do" value="tare">Tare</button>
    <button name="do" value="drift">Drift <?= $scale['drift'] > 0 ? 'off' : 'on' ?></button>
    <button name="do" value="plug"><?= $scale['lost'] ? 'Plug in' : 'Pull the plug' ?></button>
</form>
<script>
    const field = document.querySelector('input');
    field.value = sessionStorage.grams || field.value;
    field.addEventListener('input', () => { sessionStorage.grams = field.value; });
    setInterval(async () => {
        const { text } = await (await fetch('/lines?page=1')).json();
        document.querySelector('output').textContent = text.split('\r\n').at(-2) ?? '';
    }, 300);
</script>
