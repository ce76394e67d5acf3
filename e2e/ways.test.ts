/** Ways through the page besides the main journey. */
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

let page: Page;
withDemo((opened) => (page = opened), { complaints: true });

const shot = '/outing/skerra-late-winter/shot/gravel-hands';
const checkedSpot = () =>
  page.driver.executeScript<string>('return document.querySelector("input[name=spot]:checked")?.value ?? ""');

/** Where the pointer's shape says that a pin can be pressed. */
const PINS = `
  const canvas = arguments[0], box = canvas.getBoundingClientRect(), found = [];
  for (let y = -0.3; y < 0.3; y += 0.03)
    for (let x = -0.4; x < 0.4; x += 0.02) {
      const at = { clientX: box.x + (0.5 + x) * box.width, clientY: box.y + (0.5 + y) * box.height, bubbles: true };
      canvas.dispatchEvent(new PointerEvent('pointermove', at));
      if (canvas.style.cursor === 'pointer') found.push([Math.round(x * box.width), Math.round(y * box.height)]);
    }
  return found;`;

it('a pin in the view in the round takes the camera to its spot', async () => {
  await page.go(shot);
  await page.find('canvas[data-ready=yes]');
  await page.until('a spot is chosen', async () => (await checkedSpot()) === 'chest');
  await page.clickInDrawing(
    'section canvas[data-ready=yes]',
    PINS,
    'a pin is met',
    async () => !['', 'chest'].includes(await checkedSpot()),
  );
  await page.until('another spot is chosen', async () => !['', 'chest'].includes(await checkedSpot()));
  await page.press('Undo');
  await page.until('undo brings it back', async () => (await checkedSpot()) === 'chest');
});

it('a link, a mode and another way of mounting change the picture and the reading stays', async () => {
  await page.go(shot);
  const reading = await page.text('[data-testid=level-reading]');
  await page.find('[data-testid=swing]');
  await page.press('Add a link between base and camera');
  await page.fill('Bend', '40');
  await page.untilText('section[aria-label=Strut]', /Link 1/);
  await page.driver.findElement(By.xpath('//select[@id=//label[.="Mode"]/@for]/option[.="Straight 16:9"]')).click();
  await page.driver
    .findElement(By.xpath('//select[@id=//label[.="Mounted"]/@for]/option[contains(., "left side")]'))
    .click();
  await page.until('the angle of view is upright', async () => {
    const text = await page.text('[aria-label="Picture through the lens"]');
    const [, across, down] = /(\d+)° × (\d+)°/.exec(text) ?? [];
    return Number(down) > Number(across);
  });
  expect(await page.text('[data-testid=level-reading]')).toBe(reading);
  for (let i = 0; i < 4; i++) await page.press('Undo');
});

it('a mend named by the check is one press away', async () => {
  await page.go('/outing/skerra-late-winter/shot/first-try');
  await page.untilText('[data-testid=checks]', /stop/);
  await page.click(await page.at('//div[@data-testid="checks"]//button[starts-with(normalize-space(.), "tilt up")]'));
  await page.untilText('[data-testid=checks]', /watch/);
  await page.press('Undo');
  await page.untilText('[data-testid=level-reading]', /^level$/);
});

it('shots are moved by dragging, and the new order holds', async () => {
  await page.go('/outing/skerra-late-winter');
  // The rows keep their height once their pictures are there.
  await page.until('every row has its picture', async () =>
    page.driver.executeScript<boolean>(
      'return [...document.querySelectorAll("main ol li")].every((row) => row.querySelector("canvas"))',
    ),
  );
  const middle = async (name: string) => {
    const { x, y, width, height } = await (await page.button(name)).getRect();
    return { x: Math.round(x + width / 2), y: Math.round(y + height / 2) };
  };
  const grip = await middle('Move Down the quay road, low');
  const second = await middle('Move Past the harbour wall');
  await page.driver
    .actions()
    .move(grip)
    .press()
    .move({ x: grip.x, y: grip.y + 12, duration: 200 })
    .move({ x: grip.x, y: second.y + 4, duration: 400 })
    .move({ x: grip.x, y: second.y + 12, duration: 200 })
    .perform();
  await page.until('it lies over the second', async () =>
    page.driver.executeScript<boolean>(
      'return /is over Past the harbour wall/.test(document.querySelector("[id^=DndLiveRegion]")?.textContent ?? "")',
    ),
  );
  await page.driver.actions().release().perform();
  await page.at('//a[normalize-space(.)="2. Down the quay road, low"]');
  await page.driver.navigate().refresh();
  await page.at('//a[normalize-space(.)="2. Down the quay road, low"]');
  await page.click(await page.at('//a[normalize-space(.)="2. Down the quay road, low"]'));
  await page.find('[data-testid=lens-picture]');
  await page.driver.navigate().back();
  await page.at('//h1[.="Shots"]');
});

it('a helmet is changed, its spots come with it, and undo brings the old one back', async () => {
  await page.go('/outing/skerra-late-winter/carrier/kayak');
  const choose = async (name: string) =>
    (await page.at(`//select[@id=//label[.="Helmet"]/@for]/option[.="${name}"]`)).click();
  const helmet = () =>
    page.driver.executeScript<string>(
      'return [...document.querySelectorAll("select")].map((s) => s.value).find((v) => /helmet|strap/.test(v))',
    );
  await choose('Full-face helmet with visor');
  await page.until('the helmet is changed', async () => (await helmet()) === 'full-face-helmet');
  await page.at('//ol//button[contains(., "Chin bar")]');
  await page.press('Undo');
  await page.until('undo brings it back', async () => (await helmet()) === 'half-shell-helmet');
});

it('what is typed wrong stays in its field with the reason and changes nothing', async () => {
  await page.go('/outing/skerra-late-winter/carrier/gravel');
  await page.fill("Rider's height", '300');
  await page.at('//*[@role="alert" and contains(., "from 130 to 210 cm")]');
  await page.go('/outing/skerra-late-winter');
  const name = await page.find('#detail-name');
  await name.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE);
  await page.at('//*[@role="alert" and contains(., "needs a name")]');
  await page.driver.navigate().refresh();
  await page.until(
    'the name is still there',
    async () => (await (await page.find('#detail-name')).getAttribute('value')) === 'Late winter on Skerra',
  );
});

it('the stand-in camera films the set-up, and its picture asks for the marks', async () => {
  await page.go(`${shot}/clip`);
  await page.press('Practise with the stand-in camera');
  await page.find('[data-testid=mark-left]');
  expect(await page.text('[aria-label=Correction]')).toMatch(/Drag both handles/);
  await (await page.find('[data-testid=mark-left]')).sendKeys(Key.chord(Key.SHIFT, Key.ARROW_UP));
  await page.untilText('[data-testid=clip-tilt]', /°/);
});

it('takes the next free port when the one wanted is taken, and says its address last', async () => {
  const taken = createServer();
  await new Promise<void>((ready) => taken.listen(4911, '127.0.0.1', () => ready()));
  const server = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: join(__dirname, '..'),
    env: { ...process.env, PORT: '4911' },
  });
  const said = await new Promise<string>((resolve) => server.stdout.once('data', (data) => resolve(String(data))));
  server.kill();
  await new Promise((done) => taken.close(done));
  expect(said.trim()).toBe('http://127.0.0.1:4912/');
});
