<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\WebDriverBy;
use PDO;
use RuntimeException;

/** `./yoke serve` with data and ports of its own, and who asks it over HTTPS, trusting its authority. */
final class ServedFirm
{
    /** @var ?resource */
    private $process = null;

    /** @var ?resource what it goes on to say */
    private $says = null;

    private string $said = '';

    /** @param  list<string>  $more  options of the command */
    private function __construct(
        private readonly string $data,
        private readonly int $port,
        private readonly string $way,
        private readonly array $more,
    ) {}

    /** @param  'serve'|'up'  $way */
    public static function start(string $way = 'serve', string ...$more): self
    {
        $data = sys_get_temp_dir().'/yoke-firm-'.bin2hex(random_bytes(4));
        mkdir($data);
        $firm = new self($data, self::freePair(), $way, array_values($more));
        $firm->goOn();

        return $firm;
    }

    /** One for all who stop nothing and change nobody's role; it goes on for as long as tests are run. */
    public static function shared(): self
    {
        /** @var ?self $shared */
        static $shared = null;
        if ($shared === null) {
            $shared = self::start();
            register_shutdown_function($shared->stop(...));
        }

        return $shared;
    }

    /** The first of two ports side by side that are free, below those that whoever asks elsewhere is given. */
    private static function freePair(): int
    {
        do {
            $port = random_int(20_000, 30_000);
            $pair = array_map(fn (int $one) => @stream_socket_server("tcp://0.0.0.0:{$one}"), [$port, $port + 1]);
            array_map(fclose(...), $open = array_filter($pair));
        } while (count($open) < 2);

        return $port;
    }

    public function goOn(): void
    {
        $this->said = '';
        $this->process = proc_open(
            $this->command(),
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
            $pipes,
            self::root(),
            $this->environment(),
        ) ?: throw new RuntimeException('It could not be started.');
        $this->says = $pipes[1];
        while (! str_contains($this->said, 'is at') && ($line = fgets($this->says)) !== false) {
            $this->said .= $line;
        }
        str_contains($this->said, 'is at') || throw new RuntimeException("It did not start. It said: {$this->said}");
    }

