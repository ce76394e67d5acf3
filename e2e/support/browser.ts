import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, Key, logging, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome';

/**
 * This machine has no graphics card. The page is put together as a browser does it by itself where there is none; only what is drawn in 3D goes by way
 * of an emulated card, as it then does too.
 */
const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-dev-shm-usage',
  '--hide-scrollbars',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
  '--disable-gpu-compositing',
  '--disable-gpu-rasterization',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
  '--window-size=1280,943',
];
/** What makes tests quick: no code is translated at its best, as no worker lives long enough in a test for that. */
const QUICK_FLAGS = ['--js-flags=--no-turbofan'];
/** And a screen of half as many dots each way: what is laid out stays the same, and pictures have a quarter of the dots to be drawn. */
const QUICK_DOTS = 0.5;
/** Half of a shared machine may be taken away for an hour: then everything takes three times as long. */
const WAIT_MS = 50_000;
/** How often what is waited for is looked at: each look takes time from page and browser. */
const LOOK_EVERY_MS = 150;

/** Name of the film that the browser's camera sees, in the scratch folder. */
export const CAMERA_FILM = 'camera.y4m';

/** The built application in a new browser profile, with what a person does on it. */
export class Page {
  private constructor(
    readonly driver: WebDriver,
    readonly address: string,
    private readonly server: ChildProcess,
    private readonly folder: string,
    private readonly asUsed: boolean,
  ) {}

  /** One browser for all files of tests that lie in one run: what it has translated of the page is translated once. */
  private static shared: Page | undefined;

  /**
   * Run from the project's folder. Gives the run's one browser, with nothing in its store.
   * @param own a browser of one's own, which `stop` ends
   * @param asUsed the same, translated as in anybody's browser, not as quickly as tests can do with
   */
  static async start({ asUsed = false, own = false } = {}): Promise<Page> {
    if (own || asUsed) return Page.withServer(asUsed);
    if (Page.shared) await Page.shared.emptied();
    else {
      Page.shared = await Page.withServer(false);
      // The tests' environment calls it after the last of them.
      Object.assign(globalThis, { endBrowser: () => Page.shared!.quit() });
    }
    return Page.shared;
  }

