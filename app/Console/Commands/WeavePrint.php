<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\GdPhoto;
use Illuminate\Console\Command;
use OakGloss\Optics\WeavePrint as Meter;
use OakGloss\Quantity\OakGlossFault;
use Symfony\Component\Console\Output\OutputInterface;

/** The weave-print meter without a browser: a photo in, JSON out. */
final class WeavePrint extends Command
{
    protected $signature = 'gloss:weave-print {file : a JPEG, PNG or WebP photo of one face in raking light}
        {--pitch-mm= : pattern repeat of the cloth}
        {--mm-per-px= : scale of the photo; from its weave where it is not given}';

    protected $description = 'Read how far the weave shows in a photo of a surface';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $bytes = is_file($file) ? (string) file_get_contents($file) : null;
        if ($bytes === null) {
            return $this->refuse('file', 'there is no such file');
        }
        $given = [];
        foreach (['pitch-mm' => true, 'mm-per-px' => false] as $name => $isNeeded) {
            $typed = $this->option($name);
            if ($typed === null && ! $isNeeded) {
                $given[] = null;

                continue;
            }
            if (! is_numeric($typed)) {
                return $this->refuse(strtr($name, '-', '_'), 'must be a number');
            }
            $given[] = (float) $typed;
        }
        try {
            $reading = Meter::of(GdPhoto::read($bytes), (float) $given[0], $given[1]);
        } catch (\UnexpectedValueException) {
            return $this->refuse('file', 'is no JPEG, PNG or WebP picture');
        } catch (OakGlossFault $e) {
            return $this->refuse(str_contains($e->getMessage(), 'repeat') ? 'pitch_mm' : 'mm_per_px', $e->getMessage());
        }
        $this->output->writeln(
            (string) json_encode($reading->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            OutputInterface::OUTPUT_RAW,
        );

        return 0;
    }

    private function refuse(string $field, string $message): int
    {
        $this->output->writeln(
            (string) json_encode(
                ['error' => ['field' => $field, 'message' => $message]],
                JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE,
            ),
            OutputInterface::OUTPUT_RAW,
        );

        return 2;
    }
}
