<?php

declare(strict_types=1);

namespace Tests;

use CurlHandle;
use CurlMultiHandle;
use YokeLine\Format\Document;
use ZipArchive;

/** Many who work at once at one served application, and what it answers them. */
final class Load
{
    private CurlMultiHandle $all;

    /** @var array<int, int> how many answers of which status */
    public array $statuses = [];

    /** @var list<float> seconds of each answer */
    public array $took = [];

    /** No change is the same as another. */
    private int $sent = 0;

    /** @var list<string> values that were answered as kept */
    public array $keptValues = [];

    /** How many changes were answered as kept. */
    public int $kept = 0;

    /** @var array<int, array{handle: CurlHandle, doorway: int, token: string, base: string, value: string}> */
    private array $users = [];

    /**
     * @param  list<int>  $doorways
     * @param  array<int, mixed>  $options  of curl: who asks
     */
    public function __construct(
        private readonly string $url,
        private readonly array $doorways,
        private readonly array $options = [CURLOPT_COOKIEFILE => ''],
    ) {
        $this->all = curl_multi_init();
    }

    /**
     * So many at once for so long, a share of them writing; each sees what it was answered last, and looks at it for so
     * long before it asks again.
     */
    public function work(
        int $users,
        float $seconds,
        float $writes,
        ?callable $beside = null,
        float $looks = 0.0,
    ): void {
        $this->begin($users);
        $end = microtime(true) + $seconds;
        $running = [];
        // Nobody begins at the same moment as another.
        $due = array_map(fn () => microtime(true) + ($looks * mt_rand()) / mt_getrandmax(), $this->users);
        while ($running !== [] || $due !== []) {
            foreach (array_filter($due, fn (float $at) => $at <= microtime(true)) as $user => $at) {
                unset($due[$user]);
                microtime(true) < $end && ($running[$this->send($user, $writes)] = $user);
            }
            curl_multi_exec($this->all, $active);
            while (($done = curl_multi_info_read($this->all)) !== false) {
                $user = $running[spl_object_id($done['handle'])];
                unset($running[spl_object_id($done['handle'])]);
                $this->answered($user);
                curl_multi_remove_handle($this->all, $done['handle']);
                $due[$user] = microtime(true) + $looks * (0.5 + mt_rand() / mt_getrandmax());
            }
            if ($beside !== null) {
                $beside();
                $beside = null;
            }
            curl_multi_select($this->all, 0.005);
        }
    }

    /** What 95 of 100 answers took no longer than, in seconds. */
    public function p95(): float
    {
        sort($this->took);

        return $this->took[(int) floor(0.95 * (count($this->took) - 1))] ?? 0.0;
    }

    /**
     * So many write at once until it is time; then something is done, and what is answered afterwards counts, too.
     *
     * @param  callable(float): bool  $isTime  asked with the seconds since it began
     * @param  callable(): void  $do
     */
    public function until(int $users, callable $isTime, callable $do): void
    {
        $this->begin($users);
        $began = microtime(true);
        $running = [];
        $isDone = false;
        foreach (array_keys($this->users) as $user) {
            $running[$this->send($user, 1.0)] = $user;
        }
        while ($running !== []) {
            curl_multi_exec($this->all, $active);
            while (($done = curl_multi_info_read($this->all)) !== false) {
                $user = $running[spl_object_id($done['handle'])];
                unset($running[spl_object_id($done['handle'])]);
                $done['result'] === CURLE_OK && $this->answered($user);
                curl_multi_remove_handle($this->all, $done['handle']);
                $isDone || ($running[$this->send($user, 1.0)] = $user);
            }
            if (! $isDone && $isTime(microtime(true) - $began)) {
                $do();
                $isDone = true;
            }
            curl_multi_select($this->all, 0.01);
        }
    }

    /** Two who change the same doorway at the same moment, again and again. */
    public function together(int $rounds): void
    {
        $this->begin(2);
        $this->users[1]['doorway'] = $this->users[0]['doorway'];
        for ($round = 0; $round < $rounds; $round++) {
            $running = [$this->send(0, 1.0) => 0, $this->send(1, 1.0) => 1];
            while ($running !== []) {
                curl_multi_exec($this->all, $active);
                while (($done = curl_multi_info_read($this->all)) !== false) {
                    $this->answered($running[spl_object_id($done['handle'])]);
                    unset($running[spl_object_id($done['handle'])]);
                    curl_multi_remove_handle($this->all, $done['handle']);
                }
                curl_multi_select($this->all, 0.02);
            }
        }
    }

