<?php

declare(strict_types=1);

// One device in a process of its own: reads {user, method, uri, data, pause_ms, gate} as JSON from standard input, says that
// it is ready, waits until the gate's lock is let go, acts, and answers {status, errors, notice, ms, body}. The pause lies
// between what the app has judged and the first row that it writes.

use App\Models\PartFact;
use App\Models\StockMove;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

/** @var array{user: int, method: string, uri: string, data: array<string, mixed>, pause_ms: int, gate: string, body?: bool} $act */
$act = json_decode((string) stream_get_contents(STDIN), true, 16, JSON_THROW_ON_ERROR);
foreach ([PartFact::class, StockMove::class] as $row) {
    $row::creating(fn () => usleep(1000 * $act['pause_ms']));
}
Auth::login(User::query()->findOrFail($act['user']));
$gate = fopen($act['gate'], 'r') ?: throw new RuntimeException('no gate');
echo "ready\n";
flock($gate, LOCK_SH);
$began = microtime(true);
$response = $app->make(Kernel::class)->handle(Request::create($act['uri'], $act['method'], $act['data']));
$errors = session('errors')?->all() ?? [];
echo json_encode([
    'status' => $response->getStatusCode(), 'errors' => $errors, 'notice' => session('notice'),
    'ms' => 1000.0 * (microtime(true) - $began), 'body' => ($act['body'] ?? false) ? $response->getContent() : null,
]), "\n";
