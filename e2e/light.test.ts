/** Light of a shot: the day's sun, another hour and another way, and what comes of it on bench and card. */
import { Key } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

const paddle = '/outing/skerra-late-winter/shot/kayak-ahead';
const shadow = () => page.at('//section[@aria-label="Light"]//summary[contains(., "own shadow in the picture")]');

it('the sun looks in or throws a shadow by hour and heading; undo brings both back, and the card says the same', async () => {
  await page.go(`${paddle}/light`);
  await page.find('svg polyline');
  expect(await (await shadow()).getText()).toMatch(/\d+(\.\d)? %/);
  const title = await page.at('//*[name()="svg"]/*[name()="title"][contains(., "The sun rises at")]');
  expect(await title.getAttribute('textContent')).toMatch(/Own shadow: /);

  // The hour by the keys of the slider, ten minutes each.
  const slider = await page.find('input[type=range]');
  await slider.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
  await page.untilText('[data-testid=light-hour]', /^11:50$/);

  // Ridden the other way the sun is before the lens, and no shadow is.
  const heading = '//input[@id=//label[starts-with(., "Heading")]/@for]';
  await (await page.at(heading)).sendKeys(Key.chord(Key.CONTROL, 'a'), '165', Key.ENTER);
  await page.at('//section[@aria-label="Light"]//summary[contains(., "sun in the picture")][contains(., "100 %")]');
  await page.go(`${paddle}/card`);
  await page.untilText('article', /When\s+11:50, heading 165°/);
  await page.go(`${paddle}/light`);
  await page.press('Undo');
  await page.until('the heading is back', async () => (await (await page.at(heading)).getAttribute('value')) === '300');
  await page.press('Undo');
  await page.untilText('[data-testid=light-hour]', /^11:20$/);
  await page.until('the shadow is back', async () => /[5-9]\.\d %|1\d %/.test(await (await shadow()).getText()));
});

it('without a place only the amount of light is told; the place is kept over a reload', async () => {
  await page.open('/');
  await page.press('New outing');
  await page.at('//h1[.="Shots"]');
  await page.press('Clear ahead');
  const bench = await page.at('//ol//a[contains(@href, "/shot/")]');
  const href = new URL((await bench.getAttribute('href'))!).pathname.replace(/\/(find|card|log)$/, '');
  await page.go(`${href}/light`);
  await page.at('//section[@aria-label="Light"]');
  await page.press('Set the place');
  await page.fill('Latitude, north +', '-33.5');
  await page.at('//th[.="Rises, sets"]/following-sibling::td[contains(., ":")]');
  await page.untilText('[data-testid=saving]', /^saved$/i);
  await page.driver.navigate().refresh();
  await page.until(
    'the place is kept',
    async () =>
      (await (await page.at('//input[@id=//label[.="Latitude, north +"]/@for]')).getAttribute('value')) === '-33.50',
  );
});
