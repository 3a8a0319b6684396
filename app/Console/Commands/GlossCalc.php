<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OakGloss\Calc\BadField;
use OakGloss\Calc\Calculator;

/** One model of the core without a browser: JSON in on standard input, JSON out. */
final class GlossCalc extends Command
{
    /** No input is longer. */
    private const MOST_BYTES = 4194304;

    protected $signature = 'gloss:calc {model? : the model to compute, such as cure-window}';

    protected $description = 'Compute one model: a JSON object (or an array of them) in, a JSON object out';

    public function handle(): int
    {
        try {
            $result = Calculator::run(
                (string) ($this->argument('model') ?? ''),
                (string) stream_get_contents(STDIN, self::MOST_BYTES),
                self::isSpent(...),
            );
            $json = json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
        } catch (BadField $e) {
            $this->output->writeln(
                (string) json_encode(
                    ['error' => ['field' => $e->field, 'message' => $e->getMessage()]],
                    JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
                ),
                self::OUTPUT_RAW,
            );

            return 2;
        }
        $this->output->writeln($json, self::OUTPUT_RAW);

        return 0;
    }

    /** By the processor's clock, so that a busy machine refuses nothing; without the compiler the same takes about three times as long. */
    private static function isSpent(): bool
    {
        $used = getrusage() ?: [];
        $isCompiled = function_exists('opcache_get_status') && ((opcache_get_status(false) ?: [])['jit']['on'] ?? false);

        return ($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_utime.tv_usec'] ?? 0) / 1e6 > ($isCompiled ? 2.0 : 6.0);
    }

    /** Angle brackets in a message are no markup. */
    private const OUTPUT_RAW = \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW;
}
