/** Sheets of the checks: a stop with its reason, mend and pull test; light by hour and heading; a camera tried on the table. */
import { By, Key } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

const paddle = '/outing/skerra-late-winter/shot/kayak-ahead';
const buggy = '/outing/skerra-late-winter/shot/buggy-wheel';
const arm = '/outing/skerra-late-winter/shot/buggy-arm';
const holdVerdict = '(//*[@data-testid="hold-checks"]//section[@aria-label="Hold"]//h2/span)[2]';
const verdict = async () => (await page.at(holdVerdict)).getText();

it('a set-up that goes in a hard ride is stopped, says why, and holds after its mend', async () => {
  await page.go(`${arm}/hold`);
  await page.find('[data-testid=forces]');
  // A big landing droops the joint under the long arm.
  await page.fill('Highest drop', '2.5');
  await page.until('it is stopped', async () => /stop/.test(await verdict()));
  const reason = await page.at('//section[@aria-label="Hold"]//summary[contains(., "joint under")]');
  await page.click(reason);
  await page.at('//section[@aria-label="Hold"]//p[contains(., "droops at about")]');
  const before = await page.text('[data-testid=pull-test]');
  const mend = await page.at('//section[@aria-label="Hold"]//button[contains(@class, "underline")]');
  await page.click(mend);
  await page.until('it holds better', async () => !/stop/.test(await verdict()));
  expect(await page.text('[data-testid=pull-test]')).not.toBe(before);
});

it('the place decides which rules are gone through; what was gone through stays so', async () => {
  await page.go(`${arm}/hold`);
  await (await page.at('//select[@id=//label[.="Place"]/@for]/option[.="Race or event"]')).click();
  const item = '//*[@data-testid="walk-through"]//label[contains(., "inspection of the event")]//input';
  await page.until('it is ticked', async () => {
    const box = await page.at(item);
    if (!(await box.isSelected())) await box.click();
    return (await page.at(item)).isSelected();
  });
  await page.go(`${arm}/hold`);
  await page.until('it is still ticked', async () => (await page.at(item)).isSelected());
});

it('a pull is practised on the scale and recorded, and the card says what to pull and what to mind', async () => {
  await page.go(`${arm}/hold`);
  const wanted = /(\d+) N/.exec(await page.text('[data-testid=pull-test]'))![1]!;
  const scale = await page.find('[aria-label="Pull on the scale, newton"]');
  await scale.sendKeys(Key.END);
  await page.press('It held');
  await page.untilText('[data-testid=pull-record]', /Held \d+ N on/);
  await page.go(`${arm}/card`);
  const card = await (await page.find('article')).getText();
  expect(card).toContain(`${wanted} N`);
  expect(card).toMatch(/inspection of the event/);
  expect(card).toMatch(/The driver handles no camera/);
  expect((await page.driver.findElements(By.css('article'))).length).toBe(1);
});

it('mirrors and instruments are told from the rest of the sight; a tape that moves cannot be taken, and says why', async () => {
  await page.go(`${arm}/hold`);
  await page.untilText('[data-testid=watched]', /instruments\s*(in sight|\d+ % hidden)/);
  await page.go(arm);
  const tape = await page.at(
    '//select[@id=//label[.="Base"]/@for]/option[contains(., "Hook-and-loop tape") and contains(., "side to side")]',
  );
  expect(await tape.isEnabled()).toBe(false);
});

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

const fact = (name: string) => page.at(`//th[.="${name}"]/following-sibling::td`);

it('a camera tried on the table is counted as it drew, and that is kept over a reload', async () => {
  await page.go(`${buggy}/last`);
  const watts = await (await fact('Recording')).getText();
  await page.press('Record and watch its battery');
  const count = await page.at('//button[starts-with(., "Count with")]');
  await count.click();
  await page.at('//p[contains(., "times what its kind is reckoned to")]');
  await page.until('other watts are counted', async () => (await (await fact('Recording')).getText()) !== watts);
  const measured = await (await fact('Recording')).getText();
  await page.untilText('[data-testid=saving]', /^saved$/i);
  await page.driver.navigate().refresh();
  await page.until('they are kept', async () => {
    const shown = await page.driver.findElements(By.xpath('//th[.="Recording"]/following-sibling::td'));
    return shown.length > 0 && (await shown[0]!.getText()) === measured;
  });
});
