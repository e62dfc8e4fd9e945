<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\UnknownErrorException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;
use RuntimeException;

/** A browser window, in the words of somebody who uses it. Everything waits until it is there, or fails. */
final class Page
{
    private const PATIENCE_S = 60;

    private const FLAGS = [
        '--headless=new',
        '--no-sandbox',
        '--force-prefers-reduced-motion',
        '--in-process-gpu',
        '--mute-audio',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // A page that was left would go on asking with whoever was signed in there.
        '--disable-features=BackForwardCache',
        '--force-device-scale-factor=1',
        '--lang=en-GB',
    ];

    /** What a browser keeps of a person; what it was sent to run is nobody's. */
    private const KEPT = 'cookies,file_systems,indexeddb,local_storage,service_workers,cache_storage';

    /** What was pressed, typed and chosen so far. */
    public int $actions = 0;

    /** @var resource */
    private $driverProcess;

    /** What keeps pages from getting ready for where there is no signal, as the browser calls it. */
    private ?string $stays = null;

    /** Where it goes when nobody has said where: whoever comes in begins there. */
    private ?string $home = null;

    /** @var list<self> browsers that nobody uses just now, each with a window of its own */
    private static array $idle = [];

    private function __construct(
        private readonly RemoteWebDriver $driver,
        mixed $process,
        private readonly string $profile,
        private ?string $server,
    ) {
        assert(is_resource($process));
        $this->driverProcess = $process;
    }

    /**
     * A window in which nobody has been. A browser takes longer to start than most tests do, so one that was closed is
     * used again, emptied of whatever it kept.
     *
     * @param  string|null  $server  where the application is reached; null: as the tests have it
     */
    public static function open(int $width, int $height, ?string $server = null): self
    {
        $page =
            array_pop(self::$idle) ??
            self::start(sys_get_temp_dir().'/rush-hold-browser-'.bin2hex(random_bytes(6)));
        $page->server = $server;
        $page->actions = 0;
        // What was answered after it was emptied may have brought somebody back.
        $page->devtools('Network.clearBrowserCookies', []);
        $page->sized($width, $height);
        // To fetch everything for a day without signal takes longer than most of what is tried.
        $page->stays ??= $page->devtools('Page.addScriptToEvaluateOnNewDocument', [
            'source' => 'if (window.ServiceWorkerContainer) ServiceWorkerContainer.prototype.register = () => new Promise(() => {});',
        ])['identifier'];

        return $page;
    }

    /** It gets ready for where there is no signal, as it does for everybody. */
    public function readyForNoSignal(): self
    {
        if ($this->stays !== null) {
            $this->devtools('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $this->stays]);
            $this->stays = null;
        }

        return $this;
    }

    private static function start(string $profile): self
    {
        $free = stream_socket_server('tcp://127.0.0.1:0');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);
        $nowhere = ['file', '/dev/null', 'w'];
        $process = proc_open(
            ['chromedriver', "--port=$port", '--silent'],
            [['file', '/dev/null', 'r'], $nowhere, $nowhere],
            $pipes,
        );
        $options = (new ChromeOptions())->addArguments([...self::FLAGS, "--user-data-dir=$profile"]);
        $wants = DesiredCapabilities::chrome();
        $wants->setCapability(ChromeOptions::CAPABILITY, $options);
        $wants->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        try {
            $started = microtime(true);
            while (! ($open = @fsockopen('127.0.0.1', $port))) {
                if (microtime(true) - $started > 30) {
                    throw new RuntimeException('The browser driver does not start.');
                }
                usleep(20_000);
            }
            fclose($open);
            $page = new self(
                RemoteWebDriver::create("http://127.0.0.1:$port", $wants, 60_000, 60_000),
                $process,
                $profile,
                null,
            );
        } catch (\Throwable $e) {
            proc_terminate($process);
            throw $e;
        }
        $page->driver
            ->manage()
            ->timeouts()
            ->setScriptTimeout(self::PATIENCE_S + 5);
        // The accessibility checker is there on every page, and read only where it is asked.
        $checker = (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js');
        $page->devtools('Page.addScriptToEvaluateOnNewDocument', ['source' => "window.axeComes = () => { $checker };"]);
        register_shutdown_function($page->end(...));

        return $page;
    }

    /** Nobody needs it any more: it is emptied, and waits for the next one. */
    public function close(): void
    {
        try {
            $this->connected(true);
            $this->devtools('Emulation.setEmulatedMedia', ['features' => []]);
            $this->devtools('Emulation.setUserAgentOverride', ['userAgent' => '']);
            $origins = array_unique([self::address(), $this->server ?? self::address()]);
            $this->driver->get('about:blank');
            foreach ($origins as $origin) {
                $this->devtools('Storage.clearDataForOrigin', [
                    'origin' => $origin,
                    'storageTypes' => self::KEPT,
                ]);
            }
            $this->devtools('Network.clearBrowserCookies', []);
            $this->driver->manage()->getLog('browser');
            $this->home = null;
            self::$idle[] = $this;
        } catch (WebDriverException) {
            $this->end();
        }
    }

    /** Shuts the browser and opens it again as somebody does the next morning: what it keeps is there. */
    public function restarted(int $width, int $height): self
    {
        $this->shut();
        $again = self::start($this->profile);
        $again->server = $this->server;
        $again->sized($width, $height);

        return $again;
    }

    /** A window of another size; a narrow one is a phone. */
    public function sized(int $width, int $height): self
    {
        $this->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $width < 600,
        ]);

