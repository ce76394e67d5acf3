/** How steady a shot is: cause, mends, both schools, the moving preview and a measured log, in the real page. */
import { writeFileSync } from 'node:fs';
import { By } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

const shaky = '/outing/skerra-late-winter/shot/buggy-arm';
const jumpPx = async () => Number(/([\d.]+) px/.exec(await page.text('[data-testid=figure-jump]'))![1]);
const choose = async (label: string, option: string) =>
  (await page.at(`//select[@id=//label[.="${label}"]/@for]/option[contains(., "${option}")]`)).click();

it('a shaky set-up: its cause is read, the best mend looked at and taken, and it gets better', async () => {
  await page.go(`${shaky}/steady`);
  await page.untilText('[data-testid=steady-verdict]', /stop/);
  await page.untilText('[data-testid=cause]', /Worst: jump.*% of it from rooty trail.*stand-off hook swings/s);
  const before = await jumpPx();
  await page.untilText('[data-testid=mends]', /straight on its base, nothing between: (jump|jelly|trembling)/);
  await page.click(await page.at('(//button[starts-with(@aria-label, "See it")])[1]'));
  await page.until('both pictures move', async () => {
    const moving = await page.driver.findElements(By.css('[data-testid=shake-preview][data-moving=yes]'));
    return moving.length === 2;
  });
  await page.click(await page.at('(//*[@data-testid="mends"]//button[contains(., "straight on its base")])[1]'));
  await page.until('it is steadier', async () => (await jumpPx()) < before / 2);
  await page.untilText('[data-testid=steady-verdict]', /watch|good/);
  // The bench has the same verdict, and the strut has lost its links.
  const sheet = (name: string) => page.at(`//nav[@aria-label="Sheets of this shot"]/a[.="${name}"]`);
  await page.click(await sheet('Bench'));
  await page.untilText('[data-testid=checks]', /Steady\s+(watch|good)/);
  await page.click(await sheet('Steady'));
  await page.press('Undo');
  await page.untilText('[data-testid=steady-verdict]', /stop/);
});

it('the preview moves, holds still when told, and is a still where less motion is asked for', async () => {
  await page.go(`${shaky}/steady`);
  const picture = () =>
    page.driver.executeScript<string>('return document.querySelector("[data-testid=shake-preview]").toDataURL()');
  await page.find('[data-testid=shake-preview][data-moving=yes]');
  const first = await picture();
  await page.until('the picture changes', async () => (await picture()) !== first);
  await page.press('Hold still');
  await page.find('[data-testid=shake-preview][data-moving=no]');
  const held = await picture();
  await new Promise((done) => setTimeout(done, 250));
  expect(await picture()).toBe(held);
  await page.lessMotion(true);
  await page.go(`${shaky}/steady`);
  await page.at('//*[contains(., "you asked for less motion")]');
  await page.find('[data-testid=shake-preview][data-moving=no]');
  await page.lessMotion(false);
});

it('ground, shutter and speed change the verdict at once, and are kept with the carrier', async () => {
  await page.go('/outing/skerra-late-winter/shot/buggy-wheel/steady');
  await page.find('[data-testid=figure-jump]');
  const rough = await jumpPx();
  await choose('Ground', 'Smooth asphalt');
  await page.until('smooth asphalt is steadier', async () => (await jumpPx()) < rough / 2);
  await choose('ND filter', 'ND64');
  await page.untilText('main', /Exposed 1\/33 s|Exposed 1\/60 s/);
  await page.driver.navigate().refresh();
  await page.untilText('main', /Exposed 1\/(33|60) s/);
  await page.go('/outing/skerra-late-winter/carrier/buggy');
  await page.until(
    'the carrier is ridden on it',
    async () => (await page.driver.findElements(By.css('option:checked[value="smooth-asphalt"]'))).length === 1,
  );
  await choose('Ground', 'Rooty trail');
});

it('charts, trying another length, and both schools', async () => {
  await page.go(`${shaky}/steady`);
  await page.press('Shaking');
  await page.find('canvas[role=img][aria-label^="Acceleration of source"]');
  await page.press('Speed');
  await page.find('canvas[role=img][aria-label^="Jump, jelly and blur over speed"]');
  await page.press('Strut');
  await page.find('canvas[role=img][aria-label^="Transmissibility"]');
  const slider = await page.find('[aria-label="Length of the strut, as tried"]');
  for (let i = 0; i < 8; i++) await slider.sendKeys('\uE012');
  await page.press('Set this length');
  await page.until('the arm is shorter', async () => /\b1[67]\d mm/.test(await page.text('#chart')));
  await page.untilText('main', /Locked solid.*Damped.*Half measure/s);
  await page.untilText(
    'main',
    /Here (both come out about equal|locked solid wins|the damper wins|neither saves the picture)/,
  );
  await page.press('Undo');
});

it('a log from the spot is read, its hidden resonance found, and kept with the carrier; a broken one says why', async () => {
  await page.go('/outing/skerra-late-winter/shot/buggy-wheel/steady');
  await page.press('Save a sample log as CSV');
  const sample = await page.download('sample-log.csv');
  expect(sample.toString().split('\n')[0]).toMatch(/^time \(s\),acc x/);
  const path = page.scratch('sample.csv');
  writeFileSync(path, sample);
  await (await page.find('input[type=file]')).sendKeys(path);
  await page.untilText('[data-testid=log-found]', /sample\.csv: 66 s at 250 Hz/);
  await page.untilText('[data-testid=log-found]', /(1[7-9]|2\d) Hz: nothing known: a resonance/);
  await page.untilText('[data-testid=log-found]', /shakes [\d.]+ × more than assumed/);
  await page.driver.navigate().refresh();
  await page.at('//label[contains(., "follow sample.csv")]//input[@type="checkbox"]');
  const broken = page.scratch('broken.csv');
  writeFileSync(broken, 'speed,height\n1,2\n2,3\n');
  await (await page.find('input[type=file]')).sendKeys(broken);
  await page.at('//*[@role="alert" and contains(., "No columns for time and for acceleration")]');
  await page.find('form[aria-label="Columns of the log"]');
  await page.press('Take sample.csv away');
});
