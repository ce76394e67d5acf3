import { By } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

const ADDRESS = '/outing/skerra-late-winter';
let page: Page;
withDemo((opened) => (page = opened), { complaints: true });

const devTools = (name: string, values: object) =>
  (
    page.driver as unknown as {
      sendAndGetDevToolsCommand: (name: string, values: object) => Promise<{ identifier: string }>;
    }
  ).sendAndGetDevToolsCommand(name, values);
/** Opens an address with something done to the browser before the page's own script. */
async function openWith(broken: string, path: string, holds: () => Promise<void>): Promise<void> {
  const { identifier } = await devTools('Page.addScriptToEvaluateOnNewDocument', { source: broken });
  try {
    await page.open(path);
    await holds();
  } finally {
    await devTools('Page.removeScriptToEvaluateOnNewDocument', { identifier });
  }
}
const note = async () => (await page.find('#detail-note')).getAttribute('value');
const inWindow = (handle: string) => page.driver.switchTo().window(handle);

it('two windows edit one outing: each shows what the other did, and all of it is there after a reload', async () => {
  await page.open(ADDRESS);
  const left = await page.driver.getWindowHandle();
  await page.find('#detail-name');
  await page.driver.switchTo().newWindow('tab');
  const right = await page.driver.getWindowHandle();
  await page.open(ADDRESS);
  for (let i = 0; i < 3; i++) {
    await page.type('#detail-note', `right ${i}`);
    await inWindow(left);
    await page.type('#detail-place', `left ${i}`);
    await inWindow(right);
  }
  await page.until(
    'the right window has the left one’s place',
    async () => (await (await page.find('#detail-place')).getAttribute('value')) === 'left 2',
  );
  await inWindow(left);
  await page.until('the left window has the right one’s note', async () => (await note()) === 'right 2');
  await page.untilText('[data-testid=saving]', /Saved/i);
  await page.driver.navigate().refresh();
  expect([await (await page.find('#detail-place')).getAttribute('value'), await note()]).toEqual(['left 2', 'right 2']);
  await inWindow(right);
  await page.driver.close();
  await inWindow(left);
});

it('what another window deletes is told, is not brought back, and is kept as a copy', async () => {
  await page.open('/');
  await page.press('Duplicate Late winter on Skerra');
  await page.click(await page.at('//a[.="Late winter on Skerra (copy)"]'));
  await page.find('#detail-note');
  const editing = await page.driver.getWindowHandle();
  await page.driver.switchTo().newWindow('tab');
  await page.open('/');
  await page.press('Delete Late winter on Skerra (copy)');
  await page.at('//summary[contains(., "Bin (1)")]');
  const other = await page.driver.getWindowHandle();
  await inWindow(editing);
  await page.at('//*[@role="alert"][contains(., "deleted in another window")]');
  await page.type('#detail-note', 'written after it was deleted');
  await inWindow(other);
  await page.at('//summary[contains(., "Bin (1)")]');
  await page.driver.close();
  await inWindow(editing);
  await page.press('Keep as a copy');
  await page.until(
    'the copy is open',
    async () =>
      !(await page.driver.findElements(By.css('[role=alert]'))).length &&
      (await note()) === 'written after it was deleted',
  );
  await page.open('/');
  await page.at('//a[.="Late winter on Skerra (copy)"]');
  await page.click(await page.at('//summary[contains(., "Bin")]'));
  await page.press('Empty the bin');
  await page.press('Delete Late winter on Skerra (copy)');
});

it('a shot that was deleted comes back once by its message, whatever was taken back otherwise', async () => {
  await page.open(ADDRESS);
  await page.press('Delete Past the harbour wall');
  const undo = await page.at('//button[.="Undo"]');
  await page.press('Undo');
  await page.at('//a[contains(., "Past the harbour wall")]');
  if (await undo.isDisplayed().catch(() => false)) await undo.click().catch(() => undefined);
  await page.open(ADDRESS);
  await page.at('//a[contains(., "Past the harbour wall")]');
  expect(
    await page.driver.findElements(By.xpath('//ol//a[contains(., "Past the harbour wall")][not(@aria-hidden)]')),
  ).toHaveLength(1);
});