        return $this;
    }

    /** Asks for pages in a language from now on; '' for that of the browser. */
    public function speaking(string $language): self
    {
        $this->devtools('Emulation.setUserAgentOverride', [
            'userAgent' => (string) $this->script('return navigator.userAgent'),
            'acceptLanguage' => $language,
        ]);

        return $this;
    }

    private function end(): void
    {
        $this->shut();
        exec('rm -rf '.escapeshellarg($this->profile));
    }

    private function shut(): void
    {
        if (! is_resource($this->driverProcess)) {
            return;
        }
        try {
            $this->driver->quit();
        } catch (WebDriverException) {
            // It has ended already.
        } finally {
            proc_terminate($this->driverProcess);
            proc_close($this->driverProcess);
        }
    }

    /** Carries a cookie from now on, and begins at a page where nobody says otherwise. */
    public function carries(string $name, string $value, string $home): self
    {
        // What the page before still asks must not bring its own session back.
        $this->driver->get('about:blank');
        $this->devtools('Network.clearBrowserCookies', []);
        $this->devtools('Network.setCookie', [
            'name' => $name,
            'value' => $value,
            'url' => $this->server ?? self::address(),
            'httpOnly' => true,
            'sameSite' => 'Lax',
        ]);
        $this->home = $home;

        return $this;
    }

    public function visit(string $path): self
    {
        $this->home = null;
        $this->driver->get(($this->server ?? self::address()).$path);

        return $this;
    }

    private function arrive(): void
    {
        $this->home === null || $this->visit($this->home);
    }

    public function reload(): self
    {
        $this->driver->navigate()->refresh();

        return $this;
    }

    public static function address(): string
    {
        return getenv('TEST_BASE_URL') ?: throw new RuntimeException('TEST_BASE_URL is not set: run bin/test.');
    }

    public function path(): string
    {
        return (string) parse_url($this->driver->getCurrentURL(), PHP_URL_PATH);
    }

    /** Waits until the text is on the page. */
    public function see(string $text): self
    {
        return $this->watch($text, true);
    }

    public function seeNot(string $text): self
    {
        return $this->watch($text, false);
    }

    /**
     * The page itself looks for the text; whoever asks again and again from without is slow, and keeps it from its
     * work.
     */
    private function watch(string $text, bool $there): self
    {
        $this->until(
            fn (): bool => $this->wait(
                <<<'JS'
                const [text, there, done] = arguments;
                const until = Date.now() + 2000;
                // What is looked for comes with a change; to read a whole page takes time it needs for itself.
                let changed = true;
                let looked = 0;
                const watcher = new MutationObserver(() => { changed = true; });
                watcher.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
                const look = () => {
                    const now = Date.now();
                    let met = false;
                    if (changed || now - looked > 300) {
                        changed = false;
                        looked = now;
                        met = document.body.innerText.includes(text) === there;
                    }
                    if (met || now > until) {
                        watcher.disconnect();
                        done(met);
                    } else setTimeout(look, 40);
                };
                look();
                JS
                ,
                $text,
                $there,
            ) === true,
            ($there ? "“{$text}” on the page" : "“{$text}” to go").'; it says:'."\n".'%s',
        );

        return $this;
    }

    public function text(): string
    {
        return (string) $this->script('return document.body.innerText;');
    }

    /** A button, link or menu item by what it is called. */
    public function press(string $name): self
    {
        $this->actions++;
        $this->until(function () use ($name): bool {
            $quoted = self::quote($name);
            foreach (
                $this->driver->findElements(
                    WebDriverBy::xpath(
                        "//*[self::button or self::a or @role='button' or @role='menuitem'][normalize-space(.)=$quoted or @aria-label=$quoted or starts-with(@title,$quoted)]|//*[contains(@class,'ant-segmented-item-label')][normalize-space(.)=$quoted]",
                    ),
                ) as $element
            ) {
                if ($element->isDisplayed() && $element->isEnabled()) {
                    $element->click();

                    return true;
                }
            }

            return false;
        }, "a button “{$name}”; the page says:\n%s");

        return $this;
    }

    /** Replaces what is in a field with this label. */
    /**
     * Presses what a selector of CSS finds, which may be drawn anew in that very moment; it is not counted as an
     * action.
     */
    public function hit(string $css): self
    {
        $this->until(function () use ($css): bool {
            $this->driver->findElement(WebDriverBy::cssSelector($css))->click();

            return true;
        }, "“{$css}” to be there; the page says:\n%s");

        return $this;
    }

    /** Opens a folded part of the rush on the desk. */
    public function unfold(string $part): self
    {
        $this->actions++;
        $this->until(
            fn (): bool => $this->script(
                'const head = [...document.querySelectorAll(".rush-part-head")].find((h) => h.querySelector("b").textContent === arguments[0]); if (!head) return false; if (head.ariaExpanded === "false") head.click(); return true',
                $part,
            ) === true,
            "a part “{$part}”; the page says:\n%s",
        );

        return $this;
    }

    /** Says where an outing is. */
    public function placed(string $typed): self
    {
        $this->type('Find a place', $typed);
        $this->actions++;
        $this->until(
            fn (): bool => $this->script(
                'const option = [...document.querySelectorAll(".ant-select-item-option")].find((o) => o.offsetParent !== null); option?.click(); return option !== undefined',
            ) === true,
            "a place for “{$typed}”; the page says:\n%s",
        );

        return $this;
    }

    public function type(string $label, string $text): self
    {
        $this->actions++;
        $this->until(function () use ($label, $text): bool {
            $field = $this->field($label);
            $field->click();
            $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $field->sendKeys($text);

            return true;
        }, "a field “{$label}”; the page says:\n%s");

        return $this;
    }

    public function value(string $label): string
    {
        $value = '';
        $this->until(function () use ($label, &$value): bool {
            $value = (string) $this->field($label)->getAttribute('value');

            return true;
        }, "a field “{$label}”; the page says:\n%s");

        return $value;
    }

    /** Chooses from a list by its label. */
    public function choose(string $label, string $option): self
    {
        $this->actions += 2;
        $this->until(function () use ($label): bool {
            $this->field($label)->click();

            return true;
        }, "a list “{$label}”; the page says:\n%s");
        $quoted = self::quote($option);
        $this->until(function () use ($quoted): bool {
            foreach (
                $this->driver->findElements(
                    WebDriverBy::xpath(
                        "//*[contains(@class,'ant-select-item-option')][@title=$quoted or starts-with(@title,concat($quoted,' ·'))]",
                    ),
                ) as $element
            ) {
                if ($element->isDisplayed()) {
                    $element->click();

                    return true;
                }
            }

            return false;
        }, "the choice $option; the page says:\n%s");
        $this->until(
            fn (): bool => $this->script(
                'return [...document.querySelectorAll(".ant-select-dropdown")].every(d => d.offsetParent === null || getComputedStyle(d).visibility === "hidden" || d.offsetHeight === 0 || d.classList.contains("ant-select-dropdown-hidden"))',
            ) === true,
            "the list to close; the page says:\n%s",
        );

        return $this;
    }

    public function keys(string ...$keys): self
    {
        $this->arrive();
        $this->actions += count($keys);
        $this->driver->getKeyboard()->sendKeys($keys);

        return $this;
    }

    public function upload(string $label, string $file): self
    {
        $this->element("input[type=file][aria-label='$label']")->sendKeys($file);

        return $this;
    }

    /** Drags something by its middle. */
    public function drag(string $css, int $right, int $down): self
    {
        if (str_starts_with($this->path(), '/rushes/')) {
            $this->settled();
        }
        $element = $this->element($css);
        (new WebDriverActions($this->driver))
            ->clickAndHold($element)
            ->moveByOffset(intdiv($right, 2), intdiv($down, 2))
            ->moveByOffset($right - intdiv($right, 2), $down - intdiv($down, 2))
            ->release()
            ->perform();

        return $this;
    }

    /**
     * Waits until the page has come to rest: nothing asked, nothing fading. Where it is the desk, with the last answer.
     */
    public function settled(): self
    {
        $this->until(
            fn (): bool => $this->script(
                <<<'JS'
                const desk = document.querySelector('.desk') !== null;
                return document.documentElement.dataset.settled === 'yes'
                    && (!desk || (document.querySelector('.hold-lines') !== null && document.querySelector('.hold[aria-busy=true]') === null));
                JS
                ,
            ) === true,
            "the page to come to rest; it says:\n%s",
        );

        return $this;
    }

    /** What the hold says for a setting, such as `exposure.shutter_s`. */
    public function held(string $setting): string
    {
        $text = '';
        $this->until(function () use ($setting, &$text): bool {
            $text = $this->driver
                ->findElement(WebDriverBy::cssSelector("[data-setting='$setting'] .hold-value"))
                ->getText();

            return true;
        }, "the hold; the page says:\n%s");

        return $text;
    }

    public function attribute(string $css, string $name): string
    {
        return (string) $this->script(
            'return document.querySelector(arguments[0])?.getAttribute(arguments[1])',
            $css,
            $name,
        );
    }

    public function element(string $css): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($css, &$found): bool {
            $found = $this->driver->findElement(WebDriverBy::cssSelector($css));

            return true;
        }, "$css; the page says:\n%s");
        assert($found instanceof RemoteWebElement);

        return $found;
    }

    public function script(string $script, mixed ...$arguments): mixed
    {
        $this->arrive();

        return $this->driver->executeScript($script, $arguments);
    }

    /**
     * Goes to another screen as a link would, without loading the application anew. The one before stays until what the
     * next one needs is there; where both have one head, it cannot be told when that was.
     */
    public function go(string $path): self
    {
        $this->wait(
            <<<'JS'
            const [path, done] = arguments;
            const before = document.querySelector('h1');
            history.pushState({}, '', path);
            dispatchEvent(new PopStateEvent('popstate', { state: {} }));
            const until = Date.now() + 1500;
            const look = () => {
                const now = document.querySelector('h1');
                (now !== null && now !== before) || Date.now() > until ? done(true) : setTimeout(look, 20);
            };
            look();
            JS
            ,
            $path,
        );

        return $this->settled();
    }

    /** @return array{nodes: int, jsEventListeners: int, documents: int} what the browser still holds when nobody needs the rest */
    public function holds(): array
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('HeapProfiler.collectGarbage');

        return $tools->execute('Memory.getDOMCounters');
    }

    /** Runs a script that calls its last argument when it is done. */
    public function wait(string $script, mixed ...$arguments): mixed
    {
        $this->arrive();

        return $this->driver->executeAsyncScript($script, $arguments);
    }

    /** Waits until a condition holds. */
    public function until(callable $condition, string $what, int $patience = self::PATIENCE_S): void
    {
        $this->arrive();
        $met = false;
        $started = microtime(true);
        while (! $met && microtime(true) - $started < $patience) {
            try {
                $met = (bool) $condition();
            } catch (NoSuchElementException|StaleElementReferenceException|ElementClickInterceptedException|ElementNotInteractableException|JavascriptErrorException|ScriptTimeoutException|UnknownErrorException) {
                // Not there yet, being drawn again, or left for another page meanwhile: what waits in a page that is
                // left never answers.
            }
            if (! $met) {
                usleep(30_000);
            }
        }
        Assert::assertTrue($met, 'Waited in vain for '.($met ? $what : sprintf($what, $this->text())));
    }

    /** Nothing in the console, and nothing for the accessibility checker. */
    public function isClean(): self
    {
        $noise = array_filter(
            $this->driver->manage()->getLog('browser'),
            static fn (array $entry): bool => $entry['level'] === 'SEVERE' &&
                // The browser reports refused requests by itself; that the application refuses is what some tests are
                // about.
                ! preg_match('/status of (401|409|419|422|429)|ERR_INTERNET_DISCONNECTED/', $entry['message']),
        );
        Assert::assertSame([], array_column($noise, 'message'));
        // Colours on their way from one to another have no contrast worth judging.
        $this->still();
        // What sticks to the edge of the window lies over whatever is scrolled there; it is judged by itself.
        $violations = $this->driver->executeAsyncScript('const done = arguments[arguments.length - 1]; (async () => {
            window.axe ?? window.axeComes();
            // An answer that comes meanwhile changes colours at once.
            const sudden = new CSSStyleSheet();
            sudden.replaceSync("*, *::before, *::after { transition: none !important; }");
            document.adoptedStyleSheets = [...document.adoptedStyleSheets, sudden];
            const sticking = [...document.querySelectorAll(".jump")].filter(e => e.offsetParent !== null);
            const only = { runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] };
            const alone = sticking.length ? await axe.run(".jump", only) : { violations: [] };
            sticking.forEach(e => { e.style.visibility = "hidden"; });
            const rest = await axe.run(document, only);
            sticking.forEach(e => { e.style.visibility = ""; });
            document.adoptedStyleSheets = document.adoptedStyleSheets.filter(s => s !== sudden);
            done([...alone.violations, ...rest.violations]
                .map(v => v.id + ": " + v.nodes.map(n => n.html.slice(0, 160) + " " + n.failureSummary.slice(0, 200)).join(" | "))); })();');
        Assert::assertSame([], $violations);

        return $this;
    }

    /**
     * Waits until the page has come to rest; where something goes on for long, until nothing slides or fades any more.
     */
    private function still(): void
    {
        $this->wait(
            <<<'JS'
            const done = arguments[0];
            const until = Date.now() + 4000;
            const look = () => document.documentElement.dataset.settled === 'yes' || Date.now() > until ? done(true) : setTimeout(look, 30);
            look();
            JS
            ,
        );
        $this->until(
            fn (): bool => $this->script(
                'return document.getAnimations().every(a => a.playState !== "running" || a.effect?.getTiming().iterations === Infinity)',
            ) === true,
            "the page to stand still; it says:\n%s",
        );
    }

    /** As after a session that ended. */
    public function forgetCookies(): self
    {
        $this->devtools('Network.clearBrowserCookies', []);

        return $this;
    }

    /** With a network, or without. */
    public function connected(bool $is): self
    {
        $this->devtools('Network.enable', []);
        $this->devtools('Network.emulateNetworkConditions', [
            'offline' => ! $is,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);

        return $this;
    }

    /** As somebody sees it who has their system set all colours. */
    public function forcedColours(): self
    {
        $this->devtools('Emulation.setEmulatedMedia', [
            'features' => [['name' => 'forced-colors', 'value' => 'active']],
        ]);

        return $this;
    }

    public function screenshot(string $file): void
    {
        // Nothing is lit up by a pointer that happens to rest on it.
        $this->devtools('Input.dispatchMouseEvent', ['type' => 'mouseMoved', 'x' => 1, 'y' => 1]);
        $this->still();
        $shot = $this->devtools('Page.captureScreenshot', ['format' => 'png']);
        file_put_contents($file, base64_decode((string) $shot['data'], true));
    }

    /**
     * @param  array<string, mixed>  $params
     * @return array<string, mixed>
     */
    private function devtools(string $command, array $params): array
    {
        $answer = $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => $command,
            'params' => $params === [] ? (object) [] : $params,
        ]);

        return is_array($answer) ? $answer : [];
    }

    private function field(string $label): RemoteWebElement
    {
        $quoted = self::quote($label);
        foreach (
            $this->driver->findElements(
                WebDriverBy::xpath(
                    "//*[self::input or self::textarea][@aria-label=$quoted or @id=//label[starts-with(normalize-space(.),$quoted)]/@for]",
                ),
            ) as $element
        ) {
            if ($element->isDisplayed()) {
                assert($element instanceof RemoteWebElement);

                return $element;
            }
        }
        throw new NoSuchElementException("no field $label");
    }

    private static function quote(string $text): string
    {
        return str_contains($text, "'") ? '"'.$text.'"' : "'$text'";
    }
}
