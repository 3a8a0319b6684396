<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The commands as a shell sees them. */
final class CommandsTest extends TestCase
{
    public function testGlossCalcAnswersJsonAndSucceeds(): void
    {
        [$code, $out, $error] = $this->shell(['artisan', 'gloss:calc', 'dew-point'], '{"air_c": 20, "rh_percent": 50}');
        self::assertSame([0, ''], [$code, $error]);
        self::assertEqualsWithDelta(9.26, json_decode($out, true)['dew_point_c'], 0.05);
    }

    public function testAnArrayGoesInAndOut(): void
    {
        [$code, $out] = $this->shell(['artisan', 'gloss:calc', 'gloss'], '[{"compound": "cut"}, {"compound": "finish"}]');
        self::assertSame(0, $code);
        self::assertCount(2, json_decode($out, true));
    }

    #[TestWith(['film', '{"air_c": 20}', 'resin'])]
    #[TestWith(['dew-point', '{"air_c": 20, "rh_percent": 50, "wind": 3}', 'wind'])]
    #[TestWith(['dew-point', 'air_c=20', 'input'])]
    #[TestWith(['varnish', '{}', 'model'])]
    #[TestWith(['dew-point', "{\"air_c\": \"\xff<b>\"}", 'input'])]
    public function testBadInputIsOneJsonErrorAndExitTwo(string $model, string $input, string $field): void
    {
        [$code, $out, $error] = $this->shell(['artisan', 'gloss:calc', $model], $input);
        self::assertSame([2, ''], [$code, $error]);
        $answer = json_decode($out, true);
        self::assertSame(['error'], array_keys($answer));
        self::assertSame(['field', 'message'], array_keys($answer['error']));
        self::assertSame($field, $answer['error']['field']);
    }

    public function testWithoutAModelItSaysWhichThereAre(): void
    {
        [$code, $out] = $this->shell(['artisan', 'gloss:calc'], '');
        self::assertSame(2, $code);
        self::assertStringContainsString('cure-window', json_decode($out, true)['error']['message']);
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string}
     */
    private function shell(array $arguments, string $input): array
    {
        $process = proc_open([PHP_BINARY, ...$arguments], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $error];
    }
}
