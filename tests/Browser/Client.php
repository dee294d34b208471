<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** A client without a page: a session, its token, and requests one after another. */
final class Client
{
    private readonly \CurlHandle $curl;

    private string $token = '';

    public function __construct(private readonly int $port)
    {
        $curl = curl_init();
        $this->curl = $curl === false ? throw new RuntimeException('curl does not start.') : $curl;
        curl_setopt_array(
            $this->curl,
            [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 30],
        );
        $this->token = (string) ($this->ask('GET', '/token')[1]['token'] ?? '');
    }

    /**
     * @param  non-empty-string  $method
     * @param  array<string, mixed>|null  $json
     * @return array{int, array<string, mixed>} status and what was answered
     */
    public function ask(string $method, string $path, ?array $json = null): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => "http://127.0.0.1:{$this->port}{$path}", CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => $json === null
                ? ''
                : (string) json_encode($json),
            CURLOPT_HTTPHEADER => [
                'Content-Type: application/json',
                'Accept: application/json',
                'X-CSRF-TOKEN: '.$this->token,
            ],
        ]);
        $answer = curl_exec($this->curl);
        $data = json_decode(is_string($answer) ? $answer : '', true);

        return [(int) curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE), is_array($data) ? $data : []];
    }

    /** A new cook of the first dish of the shelf; its id. */
    public function begin(): string
    {
        $dish = $this->dish();
        $id = strtolower((string) \Illuminate\Support\Str::ulid());
        $this->ask('POST', "/dishes/{$dish}/cooks", ['cook' => $id]);

        return $id;
    }

    public function dish(): string
    {
        curl_setopt_array(
            $this->curl,
            [
                CURLOPT_URL => "http://127.0.0.1:{$this->port}/shelf", CURLOPT_CUSTOMREQUEST => 'GET',
                CURLOPT_POSTFIELDS => '', CURLOPT_HTTPHEADER => ['Accept: text/html'],
            ],
        );
        $page = curl_exec($this->curl);

        return preg_match('~/dishes/([0-9a-z]{26})~', is_string($page) ? $page : '', $found) === 1
            ? $found[1]
            : throw new RuntimeException('No dish on the shelf.');
    }
}
