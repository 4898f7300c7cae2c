<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PDO;
use PHPUnit\Framework\Assert;
use RuntimeException;

/** The application as served, and a real browser that looks at it. Waits for conditions, never for time. */
final class Browser
{
    private const PATIENCE = 10;

    private const WARM = [
        'APP_CONFIG_CACHE' => 'config.php', 'APP_ROUTES_CACHE' => 'routes.php', 'APP_EVENTS_CACHE' => 'events.php',
    ];

    /** Whether a page listens; one with no scripts of ours has nothing to wait for. */
    private const ANSWERS =
        "'answers' in document.documentElement.dataset || ! document.querySelector('link[rel=modulepreload]')";

    private static ?self $shared = null;

    /** Whether the application keeps its database open, as in use: a test has it changed under its feet. */
    public static bool $isInUse = false;

    /** @var list<resource> */
    private array $processes = [];

    /** @var ?resource */
    private $server = null;

    private int $port;

    private string $folder;

    public string $url;

    public RemoteWebDriver $driver;

    /** What it was brought to since it was fresh, for tests that may go on from there. */
    public string $setTo = '';

    /**
     * @param  ?string  $url  of what is served already; else it serves itself
     * @param  list<string>  $arguments  of the browser, besides the usual
     */
    private function __construct(?string $url = null, array $arguments = [])
    {
        $this->folder = sys_get_temp_dir().'/yoke-line-'.bin2hex(random_bytes(4));
        mkdir("{$this->folder}/profile", recursive: true);
        if ($url === null) {
            touch("{$this->folder}/test.sqlite");
            touch("{$this->folder}/sessions.sqlite");
            $this->serve();
        } else {
            $this->url = $url;
        }
        $this->drive($arguments);
        register_shutdown_function($this->close(...));
    }

    /**
     * A browser of its own, at what another serves.
     *
     * @param  list<string>  $arguments
     */
    public static function at(string $url, array $arguments): self
    {
        return new self($url, $arguments);
    }

    /** One browser and one server for the whole run; each test takes it with a fresh database. */
    public static function fresh(): self
    {
        self::last()->setTo = '';
        // Once no page holds on to anything: what a phone keeps for when there is no connection goes too. A picture of
        // the same house is drawn by the process that the next page is drawn by, and an empty page by another.
        self::$shared->driver->get(self::$shared->url.'/mark.svg');
        (new ChromeDevToolsDriver(self::$shared->driver))->execute('Storage.clearDataForOrigin', [
            'origin' => self::$shared->url,
            'storageTypes' => 'all',
        ]);
        self::$shared->driver->manage()->deleteAllCookies();
        self::$shared->seed();
        self::$shared->size(1280, 800);

        return self::$shared;
    }

    /** As the test before left it. */
    public static function last(): self
    {
        return self::$shared ??= new self();
    }

    /**
     * The demo as it was, row by row and under the database's own locks: an answer to the last page may still be under
     * way.
     */
    private function seed(): void
    {
        $book = new PDO("sqlite:{$this->database()}", options: [PDO::ATTR_TIMEOUT => self::PATIENCE]);
        $book->exec("ATTACH '{$this->folder}/demo.sqlite' AS demo");
        $tables =
            $book->query("SELECT name FROM demo.sqlite_master WHERE type = 'table'")?->fetchAll(PDO::FETCH_COLUMN) ?:
            [];
        $book->exec('BEGIN IMMEDIATE');
        foreach ($tables as $table) {
            $book->exec("DELETE FROM main.\"{$table}\"; INSERT INTO main.\"{$table}\" SELECT * FROM demo.\"{$table}\"");
        }
        $book->exec('COMMIT');
    }

    /** Where the application keeps what the test enters. */
    public function database(): string
    {
        return "{$this->folder}/test.sqlite";
    }

