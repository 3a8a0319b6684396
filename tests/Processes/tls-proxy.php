<?php

declare(strict_types=1);

// A small proxy that ends TLS, as one stands before a shop's server: tls-proxy.php CERTIFICATE PORT BACKEND-PORT. It passes each
// request on as it came, says for whom it asks and that it was asked safely, and closes the connection after the answer.

[, $certificate, $port, $backend] = $argv;
$context = stream_context_create(['ssl' => ['local_cert' => $certificate]]);
$server = stream_socket_server("tcp://127.0.0.1:{$port}", $code, $message, STREAM_SERVER_BIND | STREAM_SERVER_LISTEN, $context)
    ?: throw new RuntimeException($message);
while (true) {
    $client = @stream_socket_accept($server, 3600);
    if ($client === false) {
        continue;
    }
    // Each connection in a process of its own: a browser keeps some open while it asks on others.
    if (pcntl_fork() !== 0) {
        fclose($client);
        while (pcntl_waitpid(-1, $status, WNOHANG) > 0) {
        }
        continue;
    }
    stream_set_timeout($client, 5);
    if (@stream_socket_enable_crypto($client, true, STREAM_CRYPTO_METHOD_TLS_SERVER) !== true) {
        exit;
    }
    $head = '';
    while (! str_contains($head, "\r\n\r\n")) {
        $line = fgets($client);
        if ($line === false) {
            exit;
        }
        $head .= $line;
    }
    $length = preg_match('/^content-length:\s*(\d+)/mi', $head, $of) === 1 ? (int) $of[1] : 0;
    $body = $length > 0 ? (string) stream_get_contents($client, $length) : '';
    $head = (string) preg_replace('/^(connection|x-forwarded-[a-z]+):.*\r\n/mi', '', $head);
    $said = "X-Forwarded-For: 192.0.2.44\r\nX-Forwarded-Proto: https\r\nConnection: close\r\n\r\n";
    $behind = stream_socket_client("tcp://127.0.0.1:{$backend}") ?: exit;
    fwrite($behind, substr($head, 0, -2).$said.$body);
    while (! feof($behind)) {
        fwrite($client, (string) fread($behind, 65536));
    }
    fclose($client);
    exit;
}
