/**
 * The page part of npm run bench: the built application in a browser of its own, its code translated as a user's browser does it. One run;
 * figures of different runs on shared machines do not compare, the ratios to the bare loop of the same run do.
 */
import { existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { By, Key } from 'selenium-webdriver';
import { Page } from '../support/browser';

const OUTING = '/outing/skerra-late-winter';
const SHOT = `${OUTING}/shot/gravel-hands`;
const SHOTS = 100;
/** Searches one after the other: workers go on translating what they run most. */
const IN_A_ROW = 6;
/** Changes that somebody makes in an hour: one every six seconds. */
const CHANGES = 600;
const DRAG_MS = 60_000;
/** A bare loop of the machine itself, in the page: multiplications and additions of numbers, one after the other. */
const BARE_LOOP = `
  let [best, sum] = [Infinity, 0];
  for (let round = 0; round < 8; round++) {
    const begun = performance.now();
    let x = 1;
    for (let i = 0; i < 2e7; i++) x = x * 0.999999 + 1e-6;
    best = Math.min(best, performance.now() - begun);
    sum += x;
  }
  return sum > 0 ? best : 0;`;
/** Tasks over 50 ms and the time between frames, from now on. */
const WATCH_TASKS = `
  window.watched?.stop();
  const [tasks, frames] = [[], []];
  const observer = new PerformanceObserver((list) => list.getEntries().forEach((e) => tasks.push(e.duration)));
  observer.observe({ type: 'longtask' });
  let [last, going] = [performance.now(), true];
  const frame = (now) => { frames.push(now - last); last = now; if (going) requestAnimationFrame(frame); };
  requestAnimationFrame(frame);
  window.watched = { tasks, frames, stop: () => { going = false; observer.disconnect(); } };`;

let bareMs = 1;
const say = (what: string, ms: number, more = '') =>
  console.log(
    `${what.padEnd(58)} ${ms.toFixed(0).padStart(7)} ms  ${(ms / bareMs).toFixed(1).padStart(7)} × bare loop${more && `  ${more}`}`,
  );
const median = (values: readonly number[]) => [...values].sort((a, b) => a - b)[values.length >> 1] ?? 0;

async function timed(job: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await job();
  return performance.now() - begun;
}

interface DemoOuting {
  readonly id: string;
  readonly name: string;
  readonly shots: readonly { readonly id: string; readonly name: string; readonly hour?: { readonly at: string } }[];
}

/** Takes an outing in from a file. @returns its address */
async function imported(page: Page, outing: DemoOuting): Promise<string> {
  await page.go('/');
  const file = page.scratch(`${outing.id}.json`);
  writeFileSync(file, JSON.stringify(outing));
  await (await page.find('input[aria-label="Outing file to import"]')).sendKeys(file);
  const link = await page.at(`//a[contains(., "${outing.name}")]`);
  return new URL((await link.getAttribute('href'))!).pathname;
}

/** Script that stands in the page's head, whole and as it is sent. */
function initialScript(): { readonly bytes: number; readonly packed: number } {
  const html = readFileSync('web/dist/index.html', 'utf8');
  const names = [...new Set(html.match(/assets\/[^"]+\.js/g))].map((name) => `web/dist/${name}`);
  const size = (name: string) => statSync(name).size;
  return {
    bytes: names.reduce((sum, name) => sum + size(name), 0),
    packed: names.reduce((sum, name) => sum + size(existsSync(`${name}.br`) ? `${name}.br` : name), 0),
  };
}

const page = await Page.start({ asUsed: true });
const drawn = (within: string) => `${within} canvas[data-drawn]:not([data-drawn="0"])`;
const countOf = async (css: string) => (await page.driver.findElements(By.css(css))).length;

try {
  const { bytes, packed } = initialScript();
  console.log(
    `script before the first view: ${(packed / 1000).toFixed(0)} kB as it is sent, ${(bytes / 1000).toFixed(0)} kB whole\n`,
  );

  await page.open('/words');
  bareMs = await page.driver.executeScript<number>(BARE_LOOP);
  say('bare loop, 20 million steps', bareMs);

  say(
    'first view, first visit: the list of outings',
    await timed(async () => {
      await page.open('/');
      await page.at('//a[contains(., "Late winter on Skerra")]');
    }),
  );
  say('   its picture', await timed(() => page.find(drawn('main'))));
  say(
    'first view, second visit',
    await timed(async () => {
      await page.open('/');
      await page.at('//a[contains(., "Late winter on Skerra")]');
    }),
  );

  const sheets: readonly (readonly [string, string])[] = [
    ['', '[data-testid=lens-picture] canvas[data-drawn]:not([data-drawn="0"])'],
    ['/steady', '[data-testid=mends]'],
    ['/hold', '[data-testid=pull-test]'],
    ['/light', '[data-testid=light-checks] section'],
    ['/last', '[data-testid=last-checks] section'],
    ['/card', 'article'],
  ];
  for (const round of ['first', 'second'] as const) {
    for (const [path, css] of sheets) {
      say(
        `${path.slice(1) || 'bench'}, opened the ${round} time`,
        await timed(async () => {
          await page.go(`${SHOT}${path}`);
          await page.find(css);
        }),
      );
    }
  }

  await page.go(SHOT);
  const picture = await page.find('[data-testid=lens-picture][data-fine=yes]');
  await page.driver.executeScript(WATCH_TASKS);
  const dragged = performance.now();
  while (performance.now() - dragged < DRAG_MS) {
    const actions = page.driver.actions().move({ origin: picture }).press();
    for (let i = 1; i <= 40; i++)
      actions.move({ origin: picture, x: 0, y: Math.round(60 * Math.sin(i / 6)), duration: 16 });
    await actions.release().perform();
  }
  const { tasks, frames } = await page.driver.executeScript<{ tasks: number[]; frames: number[] }>(
    'window.watched.stop(); return { tasks: window.watched.tasks, frames: window.watched.frames };',
  );
  say(
    'a minute of dragging the tilt: frame, median',
    median(frames),
    `${tasks.length} tasks over 50 ms, longest ${Math.round(Math.max(0, ...tasks))} ms`,
  );

  const search = () =>
    timed(() =>
      page.until(
        'the search is done',
        async () => (await (await page.find('[data-testid=search-progress]')).getAttribute('data-phase')) === 'done',
        180_000,
      ),
    );
  const told = async () => (await page.text('[data-testid=search-progress]')).split('\n')[0]!;
  await page.open(`${OUTING}/shot/gravel-hands/find`);
  say('search of the whole kit, cold', await search(), await told());
  await page.go(`${OUTING}/shot/first-try/find`);
  say('search of the whole kit, warm', await search(), await told());

  const demo = JSON.parse(readFileSync('web/src/demo/skerra.json', 'utf8')) as DemoOuting;
  const again = demo.shots.find(({ id }) => id === 'gravel-hands')!;
  // Another hour is another question, of which nothing is kept.
  const hours = Array.from({ length: IN_A_ROW - 2 }, (_, i) => ({
    ...again,
    id: `again-${i}`,
    hour: { ...again.hour, at: `${11 + i}:40` },
  }));
  const often = await imported(page, { ...demo, id: 'often', name: 'Searched often', shots: hours });
  let last = 0;
  for (const { id } of hours) {
    await page.go(`${often}/shot/${id}/find`);
    last = await search();
  }
  say(`   the ${IN_A_ROW}th in a row`, last, await told());

  const shots = Array.from({ length: SHOTS }, (_, i) => {
    const shot = demo.shots[i % demo.shots.length]!;
    return { ...shot, id: `${shot.id}-${i}`, name: `${shot.name} ${i + 1}` };
  });
  const address = await imported(page, { ...demo, id: 'hundred', name: 'A hundred shots', shots });
  await page.open('/words');
  say(
    `list of ${SHOTS} shots, cold: it stands`,
    await timed(async () => {
      await page.open(address);
      await page.at(`//*[contains(., "${shots.at(-1)!.name}")]`);
    }),
  );
  say(
    '   the pictures in sight',
    await timed(() => page.until('six are drawn', async () => (await countOf(drawn('main'))) >= 6)),
  );
  say(
    '   the last one, scrolled to: judged',
    await timed(async () => {
      await page.driver.executeScript('window.scrollTo(0, document.body.scrollHeight * 0.8)');
      await page.driver.executeScript(
        'document.querySelectorAll("main li")[arguments[0]]?.scrollIntoView()',
        SHOTS - 1,
      );
      const row = await page.at(`//li[contains(., "${shots.at(-1)!.name}")]`);
      await page.until('it is judged', async () => /good|watch|stop/.test(await row.getText()));
    }),
  );

  await page.go(SHOT);
  await page.find('[data-testid=lens-picture][data-fine=yes]');
  const heap = async () => {
    await page.tools('HeapProfiler.collectGarbage');
    const { metrics } = await page.tools<{ metrics: { name: string; value: number }[] }>('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'JSHeapUsedSize')!.value / 1e6;
  };
  await page.tools('Performance.enable');
  const tilt = await page.at('//input[@id=//label[normalize-space(.)="Tilt"]/@for]');
  const change = async (times: number) => {
    for (let i = 0; i < times; i++) await tilt.sendKeys(i % 20 < 10 ? Key.ARROW_UP : Key.ARROW_DOWN);
  };
  await change(60);
  const before = await heap();
  const edited = await timed(() => change(CHANGES));
  say(
    `${CHANGES} changes, an hour's editing: each`,
    edited / CHANGES,
    `page's heap ${before.toFixed(1)} MB before, ${(await heap()).toFixed(1)} MB after`,
  );
} finally {
  await page.stop();
}