it('a store that is full is told at once, the change stays in the page, and is written when there is room', async () => {
  await page.open(ADDRESS);
  await page.find('#detail-note');
  await page.driver.executeScript(`
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = () => { throw new DOMException('full', 'QuotaExceededError'); };
    window.makeRoom = () => { IDBObjectStore.prototype.put = put; };`);
  await page.type('#detail-note', 'while the disk was full');
  await page.at('//*[@role="alert"][contains(., "not saved") and contains(., "full")]');
  expect(await page.text('[data-testid=saving]')).toMatch(/not saved/i);
  await page.press('Save as a file');
  expect(String(await page.download('.json'))).toContain('while the disk was full');
  await page.driver.executeScript('window.makeRoom()');
  await page.untilText('[data-testid=saving]', /^saved$/i);
  await page.driver.navigate().refresh();
  expect(await note()).toBe('while the disk was full');
});

describe('trouble at the start is told within seconds, and never a white page:', () => {
  const says = (pattern: RegExp) => page.untilText('main', pattern);
  it.each([
    [
      'a store that is denied',
      `indexedDB.open = () => { throw new DOMException('denied', 'SecurityError'); };`,
      /does not open[\s\S]*site data/,
    ],
    ['a store that never answers', `indexedDB.open = () => new EventTarget();`, /does not open[\s\S]*does not answer/],
    [
      'a store that is not there',
      `Object.defineProperty(window, 'indexedDB', { value: undefined });`,
      /does not open[\s\S]*private window/,
    ],
  ])('%s', async (_, broken, pattern) => {
    const began = Date.now();
    await openWith(broken, '/', () => says(pattern));
    expect(Date.now() - began).toBeLessThan(15_000);
    await page.button('Try again');
  });

  it('a small store that is denied keeps nothing from working', async () => {
    const broken = `Object.defineProperty(window, 'localStorage', { get() { throw new DOMException('denied', 'SecurityError'); } });`;
    await openWith(broken, ADDRESS, async () => {
      await page.type('#detail-note', 'without the small store');
      await page.untilText('[data-testid=saving]', /saved/i);
    });
    await page.open(ADDRESS);
    expect(await note()).toBe('without the small store');
  });

  it('a computing part that cannot be loaded is told, and the outing can be read and edited all the same', async () => {
    const broken = `const Real = Worker; window.Worker = class extends Real { constructor(url, options) { super('/assets/gone.js', options); } };`;
    await openWith(broken, ADDRESS, async () => {
      await page.at('//*[@role="alert"][contains(., "could not be started")]');
      await page.type('#detail-note', 'without workers');
      await page.untilText('[data-testid=saving]', /saved/i);
    });
  });
});

it('an outing that cannot be read stands in the list with its reason, can be saved as a file, and all others open', async () => {
  await page.open('/');
  await page.at('//a[contains(., "Late winter on Skerra")]');
  await page.driver.executeAsyncScript(`
    const done = arguments[arguments.length - 1];
    const open = indexedDB.open('strut-spot');
    open.onsuccess = () => {
      const write = open.result.transaction('outings', 'readwrite');
      write.objectStore('outings').put({ id: 'bad', revision: 1, deletedAt: null, document: { format: 'strut-spot/outing', version: 5, name: 'Broken' } });
      write.oncomplete = () => { open.result.close(); done(); };
    };`);
  await page.driver.navigate().refresh();
  await page.at('//td[contains(., "cannot be opened")]');
  await page.press('Save as a file the outing that cannot be opened');
  expect(JSON.parse(String(await page.download('.json')))).toMatchObject({ name: 'Broken' });
  await page.open('/outing/bad');
  await page.untilText('main', /cannot be opened[\s\S]*is missing/);
  await page.open(ADDRESS);
  await page.find('#detail-note');
});
