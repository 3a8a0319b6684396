<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OakGloss\Calc\BadField;
use OakGloss\Calc\Calculator;

/** One model of the core without a browser: JSON in on standard input, JSON out. */
final class GlossCalc extends Command
{
    protected $signature = 'gloss:calc {model? : the model to compute, such as cure-window}';

    protected $description = 'Compute one model: a JSON object (or an array of them) in, a JSON object out';

    public function handle(): int
    {
        try {
            $result = Calculator::run((string) ($this->argument('model') ?? ''), (string) stream_get_contents(STDIN));
            $json = json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
        } catch (BadField $e) {
            $this->output->writeln((string) json_encode(['error' => ['field' => $e->field, 'message' => $e->getMessage()]], JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE), self::OUTPUT_RAW);

            return 2;
        }
        $this->output->writeln($json, self::OUTPUT_RAW);

        return 0;
    }

    /** Angle brackets in a message are no markup. */
    private const OUTPUT_RAW = \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW;
}
