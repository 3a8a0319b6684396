<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Lang;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Finder\Finder;

/** Views show and speak from lang/: short lines, no sentence of their own, no line asked for that is not there. */
final class WordsTest extends TestCase
{
    private const LONGEST = 140;

    /** @return iterable<string, array{string, string}> */
    public static function sources(): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach (["{$root}/resources/views", "{$root}/app"] as $folder) {
            foreach ((new Finder())->files()->in($folder)->name('*.php') as $file) {
                yield basename($folder)."/{$file->getRelativePathname()}" => [basename($folder), $file->getContents()];
            }
        }
    }

    #[DataProvider('sources')]
    public function testEveryLineThatIsAskedForIsThere(string $folder, string $source): void
    {
        preg_match_all('/(?:__|@say|trans_choice|Line::html)\(\'([a-z_-]+\.[a-z0-9_.-]*[a-z0-9_])\'/', $source, $found);
        foreach ($found[1] as $key) {
            self::assertTrue(Lang::has($key), $key);
        }
        self::assertNotSame('', $source);
    }

    #[DataProvider('sources')]
    public function testAViewHasShortLinesAndNoSentence(string $folder, string $source): void
    {
        foreach ($folder === 'views' ? explode("\n", $source) : [] as $n => $line) {
            self::assertLessThanOrEqual(self::LONGEST, mb_strlen($line), 'line '.($n + 1));
        }
        // What is left when code, comments and tags are taken away: the name of the app, units and signs.
        $text = (string) preg_replace(['/\{\{--.*?--\}\}/s', '/\{\{.*?\}\}/s', '/@\w+ ?(\((?:[^()]++|(?1))*\))?/s', '/<[^>]*>/s'], ' ', $source);
        preg_match_all('/\b[A-Za-z]{2,}(?: [a-z]{2,}){2,}/', $folder === 'views' ? $text : '', $sentences);
        self::assertSame([], $sentences[0]);
    }
}
