/** Finding spots in the real page: from the first page; ask, progress, stop, ask again, pick on the chart, compare, why-not, to the bench and back. */
import { By } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

const shot = '/outing/skerra-late-winter/shot/gravel-hands';
const phase = async () => (await page.find('[data-testid=search-progress]')).getAttribute('data-phase');
const done = () => page.until('the search is done', async () => (await phase()) === 'done', 90_000);
const cards = () => page.driver.findElements(By.css('[data-testid=contact-sheet] > li'));
const names = async () => Promise.all((await cards()).map(async (card) => (await card.getText()).split('\n')[0]!));

interface Progress {
  readonly told: number;
  readonly steps: number;
  readonly pictures: number;
}

/** Notes in the page when the search first tells of pictures looked at, how often it tells, and when the first card stands. */
const watchProgress = () =>
  page.driver.executeScript(`
    const begun = performance.now();
    const seen = (window.progress = { told: null, steps: 0, pictures: null });
    let last = '';
    const look = () => {
      const line = document.querySelector('[data-testid=search-progress]');
      const text = line?.textContent ?? '';
      if (line?.dataset.phase === 'searching' && /^[1-9]/.test(text) && text !== last) {
        last = text;
        seen.steps++;
        seen.told ??= Math.round(performance.now() - begun);
        if (document.querySelector('[data-testid=contact-sheet] > li')) seen.pictures ??= Math.round(performance.now() - begun);
      }
      if (line?.dataset.phase !== 'done') setTimeout(look, 15);
    };
    document.querySelector('[data-testid=search-progress]').dataset.phase === 'done' ? setTimeout(look, 15) : look();
  `);

it('opened, it searches by itself; stopped, it keeps what was found; asked again, it finishes', async () => {
  await page.open(`${shot}/find`);
  await page.until('something is found', async () => (await cards()).length > 0, 60_000);
  expect(await phase()).toBe('searching');
  await page.press('Stop');
  await page.untilText('[data-testid=search-progress]', /Stopped after [\d,]+ pictures on \d+ of \d+ spots/);
  expect((await cards()).length).toBeGreaterThan(0);
  await page.driver.executeScript(
    'window.longTasks = []; new PerformanceObserver((l) => l.getEntries().forEach((e) => window.longTasks.push(e.duration))).observe({ type: "longtask" })',
  );
  await watchProgress();
  await page.press('Find spots');
  await done();
  await page.untilText('[data-testid=search-progress]', /on (\d+) of \1 spots in [\d.]+ s; \d+ hold up/);
  const { told, steps, pictures } = await page.driver.executeScript<Progress>('return window.progress');
  // Told many times a spot, not only when one is done.
  expect(steps).toBeGreaterThan(12);
  console.info(
    `${await page.text('[data-testid=search-progress]')} first progress after ${told} ms, first pictures after ${pictures} ms; longest main-thread task: ${Math.round(Number(await page.driver.executeScript('return Math.max(0, ...window.longTasks)')))} ms`,
  );
  // The first eight are of different spots, as far as there are that many that hold up, each with its picture.
  const first = (await names()).slice(0, 8).map((name) => name.replace(/^\d+\. /, ''));
  expect(new Set(first).size).toBeGreaterThanOrEqual(4);
  await page.find('[data-testid=contact-sheet] canvas:not([data-drawn="0"])');
});

it('a weight ranks anew at once; a school narrows the sheet', async () => {
  const before = await names();
  const steady = await page.find('[aria-label="Weight of steady"]');
  await steady.sendKeys(...Array.from({ length: 8 }, () => '\uE014'));
  await page.until('the order changes', async () => (await names()).join() !== before.join());
  expect(await phase()).toBe('done');
  await page.press('Undo');
  const school = await page.at('//button[starts-with(normalize-space(.), "On the head")]');
  await school.click();
  await page.until('heads alone', async () =>
    (await names()).every((name) => /helmet|head|mouth|chin|visor/i.test(name)),
  );
  await school.click();
});

it('the sun is kept out of the picture as it stands at that hour; taken back, the old answer is there again', async () => {
  const sunCounts = async () => /(^|\n)Sun\b/.test(await page.text('[data-testid=detail]'));
  expect(await sunCounts()).toBe(false);
  await page.click(await page.at('//section[@aria-labelledby="kept-out"]//select/option[.="Sun out of the picture"]'));
  await page.untilText('[data-testid=search-progress]', /The question has changed: search again/);
  await page.press('Find spots');
  await page.until('it searches', async () => (await phase()) === 'searching');
  await done();
  await page.until('the sun counts', sunCounts);
  await page.press('Undo');
  await page.until('what was found before', async () => !(await sunCounts()));
});

