<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Health\Notes;
use App\People\Audit;
use App\Stock\Ledger;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;

/** Every night: whether the file is whole, every row points to one that is there, and each lot is the sum of its moves. */
final class Check extends Command
{
    protected $signature = 'oak:check';

    protected $description = 'Check that the data are whole and that each lot is the sum of its moves';

    public function handle(Ledger $ledger, Audit $audit, Notes $notes): int
    {
        $wrong = [];
        $whole = DB::scalar('pragma quick_check');
        if ($whole !== 'ok') {
            $wrong[] = "The file is damaged: {$whole}";
        }
        foreach (DB::select('pragma foreign_key_check') as $row) {
            $wrong[] = "A row of {$row->table} points to one of {$row->parent} that is not there.";
        }
        foreach ($ledger->differing() as $lot) {
            $wrong[] = sprintf('Lot %d: %.3f left, its moves come to %.3f.', $lot['lot'], $lot['left'], $lot['moves']);
            $audit->note($lot['shop'], 'stock_differs', null, $lot);
        }
        foreach ($wrong as $line) {
            $this->error($line);
            Log::error($line);
        }
        $notes->note(Notes::CHECK, $wrong === [], $wrong === [] ? [] : ['why' => mb_substr(implode(' ', $wrong), 0, 300)]);
        if ($wrong === []) {
            $this->line('All is whole; each lot is the sum of its moves.');
        }

        return $wrong === [] ? self::SUCCESS : self::FAILURE;
    }
}
