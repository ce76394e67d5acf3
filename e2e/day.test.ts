/** The day: what the story lacks, an order of one's own, what is packed; and what goes along as calendar and booklet. */
import { Key } from 'selenium-webdriver';
import { writeFileSync } from 'node:fs';
import { PDFDocument } from 'pdf-lib';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

/** Eleven pictures are drawn for it. */
const BOOKLET_MS = 90_000;
const day = '/outing/skerra-late-winter/day';

it('a lap is moved by the keyboard: the order is one’s own, told with its cost, and can be given up; ticks are kept over a reload', async () => {
  await page.go(day);
  await page.find('[data-testid=packed]');
  const lap = await page.at('//button[@aria-label="Move Past the harbour wall"]');
  // Said to who cannot see it as well: each step has arrived when it is.
  const said = (words: string) => page.at(`//*[@aria-live="assertive"][contains(., "${words}")]`);
  await lap.sendKeys(Key.SPACE);
  await said('Past the harbour wall is over');
  await lap.sendKeys(Key.ARROW_UP);
  await said('is over Down the quay road, low');
  await lap.sendKeys(Key.SPACE);
  // Planned anew as well, so that nothing moves any more below the button.
  await page.at('//span[starts-with(., "Your own order,")][contains(., "longer than the best")]');
  await page.press('Take the best');
  await page.until(
    'the best order stands',
    async () => (await page.driver.findElements({ xpath: '//span[starts-with(., "Your own order")]' })).length === 0,
  );
  await (await page.at('//label[contains(., "Hand scale")]/input')).click();
  await page.untilText('[data-testid=packed]', /^1 of \d+/);
  await page.untilText('[data-testid=saving]', /^saved$/i);
  await page.driver.navigate().refresh();
  await page.untilText('[data-testid=packed]', /^1 of \d+/);
});

it('a shot is put on the track by keyboard, and the track goes out with its places', async () => {
  await page.go(day);
  await page.press('Put on the track: Paddle and bow');
  const begins = await page.at('//*[@role="slider"][@aria-label="Paddle and bow begins"]');
  const was = Number(await begins.getAttribute('aria-valuenow'));
  await begins.sendKeys(Key.ARROW_LEFT, Key.ARROW_LEFT);
  await page.until(
    'it begins earlier',
    async () =>
      Number(
        await (await page.at('//*[@role="slider"][@aria-label="Paddle and bow begins"]')).getAttribute('aria-valuenow'),
      ) ===
      was - 20,
  );
  await page.at('//li[contains(., "Paddle and bow")]//p[contains(., "km/h")]');
  await page.press('GPX with the shots');
  const gpx = (await page.download('.gpx')).toString('utf8');
  expect(gpx).toMatch(/<wpt [^>]*>(<ele>[\d.]+<\/ele>)?<name>Paddle and bow<\/name>/);
  expect(gpx.match(/<trkpt /g)!.length).toBeGreaterThan(50);
  // The same file is read again as the track of the outing, a damaged one is not.
  const field = await page.driver.findElement({ css: 'input[accept^=".gpx"]' });
  const broken = page.scratch('broken.gpx');
  writeFileSync(broken, gpx.slice(0, 400));
  await field.sendKeys(broken);
  await page.at('//*[@role="alert"][contains(., "no whole XML")]');
  const whole = page.scratch('ridge.gpx');
  writeFileSync(whole, gpx);
  await field.sendKeys(whole);
  await page.at('//section[contains(., "ridge")]//*[contains(., "thinned to")]');
});

it('the calendar and the booklet are handed out, with a page for each card', async () => {
  await page.go(day);
  await page.find('[data-testid=packed]');
  await page.press('Calendar');
  const ics = (await page.download('.ics')).toString('utf8');
  expect(ics).toMatch(/^BEGIN:VCALENDAR/);
  expect(ics).toMatch(/SUMMARY:Film: Paddle and bow/);
  await page.press('Booklet as PDF');
  const booklet = await PDFDocument.load(await page.download('.pdf', BOOKLET_MS));
  expect(booklet.getTitle()).toBe('Late winter on Skerra');
  expect(booklet.getPageCount()).toBeGreaterThanOrEqual(13);
});
