<?php

declare(strict_types=1);

namespace Tests\Faults;

use CURLFile;
use CurlHandle;
use RuntimeException;

/** One browser's worth of HTTP: its cookies, its XSRF header, nothing of the application. */
final class Http
{
    private readonly CurlHandle $curl;

    public function __construct(private readonly string $base, private readonly int $timeoutMs = Patience::SECONDS * 1_000)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_COOKIEFILE => '', CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT_MS => $this->timeoutMs, CURLOPT_NOSIGNAL => true]);
    }

    /** @return array{int, array<string, mixed>} status and body; status 0 when there was no answer */
    public function get(string $path): array
    {
        return $this->send($path, [CURLOPT_HTTPGET => true]);
    }

    /** What a page outside the API answers. */
    public function page(string $path): string
    {
        curl_setopt_array($this->curl, [CURLOPT_HTTPGET => true, CURLOPT_URL => $this->base.$path, CURLOPT_HTTPHEADER => []]);

        return (string) curl_exec($this->curl);
    }

    /**
     * @param  array<string, mixed>|string  $body
     * @return array{int, array<string, mixed>}
     */
    public function post(string $path, array|string $body = [], bool $csrf = true): array
    {
        return $this->send($path, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => self::encode($body)], $csrf);
    }

    /** @return array<string, mixed> the answer to a file that has to be taken */
    public function upload(string $path, string $file): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_POST => true, CURLOPT_POSTFIELDS => ['file' => new CURLFile($file, 'application/json', basename($file))], CURLOPT_URL => $this->base.'/api/'.$path,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:', 'X-XSRF-TOKEN: '.$this->token()],
        ]);

        return self::decode((string) curl_exec($this->curl));
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<string, mixed> the answer to a request that has to be carried out
     */
    public function must(string $path, ?array $body = null): array
    {
        [$status, $answer] = $body === null ? $this->get($path) : $this->post($path, $body);
        if ($status < 200 || $status >= 300) {
            throw new RuntimeException(sprintf('%s answered %d: %s', $path, $status, json_encode($answer)));
        }

        return $answer;
    }

    /**
     * The request as bytes, for those who send it themselves.
     *
     * @param  array<string, mixed>  $body
     */
    public function raw(string $path, array $body): string
    {
        $json = self::encode($body);
        $cookies = implode('; ', array_map(fn (string $name, string $value): string => "$name=$value", array_keys($this->cookies()), $this->cookies()));

        return "POST /api/$path HTTP/1.1\r\nHost: 127.0.0.1\r\nAccept: application/json\r\nContent-Type: application/json\r\nX-XSRF-TOKEN: {$this->token()}\r\nCookie: $cookies\r\nConnection: close\r\nContent-Length: ".strlen($json)."\r\n\r\n$json";
    }

    /**
     * Sends the same request several times at once, each by a connection of its own.
     *
     * @param  list<array{Http, string, array<string, mixed>}>  $requests
     * @return list<array{int, array<string, mixed>}>
     */
    public static function atOnce(array $requests): array
    {
        $multi = curl_multi_init();
        $handles = [];
        foreach ($requests as [$http, $path, $body]) {
            $handle = curl_init();
            $cookies = implode('; ', array_map(fn (string $n, string $v): string => "$n=$v", array_keys($http->cookies()), $http->cookies()));
            curl_setopt_array($handle, [
                CURLOPT_URL => $http->base.'/api/'.$path, CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT_MS => $http->timeoutMs, CURLOPT_COOKIE => $cookies,
                CURLOPT_HTTPHEADER => $http->headers(true), CURLOPT_POST => true, CURLOPT_POSTFIELDS => self::encode($body), CURLOPT_FRESH_CONNECT => true,
            ]);
            curl_multi_add_handle($multi, $handle);
            $handles[] = $handle;
        }
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0);

        return array_map(fn (CurlHandle $h): array => [(int) curl_getinfo($h, CURLINFO_RESPONSE_CODE), self::decode((string) curl_multi_getcontent($h))], $handles);
    }

    /**
     * Requests without a body that arrive within one moment, however slow the machine is: all of each but its last
     * byte is sent before.
     *
     * @param  list<string>  $lines  each of one connection: requests as bytes, the last of them with "Connection: close"
     * @return list<string> what came back on each
     */
    public static function burst(string $base, array $lines): array
    {
        $sockets = [];
        foreach ($lines as $bytes) {
            $sockets[] = $socket = stream_socket_client('tcp://'.substr($base, 7)) ?: throw new RuntimeException('No connection.');
            stream_set_timeout($socket, Patience::SECONDS);
            fwrite($socket, substr($bytes, 0, -1));
        }
        foreach ($sockets as $i => $socket) {
            fwrite($socket, substr($lines[$i], -1));
        }

        return array_map(fn ($socket): string => (string) stream_get_contents($socket), $sockets);
    }

    /**
     * @param  array<int, mixed>  $options
     * @return array{int, array<string, mixed>}
     */
    private function send(string $path, array $options, bool $csrf = true): array
    {
        curl_setopt_array($this->curl, $options + [CURLOPT_URL => $this->base.'/api/'.$path, CURLOPT_HTTPHEADER => $this->headers($csrf)]);
        $body = curl_exec($this->curl);

        return $body === false ? [0, []] : [(int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), self::decode((string) $body)];
    }

    /** @return list<string> */
    private function headers(bool $csrf): array
    {
        return ['Accept: application/json', 'Content-Type: application/json', 'Expect:', ...($csrf ? ['X-XSRF-TOKEN: '.$this->token()] : [])];
    }

    private function token(): string
    {
        return urldecode($this->cookies()['XSRF-TOKEN'] ?? '');
    }

    /** @return array<string, string> */
    private function cookies(): array
    {
        $cookies = [];
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $line) {
            $parts = explode("\t", $line);
            $cookies[$parts[5]] = $parts[6];
        }

        return $cookies;
    }

    /** @param  array<string, mixed>|string  $body */
    private static function encode(array|string $body): string
    {
        return is_string($body) ? $body : (string) json_encode($body === [] ? (object) [] : $body, JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> */
    private static function decode(string $body): array
    {
        $decoded = json_decode($body, true);

        return is_array($decoded) ? $decoded : [];
    }
}