    public function errors(): int
    {
        return array_sum(
            array_filter($this->statuses, fn (int $status) => $status < 200 || $status >= 400, ARRAY_FILTER_USE_KEY),
        );
    }

    /** Brings a job in by the page, beside all else; the file that its status will stand in. */
    public function bringIn(string $zip): string
    {
        $said = (string) tempnam(sys_get_temp_dir(), 'said');
        $jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        $token = "curl -s -c {$jar} {$this->url}/ | grep -o 'csrf-token\" content=\"[^\"]*' | cut -d'\"' -f3";
        shell_exec(
            "( curl -s -o /dev/null -w '%{http_code} %{time_total}' -b {$jar} -F _token=\$({$token}) -F file=@{$zip} {$this->url}/jobs/bring-in > {$said} ) > /dev/null 2>&1 &",
        );

        return $said;
    }

    /** The ZIP of a job whose one doorway was changed so often. */
    public static function job(Document $document, int $changes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'load');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $lines = '';
        for ($change = 1; $change <= $changes; $change++) {
            $document = $document->with('brief.rules.gap', 8 + ($change % 7));
            $lines .=
                json_encode([
                    'change' => $change,
                    'after' => $change === 1 ? null : $change - 1,
                    'what' => 'gap',
                    'who' => 'Load',
                    'at' => '2026-01-01T00:00:00Z',
                    'document' => $document->root,
                ])."\n";
        }
        $zip->addFromString('history/01-load.jsonl', $lines);
        $zip->addFromString('doorways/01-load.json', $document->toJson());
        $zip->addFromString('log/01-load.jsonl', '');
        $zip->addFromString(
            'job.json',
            (string) json_encode([
                'format' => 'yoke-line/job',
                'version' => 2,
                'name' => "Load of {$changes}",
                'rules' => [],
                'doorways' => [['file' => '01-load', 'change' => $changes]],
            ]),
        );
        $zip->close();

        return $path;
    }

    private function begin(int $users): void
    {
        $this->users = $this->statuses = $this->took = [];
        $this->kept = 0;
        for ($user = 0; $user < $users; $user++) {
            $handle = curl_init();
            curl_setopt_array($handle, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 60,
            ] + $this->options);
            $doorway = $this->doorways[$user % count($this->doorways)];
            curl_setopt($handle, CURLOPT_URL, "{$this->url}/doorways/{$doorway}/door/size");
            $this->users[] = ['handle' => $handle, 'doorway' => $doorway, 'token' => '', 'base' => '0', 'value' => ''];
            $this->learn($user, (string) curl_exec($handle));
        }
    }

    /** @return int what the handle is known by */
    private function send(int $user, float $writes): int
    {
        ['handle' => $handle, 'doorway' => $doorway, 'token' => $token, 'base' => $base] = $this->users[$user];
        $isWrite = mt_rand() / mt_getrandmax() < $writes;
        $page = $isWrite ? 'leaf/changes' : 'door/size';
        $value = $this->users[$user]['value'] = $isWrite ? sprintf('%.4f', 8 + ++$this->sent / 10_000) : '';
        curl_setopt($handle, CURLOPT_URL, "{$this->url}/doorways/{$doorway}/{$page}");
        $isWrite
            ? curl_setopt_array($handle, [
                CURLOPT_POST => true,
                CURLOPT_POSTFIELDS => http_build_query([
                    'place' => 'brief.rules.gap',
                    'value' => $value,
                    'base' => $base,
                ]),
                CURLOPT_HTTPHEADER => ["X-CSRF-TOKEN: {$token}", 'HX-Request: true'],
            ])
            : curl_setopt_array($handle, [CURLOPT_HTTPGET => true, CURLOPT_HTTPHEADER => []]);
        curl_multi_add_handle($this->all, $handle);

        return spl_object_id($handle);
    }

    private function answered(int $user): void
    {
        $handle = $this->users[$user]['handle'];
        $status = (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        $this->took[] = (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME);
        if ($status === 200 && $this->users[$user]['value'] !== '') {
            $this->kept++;
            $this->keptValues[] = $this->users[$user]['value'];
        }
        $this->learn($user, (string) curl_multi_getcontent($handle));
    }

    private function learn(int $user, string $page): void
    {
        if (preg_match('/name="csrf-token" content="([^"]+)"/', $page, $token) === 1) {
            $this->users[$user]['token'] = $token[1];
        }
        if (preg_match('/id="base" name="base" value="(\d+)"/', $page, $base) === 1) {
            $this->users[$user]['base'] = $base[1];
        }
    }
}
