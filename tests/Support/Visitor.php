<?php

declare(strict_types=1);

namespace Tests\Support;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/** Somebody who comes to a server that runs for real, by its own addresses, without a browser. */
final class Visitor
{
    private readonly Client $client;

    /** One for all of them: while one waits for an answer, what the others send goes on. */
    private static ?CurlMultiHandler $together = null;

    /** @param  array<string, string>  $cookies  by name, of who has been there before */
    public function __construct(string $url, private readonly CookieJar $jar = new CookieJar, array $cookies = [])
    {
        foreach (CookieJar::fromArray($cookies, '127.0.0.1') as $cookie) {
            $this->jar->setCookie($cookie);
        }
        $this->client = new Client([
            'base_uri' => $url, 'cookies' => $this->jar, 'allow_redirects' => false, 'http_errors' => false, 'timeout' => 300,
            'handler' => HandlerStack::create(self::$together ??= new CurlMultiHandler),
            // A connection that is kept belongs to one process of PHP's own server, and waits for that one.
            'curl' => [CURLOPT_FORBID_REUSE => true],
        ]);
    }

    /** Signed in with an account of their own. */
    public static function registered(string $url, string $email): self
    {
        $visitor = new self($url);
        $visitor->get('/register');
        $visitor->send('POST', '/register', ['json' => ['name' => 'Visitor', 'email' => $email, 'password' => 'a long password']]);

        return $visitor;
    }

    public function get(string $path): ResponseInterface
    {
        return $this->send('GET', $path);
    }

    /**
     * @param  array<string, mixed>  $with  as Guzzle takes it
     *
     * @throws RuntimeException when the server says that it failed, or refuses it
     */
    public function send(string $method, string $path, array $with = []): ResponseInterface
    {
        /** @var ResponseInterface $answer */
        $answer = $this->later($method, $path, $with)->wait();
        if ($answer->getStatusCode() >= 400) {
            throw new RuntimeException("{$method} {$path}: {$answer->getStatusCode()} ".mb_substr((string) $answer->getBody(), 0, 400));
        }

        return $answer;
    }

    /**
     * The same without waiting for it.
     *
     * @param  array<string, mixed>  $with
     */
    public function later(string $method, string $path, array $with = []): PromiseInterface
    {
        return $this->client->requestAsync($method, $path, ['headers' => [
            'Accept' => 'application/json', 'X-XSRF-TOKEN' => urldecode($this->jar->getCookieByName('XSRF-TOKEN')?->getValue() ?? ''),
        ], ...$with]);
    }

    /** What was sent goes on for a moment: one process of PHP's own server takes all that comes at once, and serves it in turn. */
    public static function goOn(float $seconds = 0.3): void
    {
        $until = microtime(true) + $seconds;
        while (microtime(true) < $until) {
            self::$together?->tick();
            usleep(5_000);
        }
    }

    /** @return array<string, mixed> a file as a form sends it */
    public static function file(mixed $contents, string $name): array
    {
        return ['multipart' => [['name' => 'file', 'contents' => $contents, 'filename' => $name]]];
    }
}
