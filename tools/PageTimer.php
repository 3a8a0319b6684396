<?php

declare(strict_types=1);

namespace Tools;

use App\Database\SqliteConnection;
use App\Models\Part;
use App\Models\PartFact;
use App\Models\PracticeRun;
use App\Models\User;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use OakGloss\Fact\Kind\Found;

/** Pages of the demo's shop, asked for as its owner does: how long each takes, what it reads and holds. */
final class PageTimer
{
    /** @return list<string> */
    public static function paths(): array
    {
        $id = fn (string $letter): int => (int) Part::query()->where('letter', $letter)->whereNull('finished_at')->value('id');
        $finished = (int) Part::query()->whereNotNull('finished_at')->orderBy('id')->value('id');

        return [
            '/', '/parts',
            '/parts/choose', '/parts/new',
            "/parts/{$id('W')}", "/parts/{$id('L')}", "/parts/{$id('P')}", "/parts/{$id('E')}",
            "/parts/{$id('Q')}/sand", "/parts/{$id('Q')}/film",
            "/parts/{$id('W')}/clear",
            "/parts/{$id('N')}/inspect", "/parts/{$id('N')}/defects/".self::defect(), '/parts/habits',
            "/parts/{$finished}/record", "/parts/{$id('E')}/edit",
            '/shelf', '/shelf/to-buy', '/shelf/resins/1', "/parts/{$id('E')}/money", "/parts/{$finished}/money", '/shop', '/run-sheet',
            '/run-sheet?span=2w', '/air',
            '/practice', '/practice/'.self::lessonUnderWay(), '/people', '/people/audit',
        ];
    }

    private static function defect(): int
    {
        $open = Part::query()->where('letter', 'N')->whereNull('finished_at')->select('id');

        return (int) PartFact::query()->whereIn('part_id', $open)->where('kind', Found::KIND)->value('id');
    }

    /** @return array{ms: float, rows: int, mb: float, kb: float} */
    public static function visit(string $path): array
    {
        app()->forgetScopedInstances();
        Auth::login(User::query()->orderBy('id')->firstOrFail());
        $connection = DB::connection();
        $rows = $connection instanceof SqliteConnection ? $connection->rowsRead() : 0;
        memory_reset_peak_usage();
        $held = memory_get_usage();
        $start = hrtime(true);
        $response = app(Kernel::class)->handle(Request::create($path));
        $ms = (hrtime(true) - $start) / 1e6;
        if ($response->getStatusCode() !== 200) {
            throw new \RuntimeException("{$path} answers {$response->getStatusCode()}");
        }

        return [
            'ms' => $ms,
            'rows' => ($connection instanceof SqliteConnection ? $connection->rowsRead() : 0) - $rows,
            'mb' => (memory_get_peak_usage() - $held) / 1e6,
            'kb' => strlen((string) $response->getContent()) / 1024,
        ];
    }

    /** @param list<float|int> $of */
    public static function median(array $of): float
    {
        sort($of);

        return (float) $of[intdiv(count($of), 2)];
    }

    private static function lessonUnderWay(): int
    {
        $user = User::query()->orderBy('id')->value('id');

        return PracticeRun::query()->firstOrCreate(
            ['user_id' => $user, 'lesson' => 'dust', 'seed' => 42],
            ['moves' => [['kind' => 'wipe'], ['kind' => 'mix', 'amount' => 20], ['kind' => 'coat']]],
        )->id;
    }
}