/** What is drawn in dark ink where a chart has its points, twelve pixels apart and more. */
const DARK_MARKS = `
  const canvas = arguments[0], box = canvas.getBoundingClientRect(), found = [];
  const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
  for (let y = 0.1; y < 0.7; y += 1 / box.height)
    for (let x = 0.2; x < 0.95; x += 1 / box.width) {
      const at = 4 * (Math.round(y * canvas.height) * canvas.width + Math.round(x * canvas.width));
      const dark = data[at + 3] > 200 && data[at] + data[at + 1] + data[at + 2] < 200;
      const place = [Math.round((x - 0.5) * box.width), Math.round((y - 0.5) * box.height)];
      if (dark && found.every(([u, v]) => Math.hypot(u - place[0], v - place[1]) > 12)) found.push(place);
    }
  return found;`;

it('a point of the chart is picked; three are compared in all stances', async () => {
  const chosen = async () => (await page.find('[data-testid=detail]')).getAttribute('data-candidate');
  const was = await chosen();
  await page.clickInDrawing(
    'canvas[role=img][aria-label*="steady against fast"]',
    DARK_MARKS,
    'another one is picked',
    async () => (await chosen()) !== was,
  );
  for (const n of [1, 2, 3]) await page.click(await page.at(`//input[@aria-label="Compare ${n}"]`));
  await page.press('Compare 3');
  const panel = await page.find('[data-testid=compare]');
  expect(await panel.findElements(By.css('article'))).toHaveLength(3);
  expect(await panel.findElements(By.css('figure'))).toHaveLength(15);
  expect(await panel.getText()).toMatch(/The best of these/);
  expect(await panel.getText()).toMatch(/less \w+/);
  await page.untilText('[data-testid=compare]', /Steadier than .* in \d+ of 100 cases/);
  await page.press('Back to the sheet');
});

it('why not there: a reason or what it gives away; then the best goes to the bench, and undo brings the old one back', async () => {
  for (const spot of ['Boot, right, outside', 'Handlebar, on the tops', 'Helmet, top']) {
    await page.click(await page.at(`//*[@data-testid="why-not"]//button[.="${spot}"]`));
    await page.untilText('[data-testid=why-not]', /Nothing passes there|points behind with its best|It is the best/);
  }
  await page.click(await page.at('(//*[@data-testid="contact-sheet"]//button)[1]'));
  const spotName = /^(.*): /.exec(await page.text('[data-testid=detail] h2'))![1]!;
  await page.press('Take it to the bench');
  await page.find('[data-testid=lens-picture][data-fine=yes]');
  await page.until('its spot is chosen', async () => {
    const chosen = await page.driver.findElements(By.xpath(`//label[contains(., "${spotName}")]/input[@name="spot"]`));
    return chosen.length > 0 && (await chosen[0]!.isSelected());
  });
  await page.press('Undo');
  // Back on the sheet nothing has to be searched again.
  await page.click(await page.at('//nav[@aria-label="Sheets of this shot"]/a[.="Find"]'));
  expect(await phase()).toBe('done');
});

it('the way in: what it is filmed from, what it should show, which camera; a place that is pressed stands on the bench of a new outing', async () => {
  await page.go('/');
  const choose = async (label: string, name: string) => {
    await page.click(await page.at(`//button[contains(., "${label}")]`));
    await page.click(await page.at(`//*[@role="dialog"]//button[.//span[.="${name}"]]`));
    await page.at(`//button[contains(., "${label}")][contains(., "${name}")]`);
  };
  await choose('Filmed from', 'Sea kayak');
  await choose('The film should show', 'Look back at the face');
  await choose('With this camera', 'Thumb camera');
  await page.press('Find the places');
  const progress = () => page.find('[data-testid=start-progress]');
  await page.until(
    'places are found',
    async () => (await (await progress()).getAttribute('data-phase')) === 'done',
    90_000,
  );
  const places = await page.driver.findElements(By.css('[data-testid=start-places] button'));
  expect(places.length).toBeGreaterThan(1);
  await page.find('[data-testid=start-places] canvas:not([data-drawn="0"])');
  const [spotName] = (await places[0]!.getText()).split('\n');
  await page.click(places[0]!);
  await page.find('[data-testid=lens-picture][data-fine=yes]');
  const chosen = await page.at(`//label[contains(., "${spotName}")]/input[@name="spot"]`);
  expect(await chosen.isSelected()).toBe(true);
  expect(await page.driver.getCurrentUrl()).toMatch(/\/outing\/[^/]+\/shot\/[^/]+$/);
  await page.untilText('[data-testid=saving]', /^saved$/i);
});
