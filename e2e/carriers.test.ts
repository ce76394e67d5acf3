/** Carriers and kit: fit, add one's own, use it on the bench, find it again after a reload. */
import { writeFileSync } from 'node:fs';
import { By, Key } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened));

const option = (label: string, name: string) =>
  page.at(`//select[@id=//label[.="${label}"]/@for]/option[starts-with(normalize-space(.), "${name}")]`);
const choose = async (label: string, name: string) => (await option(label, name)).click();
const type = async (label: string, text: string) => {
  const field = await page.at(`//input[@id=//label[normalize-space(.)="${label}"]/@for]`);
  await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text);
};

it('a carrier is fitted, a camera and a spot of one’s own are used on the bench, and all is there after a reload', async () => {
  // Own camera, from what its manual prints.
  await page.go('/kit');
  await type('Camera name', 'Old faithful');
  await type('Angle of view, °', '100');
  await type('Camera mass, g', '210');
  await page.press('Add the camera');
  await page.at('//ul//h2[.="Old faithful"]');

  // The kayak is fitted, and gets a spot on its deck.
  await page.go('/outing/skerra-late-winter/carrier/kayak');
  await page.fill('Hull length', '4.8');
  // The sheet is laid out anew while the hull is built: a press may come where the button was.
  await page.until('the form for a spot opens', async () => {
    if ((await page.driver.findElements(By.xpath('//label[.="Part"]'))).length > 0) return true;
    await page.press('Put a spot of your own');
    return false;
  });
  await choose('Part', 'hull and deck');
  await type('Name', 'Day hatch rim');
  await choose('Material', 'gelcoat');
  await choose('Shape', 'curved');
  await page.press('Put it there');
  await page.at('//ol//button[contains(., "Day hatch rim")]');

  // On the bench: that spot, that camera.
  await page.go('/outing/skerra-late-winter/shot/skerries');
  await page.find('[data-testid=lens-picture][data-fine=yes]');
  await page.click(await page.at('//label[contains(., "Day hatch rim")]'));
  await page.until('the own spot is chosen', async () =>
    (
      await page.driver.executeScript<string>('return document.querySelector("input[name=spot]:checked")?.value ?? ""')
    ).startsWith('own-'),
  );
  await choose('Camera', 'Old faithful');
  await page.untilText('[aria-label="Picture through the lens"]', /100° × \d+°/);

  await page.driver.navigate().refresh();
  await page.untilText('[aria-label="Picture through the lens"]', /100° × \d+°/);
  await page.at('//label[contains(., "Day hatch rim")]');
  await page.go('/outing/skerra-late-winter/carrier/kayak');
  await page.until(
    'the fit is kept',
    async () => (await (await page.at('//input[@id=//label[.="Hull length"]/@for]')).getAttribute('value')) === '4.80',
  );
  // The camera stands on the spot: it is not taken away under it.
  await page.press('Take the spot Day hatch rim away');
  await page.at('//*[contains(., "A camera sits there") and contains(., "Ina between the skerries")]');
});

it('a spot is put by clicking on the carrier itself', async () => {
  await page.go('/outing/skerra-late-winter/carrier/buggy');
  const canvas = await page.find('section canvas[data-ready=yes]');
  await page.press('Put a spot of your own');
  await page.until(
    'the view takes clicks for places',
    async () => (await canvas.getCssValue('cursor')) === 'crosshair',
  );
  const { width, height } = await canvas.getRect();
  search: for (const y of [0.02, 0.12, -0.1]) {
    for (const x of [-0.04, -0.12, 0.06, 0.14]) {
      await page.driver
        .actions()
        .move({ origin: canvas, x: Math.round(x * width), y: Math.round(y * height) })
        .click()
        .perform();
      if (/where you clicked/.test(await page.text('form'))) break search;
    }
  }
  await page.untilText('form', /On .+, where you clicked\./);
  await type('Name', 'By hand');
  await page.press('Put it there');
  await page.at('//ol//button[contains(., "By hand")]');
  await page.press('Undo');
});

it('a base that does not fit says why, and what is taken out of the box is marked', async () => {
  await page.go('/kit');
  const box = await page.at('//li[.//h2="Chest harness"]//input');
  await box.click();
  await page.until('it is out of the box', async () => !(await box.isSelected()));
  await page.go('/outing/skerra-late-winter/shot/gravel-hands');
  await option('Base', 'Chest harness (not in the box)');
  await choose('Base', 'Chest harness');
  await page.until('the cup says why it does not go there', async () => {
    const refused = await option('Base', 'Suction cup, single');
    return /made for a flat face or a curved shell, this is a chest/.test(await refused.getText());
  });
});

it('a carrier is added to the trip, filmed from, and not taken out while it is in use', async () => {
  await page.go('/outing/skerra-late-winter');
  await (await page.at('//select/option[.="Snowboard"]')).click();
  await page.press('Add');
  await page.at('//section[.//h2="Carriers"]//a[contains(., "Snowboard")]');
  await choose('Filmed from', 'Snowboard');
  await page.press('Clear ahead');
  await page.at('//ol//p[contains(., "Snowboard")]');
  await page.press('Take Snowboard out of the outing');
  await page.at('//*[contains(., "Snowboard is in use by")]');
});

it('a rig is written as GLB and read back as a shape; a foreign file is refused with its reason', async () => {
  await page.go('/outing/skerra-late-winter/carrier/longboard');
  await page.find('canvas[data-ready=yes]');
  await page.press('Save this stance as GLB');
  const glb = await page.download('.glb');
  expect(glb.subarray(0, 4).toString()).toBe('glTF');

  await page.open('/carriers');
  const input = () => page.find('input[aria-label="GLB file"]');
  writeFileSync(page.scratch('notes.glb'), 'nothing of the kind, only words');
  await (await input()).sendKeys(page.scratch('notes.glb'));
  await page.untilText('[role=alert]', /not a GLB file/);
  writeFileSync(page.scratch('board.glb'), glb);
  await (await input()).sendKeys(page.scratch('board.glb'));
  await choose('Ahead is', '+x');
  await page.at('//p[contains(., "parts, 1.") and contains(., "m long")]');
  await page.press('Keep this shape');
  await page.at('//h1[.="board"]');
  await page.find('canvas[data-ready=yes]');
  await page.driver.navigate().refresh();
  await page.at('//h1[.="board"]');
});

it('carriers are found by word and kind, and turned through their stances', async () => {
  await page.go('/carriers');
  await type('Search carriers', 'glider');
  await page.until(
    'one is left',
    async () => (await page.driver.executeScript('return document.querySelectorAll("main ul > li").length')) === 2,
  );
  await page.click(await page.at('//a[contains(., "Glider")]'));
  await page.find('canvas[data-ready=yes]');
  await page.press('Canopy open 2 %');
  await page.at('//p[contains(., "canopy swung to the right")]');
  await page.click(await page.at('//ol//button[contains(., "Wing, left")]'));
  await page.at('//li[contains(., "suction fails as the pressure changes")]');
});
