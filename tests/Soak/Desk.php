<?php

declare(strict_types=1);

namespace Tests\Soak;

use RuntimeException;

/** Somebody at a desk, over the wire: a browser's cookies, what they saw last, and what was answered. */
final class Desk
{
    private readonly string $cookies;

    private string $token = '';

    public int $asked = 0;

    public function __construct(private readonly string $url)
    {
        $this->cookies = (string) tempnam(sys_get_temp_dir(), 'desk');
        preg_match('/name="csrf-token" content="([^"]+)"/', $this->get('/'), $token);
        $this->token = $token[1] ?? throw new RuntimeException('No page answers');
    }

    public function get(string $path): string
    {
        return $this->ask($path, null);
    }

    /** @param  array<string, mixed>  $data */
    public function post(string $path, array $data, bool $asJson = false): string
    {
        return $this->ask($path, $asJson ? (string) json_encode($data) : http_build_query($data), $asJson);
    }

    /** Sets a field on top of what they have just looked at. */
    public function set(int $doorway, string $place, string $value): void
    {
        $page = $this->get("/doorways/{$doorway}/door/size");
        preg_match('/id="base" name="base" value="(\d+)"/', $page, $base);
        $this->post(
            "/doorways/{$doorway}/leaf/changes",
            ['place' => $place, 'value' => $value, 'base' => $base[1] ?? '0'],
        );
    }

    private function ask(string $path, ?string $body, bool $asJson = false): string
    {
        $this->asked++;
        $curl = curl_init($this->url.$path) ?: throw new RuntimeException('curl did not start');
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEJAR => $this->cookies,
            CURLOPT_COOKIEFILE => $this->cookies,
            CURLOPT_FOLLOWLOCATION => true,
            CURLOPT_TIMEOUT => 60,
            CURLOPT_HTTPHEADER => [
                "X-CSRF-TOKEN: {$this->token}",
                $asJson ? 'Content-Type: application/json' : 'X-From: a desk',
                $asJson ? 'Accept: application/json' : 'Accept: text/html',
            ],
        ]);
        $body === null || curl_setopt($curl, CURLOPT_POSTFIELDS, $body);
        $said = (string) curl_exec($curl);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        curl_close($curl);

        return $status >= 200 && $status < 300
            ? $said
            : throw new RuntimeException("{$path} answered {$status}: ".mb_substr(strip_tags($said), 0, 200));
    }
}
