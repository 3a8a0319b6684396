<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\AddressRefused;
use App\Devices\DeviceClient;
use App\Devices\DeviceSilent;
use App\Devices\HostNames;
use App\Devices\ShortAnswer;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** Devices are asked where the shop allows it, for two seconds and 64 kB, and say no more than that they are silent. */
final class DeviceAddressTest extends ShopCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function refused(): iterable
    {
        foreach (['http://127.0.0.1:8000/', 'http://localhost/', 'http://127.1/', 'http://2130706433/', 'http://0x7f.0.0.1/', 'http://0177.0.0.1/', 'http://[::1]/', 'http://[::ffff:127.0.0.1]/'] as $url) {
            yield "{$url} unless this machine is allowed" => [$url, ['private']];
        }
        foreach (['http://10.0.0.8/', 'http://192.168.0.20/air', 'http://172.31.9.9/', 'http://3232235540/', 'http://[fd00::1]/'] as $url) {
            yield "{$url} unless private ones are" => [$url, ['loopback']];
        }
        foreach (['http://169.254.169.254/latest', 'http://2852039166/', 'http://[fe80::1]/', 'http://0.0.0.0/', 'http://[::]/', 'http://255.255.255.255/', 'http://224.0.0.1/', 'http://100.64.0.1/', 'http://[64:ff9b::7f00:1]/', 'http://[2002:7f00:1::]/', 'http://[::ffff:0:10.0.0.8]/', 'http://[fec0::1]/', 'http://198.18.0.1/', 'http://198.19.255.1/', 'http://192.0.0.8/',
            'ftp://192.168.0.20/', 'http://a:b@192.168.0.20/', 'gopher://x', 'http://', 'http:///air', '//192.168.0.20', 'probe'] as $url) {
            yield "{$url} never" => [$url, ['private', 'loopback']];
        }
    }

    /** @param list<string> $allowed */
    #[DataProvider('refused')]
    public function testAnAddressIsRefused(string $url, array $allowed): void
    {
        $this->expectException(AddressRefused::class);
        (new DeviceClient(new HostNames()))->check($url, $allowed);
    }

    public function testWhatTheShopAllowsByNameIsAsked(): void
    {
        $client = new DeviceClient(new HostNames());
        self::assertSame('127.0.0.1', $client->check('http://2130706433/', ['loopback'])['ip']);
        self::assertSame('192.168.0.20', $client->check('http://192.168.0.20:81/air', ['private'])['ip']);
        self::assertSame(443, $client->check('https://93.184.216.34/', [])['port']);
    }

    public function testANameThatLeadsInsideIsRefusedToo(): void
    {
        $names = new class () extends HostNames {
            public function addressesOf(string $host): array
            {
                return ['93.184.216.34', '127.0.0.1'];
            }
        };
        $this->expectException(AddressRefused::class);
        (new DeviceClient($names))->check('http://two-faced.example/', ['private']);
    }

    /** @return iterable<string, array{string}> */
    public static function answers(): iterable
    {
        yield 'too long' => ['echo json_encode(["air_c" => 20, "x" => str_repeat("x", 70000)]);'];
        yield 'too long when unpacked' => ['header("Content-Encoding: gzip"); echo gzencode(json_encode(["air_c" => 20, "x" => str_repeat("x", 5000000)]));'];
        yield 'too slow' => ['echo "{"; flush(); sleep(4); echo "\"air_c\": 20}";'];
        yield 'drop by drop' => ['for ($i = 0; $i < 40; $i++) { echo " "; flush(); usleep(100000); } echo "{\"air_c\": 20}";'];
        yield 'led elsewhere' => ['header("Location: http://169.254.169.254/", true, 302);'];
        yield 'an error' => ['http_response_code(500); echo "{\"air_c\": 20}";'];
        yield 'a page' => ['echo "<html>";'];
        yield 'too deep' => ['echo str_repeat("[", 40).str_repeat("]", 40);'];
    }

    #[DataProvider('answers')]
    public function testEveryFailureIsAnsweredTheSameAndInTime(string $code): void
    {
        $url = $this->serve($code);
        $before = microtime(true);
        try {
            (new DeviceClient(new HostNames()))->json($url, [], ['loopback']);
            self::fail('it was believed');
        } catch (DeviceSilent $e) {
            self::assertSame('no answer that can be used', $e->getMessage());
        }
        self::assertLessThan(3.6, microtime(true) - $before, 'the slow ones would have taken four seconds');
    }

    public function testAnAnswerJustShortEnoughIsRead(): void
    {
        $body = ShortAnswer::MOST_BYTES - strlen('{"air_c":20,"x":""}');
        self::assertSame(20, (new DeviceClient(new HostNames()))->json($this->serve("echo json_encode(['air_c' => 20, 'x' => str_repeat('x', {$body})]);"), ['since' => 'x'], ['loopback'])['air_c']);
    }

    private function serve(string $code): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'oak');
        file_put_contents($file, "<?php {$code}");
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('no port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $server = new Process([PHP_BINARY, '-d', 'output_buffering=0', '-S', "127.0.0.1:{$port}", $file]);
        $server->start();
        $this->beforeApplicationDestroyed(function () use ($server, $file): void {
            $server->stop(0);
            unlink($file);
        });
        for ($i = 0; $i < 100 && @fsockopen('127.0.0.1', $port) === false; $i++) {
            usleep(20000);
        }

        return "http://127.0.0.1:{$port}/";
    }
}
