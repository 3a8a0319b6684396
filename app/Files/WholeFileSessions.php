<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Session\FileSessionHandler;

/** Sessions in files that are replaced whole: a full disk, or a server that is killed, leaves the one before, and signs nobody out. */
final class WholeFileSessions extends FileSessionHandler
{
    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        $to = "{$this->path}/{$sessionId}";
        $new = "{$to}.".getmypid();
        if (@file_put_contents($new, $data) !== strlen($data)) {
            @unlink($new);

            return true;
        }

        return rename($new, $to);
    }
}