    public function stop(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process);
            proc_close($this->process);
            $this->process = null;
        }
    }

    /** @return string what a second one says */
    public function startAgain(): string
    {
        $process = proc_open($this->command(), [2 => ['pipe', 'w']], $pipes, self::root(), $this->environment());
        $said = (string) stream_get_contents($pipes[2]);
        $process === false || proc_close($process);

        return $said;
    }

    /** The processes that answer, as when the machine has no memory left. */
    public function killPages(): void
    {
        $master = (int) shell_exec("fuser {$this->data}/run/php.sock 2>/dev/null | tr -s ' ' '\\n' | grep . | head -1");
        $master > 0 || ($master = (int) shell_exec("pgrep -f 'php-fpm: master' | head -1"));
        posix_kill($master, SIGKILL);
    }

    /** @return list<string> what still runs of it */
    public function left(): array
    {
        $all = (string) shell_exec('ps -eo args');

        return array_values(
            array_filter(
                explode("\n", $all),
                fn (string $line) => str_contains($line, $this->data) || str_contains($line, "--port {$this->port}"),
            ),
        );
    }

    public function asks(string $path): int
    {
        return (int) $this->curl("-o /dev/null -w '%{http_code}'", "https://localhost:{$this->port}{$path}");
    }

    /** Asked again and again until it answers, as a browser that is pressed again. */
    public function asksAgain(string $path): int
    {
        $how = "--retry 30 --retry-all-errors --retry-max-time 40 -o /dev/null -w '%{http_code}'";

        return (int) substr($this->curl($how, "https://localhost:{$this->port}{$path}"), -3);
    }

    public function plain(string $path): int
    {
        return (int) $this->curl("-o /dev/null -w '%{http_code}'", 'http://localhost:'.($this->port + 1).$path);
    }

    /** What a proxy on this machine is answered, that passes on who asked it, and how. */
    public function asProxy(string $path, string $host): string
    {
        return $this->curl(
            "-o /dev/null -D - -H 'Host: {$host}' -H 'X-Forwarded-Proto: https' -H 'X-Forwarded-For: 10.1.2.3'",
            "http://127.0.0.1:{$this->port}{$path}",
        );
    }

    public function header(string $path, string $name): string
    {
        preg_match(
            "/^{$name}: (.*)$/mi",
            $this->curl('-o /dev/null -D -', "https://localhost:{$this->port}{$path}"),
            $found,
        );

        return strtolower(trim($found[1] ?? ''));
    }

    public function url(): string
    {
        return $this->way === 'serve' ? "https://localhost:{$this->port}" : "http://127.0.0.1:{$this->port}";
    }

    /**
     * What one asks it with who has signed in, without a browser.
     *
     * @return array<int, mixed> options of curl
     */
    public function signedIn(): array
    {
        if ($this->way === 'up') {
            return [CURLOPT_COOKIEFILE => ''];
        }
        $jar = "{$this->data}/cookies";
        preg_match('#https://\\S+/first\\S+#', $this->said, $link);
        $page = $this->curl("-c {$jar}", $link[0] ?? '');
        preg_match('/name="csrf-token" content="([^"]+)"/', $page, $token);
        $this->curl(
            "-b {$jar} -c {$jar} -o /dev/null -d _token=".($token[1] ?? '').' -d firm=Slate -d name=Ana -d email=ana@example.com -d password=a+long+password',
            $link[0] ?? '',
        );

        return [CURLOPT_COOKIEFILE => $jar, CURLOPT_CAINFO => $this->authority()];
    }

    /** A telephone that has taken this house's authority in. */
    public function phone(): Browser
    {
        $this->asks('/sign-in');
        // What a browser is shown of the authority is what it signs with.
        $signs = str_replace('root.crt', 'intermediate.crt', $this->authority());
        $key = (string) shell_exec(
            "openssl x509 -in {$signs} -pubkey -noout | openssl pkey -pubin -outform der | openssl dgst -sha256 -binary | base64",
        );

        return Browser::at("https://localhost:{$this->port}", ['--ignore-certificate-errors-spki-list='.trim($key)])->size(390, 844);
    }

    /** Somebody becomes the owner, by the link that the machine printed. */
    public function signUp(Browser $phone): void
    {
        preg_match('#https://\S+/first\S+#', $this->said, $link);
        $phone->driver->get($link[0] ?? throw new RuntimeException('No link was printed.'));
        foreach (['firm' => 'Slate & Sons', 'name' => 'Ana', 'email' => 'ana@example.com', 'password' => 'a long password'] as $name => $says) {
            $phone->driver->findElement(WebDriverBy::name($name))->sendKeys($says);
        }
        $phone->click('.way-in .btn-primary')
            ->until(
                fn () => $phone->driver->getCurrentURL() === "https://localhost:{$this->port}/" ?: null,
                'the jobs',
            );
    }

    public function bringInDemo(): void
    {
        $process = proc_open(
            [PHP_BINARY, 'artisan', 'yoke:demo'],
            [],
            $pipes,
            self::root(),
            [...$this->environment(), 'APP_KEY' => (string) file_get_contents("{$this->data}/app.key")],
        );
        $process !== false && proc_close($process) === 0 || throw new RuntimeException('The demo did not load.');
    }

    public function doorway(string $name): string
    {
        return '/doorways/'.$this->book("SELECT id FROM doorways WHERE name = '{$name}'");
    }

    /** Somebody is an installer from now on, on every job. */
    public function makesInstaller(string $email): void
    {
        $this->book("UPDATE users SET role = 'installer' WHERE email = '{$email}'");
        $this->book(
            "INSERT INTO crews (job_id, user_id) SELECT jobs.id, users.id FROM jobs, users WHERE email = '{$email}'",
        );
    }

    /** Whether the record says it. */
    public function says(string $words): bool
    {
        return $this->book("SELECT count(*) FROM log_entries WHERE data LIKE '%{$words}%'") > 0;
    }

    private function book(string $ask): int
    {
        return (int) (new PDO("sqlite:{$this->data}/yoke-line.sqlite"))->query($ask)->fetchColumn();
    }

    private function curl(string $how, string $url): string
    {
        return (string) shell_exec("curl -s --max-time 10 --cacert {$this->authority()} {$how} '{$url}'");
    }

    private function authority(): string
    {
        return "{$this->data}/caddy/pki/authorities/local/root.crt";
    }

    /** @return list<string> */
    private function command(): array
    {
        $named = $this->way === 'serve' ? ['--name', 'localhost'] : [];

        return ['./yoke', $this->way, ...$named, '--port', (string) $this->port, ...$this->more];
    }

    /** @return array<string, string> without what tests are run with */
    private function environment(): array
    {
        return ['YOKE_DATA' => $this->data, 'PATH' => (string) getenv('PATH'), 'HOME' => $this->data];
    }

    private static function root(): string
    {
        return dirname(__DIR__, 3);
    }
}
