<?php

namespace App\Console;

use CurlHandle;
use RuntimeException;

/** One signed-in visitor over one kept connection, as a browser would be, for measuring. */
final class BenchClient
{
    private CurlHandle $curl;

    public function __construct(private readonly string $address)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 60]);
    }

    /** @param  array<string, mixed>|null  $body sent as JSON with POST */
    public function ask(string $path, ?array $body = null): string
    {
        curl_setopt($this->curl, CURLOPT_URL, 'http://'.$this->address.'/'.$path);
        curl_setopt($this->curl, CURLOPT_HTTPHEADER, ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.$this->token()]);
        curl_setopt($this->curl, CURLOPT_CUSTOMREQUEST, $body === null ? 'GET' : 'POST');
        curl_setopt($this->curl, CURLOPT_POSTFIELDS, $body === null ? '' : json_encode($body, JSON_THROW_ON_ERROR));
        $answer = curl_exec($this->curl);
        $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        if ($status !== 200) {
            throw new RuntimeException(sprintf('%s answered %d: %s', $path, $status, substr((string) $answer, 0, 300)));
        }

        return (string) $answer;
    }

    private function token(): string
    {
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            $fields = explode("\t", $cookie);
            if (($fields[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($fields[6] ?? '');
            }
        }

        return '';
    }
}
