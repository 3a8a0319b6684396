<?php

declare(strict_types=1);

namespace Tools;

/** One device against a running server: signs in, reads pages and presses what the bench offers, as a browser would. */
final class Device
{
    public const PASSWORD = 'load-and-long-enough';

    private const PATIENCE_S = 90;
    private const PAGES = ['/parts', '/run-sheet', '/shelf', '/air', '/shop'];

    /** One in so many things is a calendar's reading, and one a sign-in. */
    private const CALENDAR_EVERY = 12;
    private const SIGN_IN_EVERY = 30;

    /** @var non-empty-string */
    private readonly string $cookies;

    private int $marks = 0;

    /**
     * @param string $name begins all its marks
     * @param string $feed address of a calendar
     * @param int    $lot  that it takes a gram of now and then
     */
    public function __construct(
        private readonly string $url,
        private readonly string $email,
        private readonly float $shareOfWrites,
        private readonly string $name,
        private readonly string $feed,
        private readonly int $lot,
    ) {
        $this->cookies = tempnam(sys_get_temp_dir(), 'oak-device') ?: throw new \RuntimeException('no room for cookies');
    }

    public function __destruct()
    {
        @unlink($this->cookies);
    }

    /**
     * @return iterable<array{at: float, what: string, status: int, ms: float, token: string, kept: bool}> one for each thing that it did
     */
    public function live(float $until): iterable
    {
        while (! $this->signIn() && microtime(true) < $until) {
            usleep(300000);
        }
        while (microtime(true) < $until) {
            if (mt_rand(1, self::CALENDAR_EVERY) === 1) {
                yield $this->told('calendar', $this->ask($this->feed));
            }
            if (mt_rand(1, self::SIGN_IN_EVERY) === 1) {
                file_put_contents($this->cookies, '');
                $door = $this->door();
                yield $this->told('sign-in', $door);
            }
            $bench = $this->ask('/');
            yield $this->told('page', $bench);
            if ($bench['status'] === 302) {
                $this->signIn();
            } elseif ($bench['status'] === 200 && mt_rand(0, 999) < 1000 * $this->shareOfWrites) {
                yield $this->press($bench['body']);
            } else {
                yield $this->told('page', $this->ask(self::PAGES[array_rand(self::PAGES)]));
            }
        }
    }

    private function signIn(): bool
    {
        return $this->door()['status'] === 302;
    }

    /** @return array{status: int, body: string, to: string, ms: float} */
    private function door(): array
    {
        $page = $this->ask('/login');
        $mark = $this->mark($page['body']);

        return $mark === null ? $page : $this->ask('/login', ['_token' => $mark, 'email' => $this->email, 'password' => self::PASSWORD]);
    }

    /**
     * A reading of the air, a gram of a lot, or the first act that the bench offers.
     *
     * @return array{at: float, what: string, status: int, ms: float, token: string, kept: bool}
     */
    private function press(string $bench): array
    {
        $mark = $this->name.'-'.++$this->marks;
        [$what, $path, $form] = match (mt_rand(0, 3)) {
            0 => ['take', "/lots/{$this->lot}", ['token' => $mark, 'what' => 'taken', 'quantity' => '1']],
            1 => ['reading', '/air', ['token' => $mark, 'air_c' => (string) (mt_rand(150, 220) / 10)]],
            default => $this->offered($bench, $mark)
                ?? ['reading', '/air', ['token' => $mark, 'air_c' => (string) (mt_rand(150, 220) / 10)]],
        };
        $began = microtime(true);
        $answer = $this->ask($path, $form + ['_token' => (string) $this->mark($bench)]);
        // Only what the page that follows says to be kept counts as acknowledged.
        $after = $answer['status'] === 302 ? $this->ask((string) preg_replace('~^https?://[^/]+~', '', $answer['to'])) : ['body' => ''];
        $said = preg_match('~<p class="notice" role="status">(.*?)</p>~s', $after['body'], $m) === 1 ? $m[1] : '';

        // What another device pressed is that one's act.
        $isOwn = ! str_contains($said, 'one act');

        return ['at' => $began, 'kept' => $isOwn && preg_match('/kept|taken off/i', $said) === 1, 'token' => $form['token'] ?? '']
            + $this->told($what, $answer);
    }

    /** @return array{string, string, array<string, string>}|null */
    private function offered(string $page, string $mark): ?array
    {
        preg_match_all('~<form method="post" action="([^"]+/facts)".*?</form>~s', $page, $forms);
        $form = array_values(array_filter(
            $forms[0],
            fn (string $f): bool => ! str_contains($f, 'name="at"') && ! str_contains($f, 'checkbox'),
        ))[0] ?? null;
        if ($form === null || preg_match('~action="https?://[^/]+([^"]+)"~', $form, $action) !== 1) {
            return null;
        }
        preg_match_all('~<input type="hidden" name="([^"]+)" value="([^"]*)"~', $form, $fields);
        $button = preg_match('~<button[^>]+name="([^"]+)" value="([^"]+)"~', $form, $b) === 1 ? [$b[1] => $b[2]] : [];

        $hidden = array_combine($fields[1], array_map(html_entity_decode(...), $fields[2]));

        return ['act', $action[1], ['token' => $mark] + $hidden + $button];
    }

    private function mark(string $page): ?string
    {
        return preg_match('/name="_token" value="([^"]+)"/', $page, $m) === 1 ? $m[1] : null;
    }

    /**
     * @param array<string, string>|null $form
     *
     * @return array{status: int, body: string, to: string, ms: float}
     */
    private function ask(string $path, ?array $form = null): array
    {
        $handle = curl_init($this->url.$path);
        curl_setopt_array(
            $handle,
            [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_COOKIEJAR => $this->cookies,
                CURLOPT_COOKIEFILE => $this->cookies,
                CURLOPT_TIMEOUT => self::PATIENCE_S,
            ] + ($form === null ? [] : [CURLOPT_POSTFIELDS => http_build_query($form)]),
        );
        $began = microtime(true);
        $body = curl_exec($handle);
        $answer = [
            'status' => (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
            'body' => is_string($body) ? $body : '',
            'to' => (string) curl_getinfo($handle, CURLINFO_REDIRECT_URL),
            'ms' => round(1000.0 * (microtime(true) - $began)),
        ];
        // Closing writes the cookies.
        unset($handle);

        return $answer;
    }

    /**
     * @param array{status: int, ms: float, ...} $answer
     *
     * @return array{at: float, what: string, status: int, ms: float, token: string, kept: bool}
     */
    private function told(string $what, array $answer): array
    {
        return [
            'at' => microtime(true),
            'what' => $what,
            'status' => $answer['status'],
            'ms' => $answer['ms'],
            'token' => '',
            'kept' => false,
        ];
    }
}
