<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;
use Symfony\Component\Process\ExecutableFinder;
use Tests\Support\Run;

/**
 * A headless Chromium with a fresh profile, and the driver process it needs; both end with it. The one without
 * windows does the same pages in two thirds of the time that the whole one takes; where it is not there, that one does.
 */
final class Chromium
{
    private const FLAGS = [
        '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-device-scale-factor=1',
        '--disable-dev-shm-usage', '--disable-features=BackForwardCache',
        '--host-resolver-rules=MAP wren.test 127.0.0.1',
    ];

    /** What a key that writes nothing, or more than itself, is to a page: its name, its number, what it writes. */
    private const KEYS = [
        WebDriverKeys::TAB => ['Tab', 9, null],
        WebDriverKeys::ENTER => ['Enter', 13, "\r"],
        "\n" => ['Enter', 13, "\r"],
        WebDriverKeys::ESCAPE => ['Escape', 27, null],
        WebDriverKeys::SPACE => [' ', 32, ' '],
        WebDriverKeys::ARROW_LEFT => ['ArrowLeft', 37, null],
        WebDriverKeys::ARROW_UP => ['ArrowUp', 38, null],
        WebDriverKeys::ARROW_RIGHT => ['ArrowRight', 39, null],
        WebDriverKeys::ARROW_DOWN => ['ArrowDown', 40, null],
    ];

    public readonly RemoteWebDriver $driver;

    private readonly ChromeDevToolsDriver $devTools;

    private readonly BackgroundProcess $process;

    private readonly BackgroundProcess $driving;

    private readonly string $profile;

    /** @param bool $listens whether it keeps what it asks for, which costs it a tenth of its time */
    public function __construct(bool $listens = false)
    {
        $this->profile = Run::folder().'/chromium-'.bin2hex(random_bytes(6));
        $door = BackgroundProcess::freePort();
        $this->process = new BackgroundProcess(
            [
                self::program(), ...self::FLAGS, "--user-data-dir={$this->profile}", "--remote-debugging-port={$door}",
                'about:blank',
            ],
            [],
            "http://127.0.0.1:{$door}/json/version",
        );
        $port = BackgroundProcess::freePort();
        $this->driving = new BackgroundProcess(
            ['chromedriver', "--port={$port}"],
            [],
            "http://127.0.0.1:{$port}/status",
        );
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(
            ChromeOptions::CAPABILITY,
            (new ChromeOptions)->setExperimentalOption('debuggerAddress', "127.0.0.1:{$door}"),
        );
        $capabilities->setCapability(
            'goog:loggingPrefs',
            ['browser' => 'ALL'] + ($listens ? ['performance' => 'ALL'] : []),
        );
        $this->driver = RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities, 60_000, 60_000);
        $this->devTools = new ChromeDevToolsDriver($this->driver);
        $this->size(1280, 800);
    }

    public function size(int $width, int $height): void
    {
        $this->devTools->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
    }

    /** Press keys one after the other, wherever the focus is: in a fifth of the time that the driver takes for it. */
    public function press(string $keys): void
    {
        foreach (mb_str_split($keys) as $character) {
            $number = ctype_alnum($character) ? ord(strtoupper($character)) : 0;
            [$name, $number, $text] = self::KEYS[$character] ?? [$character, $number, $character];
            $key = ['key' => $name, 'windowsVirtualKeyCode' => $number];
            $this->devTools->execute('Input.dispatchKeyEvent', [
                ...$key,
                ...($text === null ? ['type' => 'rawKeyDown'] : ['type' => 'keyDown', 'text' => $text]),
            ]);
            $this->devTools->execute('Input.dispatchKeyEvent', ['type' => 'keyUp', ...$key]);
        }
    }

    /** Have every page that is opened from now on run a script before its own. */
    public function bring(string $script): void
    {
        $this->devTools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);
    }

    /** Becomes a browser that has never been there: nothing kept, no service worker. */
    public function forget(string $origin): void
    {
        // A page that is still open keeps its service worker alive, and the next visit would get that one back, half
        // gone.
        $this->driver->get('about:blank');
        $this->devTools->execute('Network.clearBrowserCookies');
        $this->devTools->execute('Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'all']);
        $this->devTools->execute('Network.clearBrowserCache');
    }

    /** @param 'light'|'dark' $scheme */
    public function scheme(string $scheme): void
    {
        $this->devTools->execute('Emulation.setEmulatedMedia', [
            'features' => [['name' => 'prefers-color-scheme', 'value' => $scheme]],
        ]);
    }

    public function offline(bool $isOffline): void
    {
        $this->devTools->execute('Network.emulateNetworkConditions', [
            'offline' => $isOffline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1,
        ]);
    }

    /** Every answer takes so much longer, as over a poor line; 0 for as quick as it goes. */
    public function slow(int $latencyMs): void
    {
        $this->devTools->execute('Network.emulateNetworkConditions', [
            'offline' => false,
            'latency' => $latencyMs,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }

    public function forPrint(bool $isForPrint): void
    {
        $this->devTools->execute('Emulation.setEmulatedMedia', ['media' => $isForPrint ? 'print' : '']);
    }

    /** How many pages the page takes on paper of the given size in inches. */
    public function printedPages(float $width, float $height): int
    {
        $pdf = $this->devTools->execute('Page.printToPDF', [
            'paperWidth' => $width,
            'paperHeight' => $height,
            'preferCSSPageSize' => false,
        ]);

        return (int) preg_match_all('~/Type\s*/Page\b(?!s)~', (string) base64_decode((string) $pdf['data'], true));
    }

    public function picture(string $path): void
    {
        is_dir(dirname($path)) || mkdir(dirname($path), 0o775, true);
        $this->driver->takeScreenshot($path);
    }

    /** @return list<string> the errors and warnings of the console since it was asked last */
    public function console(): array
    {
        $entries = array_filter(
            $this->driver->manage()->getLog('browser'),
            static fn (array $entry): bool => $entry['level'] !== 'INFO',
        );

        return array_values(
            array_map(static fn (array $entry): string => "{$entry['level']} {$entry['message']}", $entries),
        );
    }

    /** @return list<string> every address that was asked for since it was asked last */
    public function requests(): array
    {
        $addresses = [];
        foreach ($this->driver->manage()->getLog('performance') as $entry) {
            $message = json_decode((string) $entry['message'], true)['message'] ?? [];
            if (($message['method'] ?? '') === 'Network.requestWillBeSent') {
                $addresses[] = (string) $message['params']['request']['url'];
            }
        }

        return $addresses;
    }

    public function close(): void
    {
        $this->driver->quit();
        $this->driving->end();
        $this->process->kill();
        is_dir($this->profile)
            && exec('rm -rf '.escapeshellarg($this->profile), result_code: $code) !== false
            && ($code === 0 || throw new RuntimeException("Could not remove {$this->profile}."));
    }

    private static function program(): string
    {
        $finder = new ExecutableFinder;

        return $finder->find('chromium-headless-shell') ?? $finder->find('chromium')
            ?? throw new RuntimeException('There is no Chromium here.');
    }
}
