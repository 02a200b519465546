<?php

declare(strict_types=1);

namespace Tests\Server\Support;

use Closure;
use CurlHandle;
use CurlMultiHandle;
use RuntimeException;

/** Browsers without a screen: each has its own cookies and sends one request after the other, all of them side by side. */
final class Clients
{
    private const PASSWORD = 'a password for the load';

    private CurlMultiHandle $side;

    /** @var list<CurlHandle> */
    private array $clients = [];

    /** @param  list<string>  $anglers  e-mail of the angler each client is signed in as */
    public function __construct(private readonly string $url, private readonly array $anglers)
    {
        $this->side = curl_multi_init();
        foreach ($anglers as $email) {
            $client = curl_init();
            curl_setopt_array(
                $client,
                [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 60, CURLOPT_CONNECTTIMEOUT => 10],
            );
            $this->clients[] = $client;
        }
    }

    /** Makes an account for each angler and signs every client in. */
    public function signIn(): void
    {
        $met = [];
        foreach ($this->anglers as $i => $email) {
            $this->alone($i, new Request('GET', '/sign-in'));
            $answer = isset($met[$email])
                ? $this->alone($i, new Request('POST', '/sign-in', ['email' => $email, 'password' => self::PASSWORD]))
                : $this->alone($i, new Request('POST', '/register', ['name' => $email, 'email' => $email, 'password' => self::PASSWORD]));
            $met[$email] = true;
            if ($answer->status !== 302) {
                throw new RuntimeException("{$email} is not let in: {$answer->status} {$answer->body}");
            }
        }
    }

    public function alone(int $client, Request $request): Answer
    {
        $handle = $this->prepared($this->clients[$client], $request);
        $body = curl_exec($handle);

        return new Answer(
            $client, $request, curl_getinfo($handle, CURLINFO_RESPONSE_CODE), is_string($body) ? $body : '',
            (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME),
        );
    }

    /**
     * Sends each client's requests in their order, all clients at once.
     *
     * @param  list<list<Closure(): Request>>  $queues  by client; each request is made when its turn comes
     * @param  (callable(Answer): bool)|null  $each  told of every answer; false stops everything
     * @return list<Answer> status 0 where nothing answered
     */
    public function together(array $queues, ?callable $each = null): array
    {
        $answers = [];
        $sent = [];
        $going = 0;
        $on = true;
        $next = function (int $client) use (&$queues, &$sent, &$going): void {
            $make = array_shift($queues[$client]);
            if ($make !== null) {
                $sent[$client] = $make();
                curl_multi_add_handle($this->side, $this->prepared($this->clients[$client], $sent[$client]));
                $going++;
            }
        };
        array_map($next, array_keys($queues));
        while ($going > 0) {
            curl_multi_exec($this->side, $active);
            while (($done = curl_multi_info_read($this->side)) !== false) {
                $client = (int) array_search($done['handle'], $this->clients, true);
                $answer = new Answer(
                    $client, $sent[$client], curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE),
                    (string) curl_multi_getcontent($done['handle']), (float) curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME),
                );
                curl_multi_remove_handle($this->side, $done['handle']);
                $going--;
                $answers[] = $answer;
                $on = $on && ($each === null || $each($answer));
                if ($on) {
                    $next($client);
                }
            }
            if ($going > 0) {
                curl_multi_select($this->side, 0.5);
            }
        }

        return $answers;
    }

    /** As a browser sends them: "name=value; name=value". */
    public function cookies(int $client): string
    {
        $cookies = [];
        foreach (curl_getinfo($this->clients[$client], CURLINFO_COOKIELIST) ?: [] as $line) {
            $parts = explode("\t", $line);
            $cookies[$parts[5] ?? ''] = ($parts[5] ?? '').'='.($parts[6] ?? '');
        }

        return implode('; ', $cookies);
    }

    private function prepared(CurlHandle $client, Request $request): CurlHandle
    {
        $headers = ['Accept: application/json', 'X-XSRF-TOKEN: '.$this->token($client)];
        curl_setopt_array(
            $client,
            [
                CURLOPT_URL => $this->url.$request->address, CURLOPT_CUSTOMREQUEST => $request->method,
                CURLOPT_HTTPGET => $request->method === 'GET',
            ],
        );
        if ($request->method !== 'GET') {
            curl_setopt(
                $client, CURLOPT_POSTFIELDS,
                $request->file === null
                    ? json_encode((object) $request->fields, JSON_THROW_ON_ERROR)
                    : ['file' => new \CURLStringFile($request->file, 'file')],
            );
            $headers[] = $request->file === null ? 'Content-Type: application/json' : 'Content-Type: multipart/form-data';
        }
        curl_setopt($client, CURLOPT_HTTPHEADER, $headers);

        return $client;
    }

    private function token(CurlHandle $client): string
    {
        foreach (array_reverse(curl_getinfo($client, CURLINFO_COOKIELIST) ?: []) as $line) {
            $parts = explode("\t", $line);
            if (($parts[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($parts[6] ?? '');
            }
        }

        return '';
    }
}
