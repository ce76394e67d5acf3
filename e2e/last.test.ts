/** Whether a shot lasts: how it is run, what the weather does to the lens, batteries over the day, a camera tried on the table. */
import { By } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

const buggy = '/outing/skerra-late-winter/shot/buggy-wheel';
const choose = async (label: string, option: string) =>
  (await page.at(`//select[@id=//label[.="${label}"]/@for]/option[.="${option}"]`)).click();
const fact = (name: string) => page.at(`//th[.="${name}"]/following-sibling::td`);

it('mud comes to the lens within minutes, dry it stays clean; a whole day takes batteries; the card says the same; undo brings it back', async () => {
  await page.go(`${buggy}/last`);
  await page.at('//section[@aria-label="Last"]//summary[contains(., "a clean lens")]');
  expect(await (await fact('Look at the lens')).getText()).toMatch(/^every \d+ min$/);
  await page.at('//canvas[contains(@aria-label, "batteries")]');
  await choose('It is', 'Dry');
  await page.at('//th[.="Look at the lens"]/following-sibling::td[.="seldom"]');
  await page.fill('Out for', '6');
  await page.at('//section[@aria-label="Last"]//summary[contains(., "batteries needed")]');
  await page.go(`${buggy}/card`);
  await page.untilText('article', /Power\s+[6-9] batteries, about \d+ min of recording each/);
  await page.go(`${buggy}/last`);
  await page.press('Undo');
  await page.press('Undo');
  await page.at('//th[.="Look at the lens"]/following-sibling::td[starts-with(., "every")]');
});

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
