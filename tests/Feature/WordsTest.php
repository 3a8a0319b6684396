<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Sentences;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Lang;
use OakGloss\Method\Finding;
use OakGloss\Method\Severity;
use Symfony\Component\Finder\Finder;

/** Views show and speak from lang/: short lines, no sentence of their own, no line asked for that is not there. */
final class WordsTest extends TestCase
{
    private const LONGEST = 140;

    public function testEveryLineThatIsAskedForIsThere(): void
    {
        foreach ([...self::sources('resources/views'), ...self::sources('app')] as $name => $source) {
            preg_match_all('/(?:__|@say|trans_choice|Line::html)\(\'([a-z_-]+\.[a-z0-9_.-]*[a-z0-9_])\'/', $source, $found);
            foreach ($found[1] as $key) {
                self::assertTrue(Lang::has($key), "{$key}, asked for in {$name}");
            }
        }
    }

    public function testAFindingNamesAStepWithoutWhatOnlyItsPlanKnows(): void
    {
        foreach (array_keys((array) __('steps')) as $step) {
            $said = app(Sentences::class)->finding(new Finding(Severity::Note, 'mix.hot_tray', ['grams' => 40.0, 'coat' => $step, 'peak' => 150.0]));
            self::assertDoesNotMatchRegularExpression('/:[a-z]|\|/', $said['what'], (string) $step);
        }
    }

    public function testLinesAreShort(): void
    {
        foreach (['core', 'app', 'database', 'resources/views'] as $folder) {
            foreach (self::sources($folder) as $name => $source) {
                foreach (explode("\n", $source) as $n => $line) {
                    self::assertLessThanOrEqual(self::LONGEST, mb_strlen($line), $name.', line '.($n + 1));
                }
            }
        }
    }

    public function testAViewHasNoSentence(): void
    {
        foreach (self::sources('resources/views') as $name => $source) {
            // What is left when code, comments and tags are taken away: the name of the app, units and signs.
            $code = ['/\{\{--.*?--\}\}/s', '/\{\{.*?\}\}/s', '/@\w+ ?(\((?:[^()]++|(?1))*\))?/s', '/<[^>]*>/s'];
            preg_match_all('/\b[A-Za-z]{2,}(?: [a-z]{2,}){2,}/', (string) preg_replace($code, ' ', $source), $sentences);
            self::assertSame([], $sentences[0], $name);
        }
    }

    /** @return iterable<string, string> */
    private static function sources(string $folder): iterable
    {
        foreach ((new Finder())->files()->in(dirname(__DIR__, 2)."/{$folder}")->name('*.php') as $file) {
            yield "{$folder}/{$file->getRelativePathname()}" => $file->getContents();
        }
    }

    /** Nobody is told what a framework says of a form, on no page and on no command line. */
    public function testEveryMessageOfAFormIsInOurWords(): void
    {
        $theirs = Arr::dot(require base_path('vendor/laravel/framework/src/Illuminate/Translation/lang/en/validation.php'));
        $ours = Arr::dot(require lang_path('en/validation.php'));
        foreach (array_keys($theirs) as $key) {
            if (! str_starts_with($key, 'custom') && $key !== 'attributes') {
                self::assertArrayHasKey($key, $ours);
            }
        }
        foreach ($ours as $key => $said) {
            self::assertDoesNotMatchRegularExpression('/\bfield\b|^The :attribute|\b(?:invalid|required|integer|numeric|boolean|array)\b/i', (string) $said, $key);
        }
    }

    /** A sheet alone is one of four things: of data, of the week's work, of laminate, of paper. */
    public function testASheetIsNeverAlone(): void
    {
        foreach (glob(lang_path('en/*.php')) ?: [] as $file) {
            foreach (Arr::dot(require $file) as $key => $said) {
                $alone = preg_match('/(?<!run |data |flat |half )\bsheets?\b(?! metal| of paper)/i', (string) preg_replace('/:\w+/', '', (string) $said));
                self::assertSame(0, $alone, basename($file, '.php').".{$key}: {$said}");
            }
        }
    }
}
