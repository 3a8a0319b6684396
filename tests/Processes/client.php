<?php

declare(strict_types=1);

// One device against a running server: signs in, reads pages and presses what the bench offers, until a moment. Each line
// that it prints is one answer as JSON: {at, what, status, ms, token, kept}. Usage: client.php URL EMAIL SECONDS SHARE_OF_WRITES

[, $url, $email, $seconds, $share] = $argv;
$until = microtime(true) + (float) $seconds;
$cookies = (string) tempnam(sys_get_temp_dir(), 'oak-cookies');
mt_srand(crc32($email));

/** @param array<string, string>|null $form */
function ask(string $url, ?array $form = null): array
{
    global $cookies;
    $handle = curl_init($url);
    curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $cookies, CURLOPT_COOKIEFILE => $cookies, CURLOPT_TIMEOUT => 90, CURLOPT_FOLLOWLOCATION => false]);
    if ($form !== null) {
        curl_setopt($handle, CURLOPT_POSTFIELDS, http_build_query($form));
    }
    $began = microtime(true);
    $body = (string) curl_exec($handle);
    $answer = ['status' => (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), 'body' => $body, 'to' => (string) curl_getinfo($handle, CURLINFO_REDIRECT_URL), 'ms' => round(1000 * (microtime(true) - $began))];
    curl_close($handle);

    return $answer;
}

function signIn(string $url, string $email): bool
{
    for ($try = 0; $try < 60; $try++) {
        $page = ask("{$url}/login");
        if (preg_match('/name="_token" value="([^"]+)"/', $page['body'], $m) === 1 && ask("{$url}/login", ['_token' => $m[1], 'email' => $email, 'password' => 'load-and-long-enough'])['status'] === 302) {
            return true;
        }
        usleep(300000);
    }

    return false;
}

/** @return array{string, array<string, string>}|null an act that the page offers */
function offered(string $page): ?array
{
    preg_match_all('~<form method="post" action="([^"]+/facts)".*?</form>~s', $page, $forms);
    $forms = array_values(array_filter($forms[0], fn (string $f): bool => ! str_contains($f, 'name="at"') && ! str_contains($f, 'checkbox')));
    if ($forms === []) {
        return null;
    }
    $form = $forms[0];
    preg_match('~action="([^"]+)"~', $form, $action);
    preg_match_all('~<input type="hidden" name="([^"]+)" value="([^"]*)"~', $form, $fields);

    return [html_entity_decode($action[1]), array_combine($fields[1], array_map(html_entity_decode(...), $fields[2])) + (preg_match('~<button[^>]+name="([^"]+)" value="([^"]+)"~', $form, $b) === 1 ? [$b[1] => $b[2]] : [])];
}

signIn($url, $email) || exit(1);
while (microtime(true) < $until) {
    $bench = ask("{$url}/");
    $line = ['at' => microtime(true), 'what' => 'page', 'status' => $bench['status'], 'ms' => $bench['ms']];
    if ($bench['status'] === 302) {
        signIn($url, $email);
    } elseif ($bench['status'] === 200 && mt_rand(0, 999) < 1000 * (float) $share && preg_match('/name="_token" value="([^"]+)"/', $bench['body'], $m) === 1) {
        $isAir = mt_rand(0, 1) === 0;
        [$action, $form] = $isAir ? ["{$url}/air", ['_token' => $m[1], 'token' => bin2hex(random_bytes(12)), 'air_c' => (string) (mt_rand(150, 220) / 10)]] : (offered($bench['body']) ?? ["{$url}/air", ['_token' => $m[1], 'token' => bin2hex(random_bytes(12)), 'air_c' => '18']]);
        $answer = ask($action, $form);
        // What was kept is said on the page that follows; only that counts as acknowledged.
        $after = $answer['status'] === 302 ? ask($answer['to']) : ['body' => '', 'status' => 0];
        $said = preg_match('~<p class="notice" role="status">(.*?)</p>~s', $after['body'], $n) === 1 ? trim($n[1]) : '';
        $line = ['at' => microtime(true), 'what' => 'write', 'status' => $answer['status'], 'ms' => $answer['ms'], 'token' => $form['token'] ?? '', 'kept' => str_contains($said, 'kept'), 'said' => mb_substr($said, 0, 60)];
    } else {
        $page = ask($url.['/parts', '/run-sheet', '/shelf', '/air', '/shop'][mt_rand(0, 4)]);
        $line = ['at' => microtime(true), 'what' => 'page', 'status' => $page['status'], 'ms' => $page['ms']];
    }
    echo json_encode($line), "\n";
}
@unlink($cookies);
