/** Whether it holds and is out of the way: a stop, its reason, the mend, the pull test and the cautions on the card. */
import { By, Key } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

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