  private static async withServer(asUsed: boolean): Promise<Page> {
    const folder = mkdtempSync(join(tmpdir(), 'strut-spot-e2e-'));
    const server = spawn(process.execPath, ['server/dist/main.js'], {
      // Files of tests that run side by side do not begin at the same port.
      env: { ...process.env, PORT: String(4840 + 20 * Number(process.env.JEST_WORKER_ID ?? 1)) },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    const address = await new Promise<string>((resolve, reject) => {
      server.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
      server.stdout!.on('data', (data) => {
        const found = /http:\/\/\S+/.exec(String(data))?.[0];
        if (found) resolve(found);
      });
    });
    return Page.in(folder, server, address, asUsed);
  }

  /** A browser with the profile that lies in a folder. */
  private static async in(folder: string, server: ChildProcess, address: string, asUsed: boolean): Promise<Page> {
    const logs = new logging.Preferences();
    logs.setLevel(logging.Type.PERFORMANCE, logging.Level.ALL);
    logs.setLevel(logging.Type.BROWSER, logging.Level.ALL);
    const options = new chrome.Options();
    options.addArguments(
      ...FLAGS,
      ...(asUsed ? [] : QUICK_FLAGS),
      `--user-data-dir=${join(folder, 'profile')}`,
      // What its camera sees is a film that a test may write before the page asks for the camera.
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${join(folder, CAMERA_FILM)}`,
    );
    options.setBinaryPath('/usr/bin/chromium');
    options.setUserPreferences({
      'download.default_directory': join(folder, 'downloads'),
      'download.prompt_for_download': false,
    });
    options.setLoggingPrefs(logs);
    const driver = await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver'))
      .build();
    const page = new Page(driver, address, server, folder, asUsed);
    await page.resize(1280, 800, false);
    return page;
  }

  /** Ends the browser as a failing battery does, and opens it again with the same profile. */
  async killAndRestart(): Promise<Page> {
    const profile = `--user-data-dir=${join(this.folder, 'profile')}`;
    for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
      try {
        if (readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(profile)) process.kill(Number(pid), 'SIGKILL');
      } catch {
        // It has ended by itself meanwhile.
      }
    }
    await this.driver.quit().catch(() => undefined);
    // What says that another browser has the profile is left over from the one that was killed.
    for (const lock of ['SingletonLock', 'SingletonSocket', 'SingletonCookie'])
      rmSync(join(this.folder, 'profile', lock), { force: true });
    return Page.in(this.folder, this.server, this.address, this.asUsed);
  }

  /** What the browser's own tools answer. */
  tools = async <T>(command: string, values: object = {}): Promise<T> => {
    const chromium = this.driver as unknown as {
      sendAndGetDevToolsCommand: (name: string, values: object) => Promise<unknown>;
    };
    return (await chromium.sendAndGetDevToolsCommand(command, values)) as T;
  };

  /** Size of the page itself, as on a laptop or a phone. */
  async resize(width: number, height: number, mobile: boolean): Promise<void> {
    const chromium = this.driver as unknown as { sendDevToolsCommand: (name: string, values: object) => Promise<void> };
    await chromium.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: this.asUsed ? 1 : QUICK_DOTS,
      mobile,
    });
  }

  async offline(offline: boolean): Promise<void> {
    const chromium = this.driver as unknown as { setNetworkConditions: (values: object) => Promise<void> };
    await chromium.setNetworkConditions({ offline, latency: 0, download_throughput: -1, upload_throughput: -1 });
  }

  /** How this machine lies, for pages that read its sensors; degrees. */
  async tilted(beta: number, gamma: number): Promise<void> {
    const chromium = this.driver as unknown as { sendDevToolsCommand: (name: string, values: object) => Promise<void> };
    await chromium.sendDevToolsCommand('DeviceOrientation.setDeviceOrientationOverride', { alpha: 0, beta, gamma });
  }

  /** Whether the reader asks for less motion. */
  async lessMotion(less: boolean): Promise<void> {
    const chromium = this.driver as unknown as { sendDevToolsCommand: (name: string, values: object) => Promise<void> };
    const value = less ? 'reduce' : 'no-preference';
    await chromium.sendDevToolsCommand('Emulation.setEmulatedMedia', {
      features: [{ name: 'prefers-reduced-motion', value }],
    });
  }

  /** As it was begun: one window, as large as a laptop's, on line, with an empty store, and no complaints. */
  private async emptied(): Promise<void> {
    const [first, ...further] = await this.driver.getAllWindowHandles();
    for (const handle of further) {
      await this.driver.switchTo().window(handle);
      await this.driver.close();
    }
    await this.driver.switchTo().window(first!);
    await this.offline(false);
    await this.lessMotion(false);
    await this.driver.get('about:blank');
    await this.tools('Storage.clearDataForOrigin', { origin: new URL(this.address).origin, storageTypes: 'all' });
    await this.resize(1280, 800, false);
    await this.errors();
  }

  /** The run's one browser goes on for the next file of tests. */
  async stop(): Promise<void> {
    if (this !== Page.shared) await this.quit();
  }

  private async quit(): Promise<void> {
    await this.driver.quit();
    this.server.kill();
    rmSync(this.folder, { recursive: true, force: true, maxRetries: 5 });
  }

  /** Loads the page anew at this path. */
  open = (path: string) => this.driver.get(this.address.replace(/\/$/, '') + path);

  /** Goes to another path as a link within the page does: nothing is loaded anew, and what is warm stays so. */
  async go(path: string): Promise<void> {
    const here = new URL(await this.driver.getCurrentUrl());
    if (!here.href.startsWith(this.address) || here.pathname === path) return this.open(path);
    await this.driver.executeScript(
      `window.leftMain = document.querySelector('main');
       history.pushState({}, '', arguments[0]);
       dispatchEvent(new PopStateEvent('popstate', { state: history.state }));`,
      path,
    );
    await this.until(`the page goes to ${path}`, () =>
      this.driver.executeScript<boolean>('return !window.leftMain?.isConnected && !!document.querySelector("main")'),
    );
  }
  find = (css: string): Promise<WebElement> => this.located(By.css(css));
  /** Waits for an element by XPath and gives it. */
  at = (xpath: string): Promise<WebElement> => this.located(By.xpath(xpath));

  private located = (by: By): Promise<WebElement> =>
    this.explained(this.driver.wait(until.elementLocated(by), WAIT_MS, undefined, LOOK_EVERY_MS));

  /** What is waited for in vain is said together with what stands on the page instead. */
  private async explained<T>(waiting: PromiseLike<T>): Promise<T> {
    try {
      return await waiting;
    } catch (error) {
      const seen = (await this.driver.executeScript(
        'return [location.href, document.body.innerText.slice(0, 1500)].join("\\n")',
      )) as string;
      const log = await this.driver.manage().logs().get(logging.Type.BROWSER);
      const said = log.slice(-10).map(({ message }) => message);
      throw new Error([(error as Error).message, 'On the page:', seen, ...said].join('\n'), { cause: error });
    }
  }
  button = (name: string) =>
    this.at(`//button[normalize-space(.)="${name}" or @aria-label="${name}" or .//span[normalize-space(.)="${name}"]]`);

  async click(element: WebElement): Promise<void> {
    await this.explained(this.driver.wait(until.elementIsVisible(element), WAIT_MS, undefined, LOOK_EVERY_MS));
    await this.explained(this.driver.wait(until.elementIsEnabled(element), WAIT_MS, undefined, LOOK_EVERY_MS));
    // What is still being laid out would move away from under the pointer.
    await this.driver.executeAsyncScript(
      `const [element, done] = arguments;
       element.scrollIntoView({ block: 'nearest', inline: 'nearest' });
       let [was, frames] = ['', 0];
       // Two frames on; a window that is not shown, or a machine that has no time to draw, gives none.
       const later = (then) => {
         let due = true;
         const once = () => { if (due) then(); due = false; };
         requestAnimationFrame(() => requestAnimationFrame(once));
         setTimeout(once, 400);
       };
       const look = () => {
         const { x, y } = element.getBoundingClientRect();
         if (was === x + ' ' + y || ++frames > 120) return done();
         was = x + ' ' + y;
         later(look);
       };
       look();`,
      element,
    );
    await element.click().catch(async (problem: Error) => {
      if (!problem.message.includes('data-sonner-toast')) throw problem;
      // A notice with a button lies there for some seconds: whoever wants what is under it waits until it goes.
      await this.until(
        'the notice goes',
        async () => (await this.driver.findElements(By.css('[data-sonner-toast]'))).length === 0,
      );
      await element.click();
    });
  }

  press = async (name: string) => this.click(await this.button(name));

  async type(css: string, text: string): Promise<void> {
    const field = await this.find(css);
    await this.driver.wait(until.elementIsVisible(field), WAIT_MS, undefined, LOOK_EVERY_MS);
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text);
  }

  /** The field whose label says so, filled and left by Enter. */
  async fill(label: string, text: string): Promise<void> {
    await this.until(`the field "${label}" takes ${text}`, async () => {
      const field = await this.at(`//input[@id=//label[normalize-space(.)="${label}"]/@for]`);
      if (!(await field.isDisplayed())) return false;
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text, Key.ENTER);
      return true;
    });
  }

  /** Clicks places of a drawing one after the other until it has the effect. @param places a script that gives them, from the middle of arguments[0] */
  async clickInDrawing(css: string, places: string, what: string, done: () => Promise<boolean>): Promise<void> {
    const canvas = await this.find(css);
    let left: [number, number][] = [];
    await this.until(what, async () => {
      if (left.length === 0) left = await this.driver.executeScript(places, canvas);
      const next = left.shift();
      if (!next) return false;
      await this.driver.actions().move({ origin: canvas, x: next[0], y: next[1], duration: 0 }).click().perform();
      // What follows a click is drawn with the next frames.
      for (let i = 0; i < 10; i++) {
        if (await done()) return true;
        await new Promise((rested) => setTimeout(rested, 30));
      }
      return false;
    });
  }

  text = async (css: string): Promise<string> => (await this.find(css)).getText();

  async until(what: string, holds: () => Promise<boolean>, waitMs = WAIT_MS): Promise<void> {
    const held = this.driver.wait(
      async () => holds().catch(() => false),
      waitMs,
      `waited in vain: ${what}`,
      LOOK_EVERY_MS,
    );
    await this.explained(held);
  }

  untilText = (css: string, pattern: RegExp) =>
    this.until(`${css} says ${pattern}`, async () => pattern.test(await this.text(css)));

  /** A finished download whose name ends so: the browser gives it its name before it has filled it. */
  async download(ending: string, waitMs = WAIT_MS): Promise<Buffer> {
    const folder = join(this.folder, 'downloads');
    const names = () => (existsSync(folder) ? readdirSync(folder) : []);
    const filled = () => names().filter((name) => name.endsWith(ending) && statSync(join(folder, name)).size > 0);
    const underWay = () => names().some((name) => name.endsWith('.crdownload'));
    await this.until(`download *${ending}`, async () => filled().length > 0 && !underWay(), waitMs);
    const path = join(folder, filled()[0]!);
    const content = readFileSync(path);
    rmSync(path);
    return content;
  }

  /** Whether something of that key lies in a table of the browser's store. */
  hasStored = (table: string, key: string): Promise<boolean> =>
    this.driver.executeAsyncScript<boolean>(
      `const [table, key, done] = arguments;
       (async () => {
       // Opened before the page has laid it out it would be an empty one.
       const there = (await indexedDB.databases()).some(({ name }) => name === 'strut-spot');
       if (!there) return done(false);
       const open = indexedDB.open('strut-spot');
       open.onsuccess = () => {
         const read = open.result.transaction(table).objectStore(table).get(key);
         read.onsuccess = () => { open.result.close(); done(read.result !== undefined); };
       };
       })();`,
      table,
      key,
    );

  /** Puts these pieces into the kit box, and all others out of it. */
  packKit = (ids: readonly string[]): Promise<void> =>
    this.driver.executeAsyncScript(
      `const [inBox, done] = arguments;
       const open = indexedDB.open('strut-spot');
       open.onsuccess = () => {
         const write = open.result.transaction('kit', 'readwrite');
         write.objectStore('kit').put({ key: 'kit', inBox, own: { cameras: [], links: [], bases: [] } });
         write.oncomplete = () => { open.result.close(); done(); };
       };`,
      ids,
    );

  scratch = (name: string) => join(this.folder, name);

  /** Every address asked for since the last call. */
  async requests(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get(logging.Type.PERFORMANCE);
    return entries.flatMap((entry) => {
      const { message } = JSON.parse(entry.message) as {
        message: { method: string; params: { request?: { url: string } } };
      };
      return message.method === 'Network.requestWillBeSent' && message.params.request
        ? [message.params.request.url]
        : [];
    });
  }

  async errors(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get(logging.Type.BROWSER);
    return entries.filter((entry) => entry.level.value >= logging.Level.SEVERE.value).map((entry) => entry.message);
  }
}
