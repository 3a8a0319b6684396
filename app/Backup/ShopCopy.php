<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use SQLite3;

/** Whole copies of the shop's data, made and put back while the shop works. */
final class ShopCopy
{
    /** What a copy must hold to be one: tables with columns that every version had. */
    private const HOLDS = [
        'shops' => ['id', 'name', 'zone', 'working_hours', 'cup_loss_g'],
        'users' => ['id', 'shop_id', 'email', 'password'],
        'parts' => ['id', 'shop_id', 'letter', 'substrate', 'finished_at'],
        'facts' => ['id', 'part_id', 'user_id', 'kind', 'step', 'happened_at', 'data', 'token'],
        'resins' => ['id', 'shop_id', 'sheet', 'tack_from_age_min'],
        'migrations' => ['migration', 'batch'],
    ];

    private const WAIT_MS = 60000;

    /** A copy by the database itself is whole even while somebody writes. */
    public static function make(string $from, string $to): void
    {
        // Under its name only when it is whole: what fails half-way leaves nothing that looks like a copy.
        $half = "{$to}.half";
        $source = new SQLite3($from, SQLITE3_OPEN_READWRITE);
        $source->enableExceptions(true);
        $source->busyTimeout(self::WAIT_MS);
        try {
            @unlink($half);
            $source->exec("VACUUM INTO '".SQLite3::escapeString($half)."'");
            chmod($half, 0600);
            rename($half, $to);
        } finally {
            $source->close();
            if (is_file($half)) {
                unlink($half);
            }
        }
    }

    /**
     * Checks a copy and brings it to this version.
     *
     * @return string a file of its own that can be put back
     *
     * @throws NotRestored If it is no whole copy of a shop's data.
     */
    public static function prepared(string $file, string $live): string
    {
        if (! is_file($file) || ! is_readable($file)) {
            throw NotRestored::because("There is no file {$file}.");
        }
        if (is_file($live) && (realpath($file) === realpath($live) || fileinode($file) === fileinode($live))) {
            throw NotRestored::because('That is the live file itself.');
        }
        $ready = dirname($live).'/restoring-'.getmypid().'.sqlite';
        try {
            self::make($file, $ready);
            self::check($ready);
            self::migrate($ready);
            self::check($ready);
        } catch (\Throwable $e) {
            array_map(unlink(...), glob("{$ready}*") ?: []);

            throw $e instanceof NotRestored ? $e : NotRestored::because("{$file} is no whole copy of a shop's data.");
        }

        return $ready;
    }

    /** Writes a copy over the live data, as one transaction of the database: open connections see it at once. */
    public static function putBack(string $ready, string $live): void
    {
        $source = new SQLite3($ready, SQLITE3_OPEN_READWRITE);
        $target = new SQLite3($live, SQLITE3_OPEN_READWRITE | SQLITE3_OPEN_CREATE);
        foreach ([$source, $target] as $db) {
            $db->enableExceptions(true);
            $db->busyTimeout(self::WAIT_MS);
        }
        $target->exec('PRAGMA synchronous = FULL');
        $until = microtime(true) + self::WAIT_MS / 1000;
        // Somebody may still read or write: it waits for them.
        while (! self::backedUp($source, $target)) {
            microtime(true) < $until ?: throw NotRestored::because('The shop is not left alone for a moment.');
            usleep(50000);
        }
        $source->close();
        $target->close();
        chmod($live, 0600);
        array_map(unlink(...), glob("{$ready}*") ?: []);
    }

    private static function backedUp(SQLite3 $source, SQLite3 $target): bool
    {
        try {
            return $source->backup($target);
        } catch (\Exception) {
            return false;
        }
    }

    private static function check(string $file): void
    {
        $db = new SQLite3($file, SQLITE3_OPEN_READWRITE);
        $db->enableExceptions(true);
        try {
            if ($db->querySingle('PRAGMA integrity_check') !== 'ok') {
                throw NotRestored::because("{$file} is damaged.");
            }
            foreach (self::HOLDS as $table => $columns) {
                $has = [];
                $rows = $db->query("PRAGMA table_info({$table})");
                while ($rows !== false && $row = $rows->fetchArray(SQLITE3_ASSOC)) {
                    $has[] = $row['name'];
                }
                if (array_diff($columns, $has) !== []) {
                    throw NotRestored::because('It is no copy of a shop\'s data: '.$table.' is missing or of another kind.');
                }
            }
            if ($db->querySingle('SELECT count(*) FROM pragma_foreign_key_check') !== 0) {
                throw NotRestored::because('Rows of it point to others that are not there.');
            }
            if ((int) $db->querySingle('SELECT count(*) FROM shops') === 0) {
                throw NotRestored::because('There is no shop in it.');
            }
        } finally {
            $db->close();
        }
    }

    private static function migrate(string $file): void
    {
        config(['database.connections.restoring' => ['database' => $file] + config('database.connections.sqlite')]);
        try {
            Artisan::call('migrate', ['--database' => 'restoring', '--force' => true]);
        } finally {
            DB::purge('restoring');
        }
    }
}