    public function size(int $width, int $height): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);

        return $this;
    }

    public function visit(string $path): self
    {
        $this->driver->get($this->url.$path);
        $this->until(fn () => $this->js('return '.self::ANSWERS) ?: null, "{$path} to answer");

        return $this;
    }

    /** As after the browser was closed: what it keeps no longer than that is gone. */
    public function reopen(string $path): self
    {
        foreach ($this->driver->manage()->getCookies() as $cookie) {
            $cookie->getExpiry() !== null || $this->driver->manage()->deleteCookieNamed($cookie->getName());
        }
        $this->driver->get('about:blank');

        return $this->visit($path);
    }

    public function find(string $css): WebDriverElement
    {
        return $this->until(
            fn () => $this->driver->findElements(WebDriverBy::cssSelector($css))[0] ?? null,
            "something at {$css}",
        );
    }

    /**
     * Scrolled to where nothing that stands fixed is over it, as one does before one presses. A page that does not
     * answer yet is waited for.
     */
    private function reach(WebDriverElement $element): WebDriverElement
    {
        $answers = $this->driver->executeScript(
            <<<'JS'
                const box = arguments[0].getBoundingClientRect();
                const there = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2);
                if (! there || (! arguments[0].contains(there) && ! there.contains(arguments[0]))) {
                    arguments[0].scrollIntoView({ block: 'center', behavior: 'instant' });
                }
                JS.'return '.self::ANSWERS,
            [$element],
        );

        return $answers ? $element : throw new ElementNotInteractableException('The page does not answer yet.');
    }

    public function click(string $css): self
    {
        $this->until(function () use ($css) {
            $this->reach($this->find($css))->click();

            return true;
        }, "a click on {$css}");

        return $this;
    }

    /** Clicks the button, link or summary that says this. */
    public function press(string $says): self
    {
        $quoted = "'".str_replace("'", '’', $says)."'";
        $xpath = "//*[self::button or self::a or self::summary][contains(normalize-space(.), {$quoted}) or contains(@aria-label, {$quoted})]";
        $this->until(function () use ($xpath) {
            foreach ($this->driver->findElements(WebDriverBy::xpath($xpath)) as $element) {
                if ($element->isDisplayed() && $element->isEnabled()) {
                    $this->reach($element)->click();

                    return true;
                }
            }

            return null;
        }, "something to press that says {$says}");

        return $this;
    }

    /** Types into the field with this label and goes on with Enter. */
    public function type(string $label, string $text, bool $enter = true): self
    {
        return $this->until(function () use ($label, $text, $enter) {
            $field = $this->field($label);
            $this->reach($field)->click();
            $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $field->sendKeys($text === '' ? WebDriverKeys::BACKSPACE : $text);
            $enter && $field->sendKeys(WebDriverKeys::ENTER);

            return $this;
        }, "{$label} to type in");
    }

    /** Chooses an option of a list by what it says. */
    public function choose(string $label, string $option): self
    {
        $this->steadily(fn () => (new WebDriverSelect($this->field($label)))->selectByVisibleText($option));

        return $this;
    }

    /** The field with this name: written beside it, or said of it where there is no room. */
    public function field(string $label): WebDriverElement
    {
        $named = "@aria-label=\"{$label}\" or ancestor::label[normalize-space(text()[1])=\"{$label}\"]".
            " or @id=//label[normalize-space()=\"{$label}\"]/@for";

        return $this->until(
            fn () => $this->driver->findElements(
                WebDriverBy::xpath("//*[self::input or self::select or self::textarea][{$named}]"),
            )[0] ?? null,
            "a field called {$label}",
        );
    }

    public function value(string $label): string
    {
        return $this->steadily(fn () => (string) $this->field($label)->getDomProperty('value'));
    }

    public function text(string $css): string
    {
        return $this->steadily(fn () => $this->plain($this->find($css)->getText()));
    }

    public function see(string $text, string $css = 'body'): self
    {
        $read = '';
        try {
            $this->until(function () use ($css, $text, &$read) {
                return str_contains($read = $this->text($css), $text) ?: null;
            }, "“{$text}” in {$css}");
        } catch (TimeoutException) {
            // What stands there instead is told.
        }
        Assert::assertStringContainsString($text, $read);

        return $this;
    }

    public function seeGone(string $text, string $css = 'body'): self
    {
        $read = $text;
        try {
            $this->until(function () use ($css, $text, &$read) {
                return str_contains($read = $this->text($css), $text) ? null : true;
            }, "“{$text}” gone from {$css}");
        } catch (TimeoutException) {
            // What stands there still is told.
        }
        Assert::assertStringNotContainsString($text, $read);

        return $this;
    }

    public function js(string $script, mixed ...$arguments): mixed
    {
        return $this->driver->executeScript($script, $arguments);
    }

    /**
     * @template T
     *
     * @param  callable(): ?T  $condition
     * @return T
     */
    public function until(callable $condition, string $what): mixed
    {
        $unknown = null;
        try {
            return $this->driver->wait(self::PATIENCE, 40)->until(function () use ($condition, &$unknown) {
                $unknown = null;
                try {
                    return $condition() ?? false;
                } catch (StaleElementReferenceException|ElementClickInterceptedException) {
                    return false;
                } catch (ElementNotInteractableException) {
                    return false;
                } catch (UnknownErrorException $unknown) {
                    // As where a page goes while it is asked; what it was is told where it stays.
                    return false;
                }
            }, "Waited in vain for {$what}");
        } catch (TimeoutException $late) {
            throw $unknown ?? $late;
        }
    }

    /**
     * Once more where an answer put another element in its place between finding and reading it.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    private function steadily(callable $read): mixed
    {
        for ($left = 5; ; $left--) {
            try {
                return $read();
            } catch (StaleElementReferenceException $stale) {
                $left > 0 ?: throw $stale;
            }
        }
    }

    /** Serious and critical faults that axe finds, as lines. @return list<string> */
    public function faults(): array
    {
        $this->js((string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'));
        $this->driver->manage()->timeouts()->setScriptTimeout(30);
        $found = $this->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; axe.run({ preload: false, resultTypes: ["violations"] }).then((result) => done(result.violations.filter((v) => ["serious", "critical"].includes(v.impact)).map((v) => v.id + ": " + v.nodes.map((n) => n.target.join(" ")).slice(0, 4).join(" | "))));',
        );

        return array_values((array) $found);
    }

    /** Styled as on paper, until it is not. */
    public function asPaper(bool $is = true): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setEmulatedMedia', ['media' => $is ? 'print' : '']);

        return $this;
    }

    /** The page as it prints. */
    public function pdf(): string
    {
        $data = (new ChromeDevToolsDriver($this->driver))->execute('Page.printToPDF', [
            'preferCSSPageSize' => true,
            'printBackground' => true,
        ]);

        return (string) base64_decode($data['data']);
    }

    public function picture(string $file): void
    {
        $this->driver->takeScreenshot($file);
    }

    private function plain(string $text): string
    {
        return (string) preg_replace('/\s+/u', ' ', $text);
    }

    private function serve(): void
    {
        $this->port = self::freePort();
        $this->url = "http://127.0.0.1:{$this->port}";
        $this->artisan('migrate:fresh', '--force', '--quiet');
        $this->artisan('yoke:demo');
        copy("{$this->folder}/test.sqlite", "{$this->folder}/demo.sqlite");
        foreach (['config', 'route', 'event', 'view'] as $what) {
            $this->artisanAt($this->warm(), "{$what}:cache");
        }
        $this->connect();
    }

    /** The application answers again. */
    public function connect(): self
    {
        if ($this->server === null) {
            $root = dirname(__DIR__, 3);
            $this->server = $this->start(
                [
                    PHP_BINARY,
                    '-d',
                    'opcache.enable_cli=1',
                    '-S',
                    "127.0.0.1:{$this->port}",
                    "{$root}/serving/router.php",
                ],
                "{$root}/public",
                $this->warm() + $this->environment() + ['PHP_CLI_SERVER_WORKERS' => '4'],
            );
            $this->answers($this->port);
        }

        return $this;
    }

    /** The process group of what serves. */
    public function server(): int
    {
        return $this->server === null ? throw new RuntimeException('Nothing serves') : proc_get_status($this->server)['pid'];
    }

    /** No connection: the application is not there. */
    public function disconnect(): self
    {
        if ($this->server !== null) {
            posix_kill(-proc_get_status($this->server)['pid'], SIGKILL);
            $this->until(fn () => ! self::hears($this->port) ?: null, 'nobody answers any more');
            $this->server = null;
        }

        return $this;
    }

    /** @param  list<string>  $arguments */
    private function drive(array $arguments): void
    {
        $port = self::freePort();
        $this->start(['chromedriver', "--port={$port}"], null, getenv());
        $this->answers($port);
        // The same browser without the window around the page, which takes a fifth of the time.
        $options = (new ChromeOptions())
            ->setBinary('/usr/bin/chromium-headless-shell')
            ->addArguments([
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
                '--hide-scrollbars',
                "--user-data-dir={$this->folder}/profile",
                '--window-size=1280,800',
                ...$arguments,
            ]);
        $this->driver = RemoteWebDriver::create(
            "http://127.0.0.1:{$port}",
            DesiredCapabilities::chrome()
                ->setBrowserName('chrome-headless-shell')
                ->setCapability(ChromeOptions::CAPABILITY, $options),
            30_000,
            60_000,
        );
    }

    public function artisan(string ...$arguments): void
    {
        $this->artisanAt([], ...$arguments);
    }

    /** @param  array<string, string>  $elsewhere  what is other than where it serves */
    public function artisanAt(array $elsewhere, string ...$arguments): void
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 3).'/artisan', ...$arguments],
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
            $pipes,
            null,
            $elsewhere + $this->environment(),
        );
        $said =
            $process === false ? 'could not start' : stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException("artisan {$arguments[0]}: {$said}");
        }
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'DB_DATABASE' => "{$this->folder}/test.sqlite",
            'SESSIONS_DATABASE' => "{$this->folder}/sessions.sqlite",
            'BACKUPS_FOLDER' => "{$this->folder}/backups",
            'PHOTOS_FOLDER' => "{$this->folder}/photos",
            'DB_PERSISTENT' => self::$isInUse ? 'true' : 'false',
            'APP_ENV' => 'testing',
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'SESSION_DRIVER' => 'file',
            'CACHE_STORE' => 'file',
        ] + getenv();
    }

    /** @return array<string, string> where settings, routes and events lie, worked out when it starts to serve */
    private function warm(): array
    {
        return array_map(fn (string $file) => "{$this->folder}/{$file}", self::WARM);
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     * @return resource
     */
    private function start(array $command, ?string $folder, array $environment)
    {
        $log = ['file', "{$this->folder}/".basename($command[0]).'.log', 'a'];
        // In a group of its own, so that its workers can be ended with it.
        $process = proc_open(
            ['setsid', ...$command],
            [0 => ['file', '/dev/null', 'r'], 1 => $log, 2 => $log],
            $pipes,
            $folder,
            $environment,
        );

        return $this->processes[] = $process ?: throw new RuntimeException("{$command[0]} could not start");
    }

    private function answers(int $port): void
    {
        $until = microtime(true) + self::PATIENCE;
        while (! self::hears($port)) {
            if (microtime(true) > $until) {
                throw new RuntimeException("Nothing answers at port {$port}");
            }
        }
    }

    private static function hears(int $port): bool
    {
        $answer = curl_init("http://127.0.0.1:{$port}/status") ?: throw new RuntimeException('curl did not start');
        curl_setopt_array($answer, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 2]);

        return curl_exec($answer) !== false;
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    private function close(): void
    {
        try {
            $this->driver->quit();
        } finally {
            foreach ($this->processes as $process) {
                posix_kill(-proc_get_status($process)['pid'], SIGTERM);
            }
        }
    }
}
