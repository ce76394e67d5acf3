/** npm run screenshots [-- FOLDER]: one picture of each main view from the demo outing, by Debian's chromium. */
import { Buffer } from 'node:buffer';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { Builder, By, until } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { build, ROOT, startServer } from './setUp.mjs';

const folder = resolve(process.argv[2] ?? join(ROOT, 'docs/screenshots'));
const only = process.argv[3]?.split(',');
mkdirSync(folder, { recursive: true });
const FLAGS =
  '--headless=new --no-sandbox --disable-dev-shm-usage --hide-scrollbars --use-angle=swiftshader --enable-unsafe-swiftshader --disable-background-networking --disable-component-update --disable-sync --no-first-run'.split(
    ' ',
  );
// What is photographed is what stands in the sources now.
build();
const { child, address } = await startServer({ PORT: '4790' });
const options = new chrome.Options().addArguments(...FLAGS, '--window-size=1280,943');
options.setBinaryPath('/usr/bin/chromium');
const driver = await new Builder()
  .forBrowser('chrome')
  .setChromeOptions(options)
  .setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver'))
  .build();

const size = (width, height, mobile = false) =>
  driver.sendAndGetDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile,
  });
const settle = (ms) => driver.sleep(ms);
const base = `${address}outing/skerra-late-winter`;
const fine = async () => {
  await driver.wait(until.elementLocated(By.css('[data-testid=lens-picture][data-fine=yes]')), 30000);
  await driver.wait(until.elementLocated(By.css('canvas[data-ready=yes]')), 30000);
  await settle(2500);
};

const found = async (shot) => {
  await size(1280, 800);
  await driver.get(`${base}/shot/${shot}/find`);
  await driver.wait(until.elementLocated(By.css('[data-testid=search-progress][data-phase=done]')), 120000);
  await settle(5000);
};

const views = {
  outings: async () => {
    await driver.get(address);
    await driver.wait(until.elementLocated(By.xpath('//button[contains(., "Find the places")]')), 30000).click();
    await driver.wait(until.elementLocated(By.css('[data-testid=start-progress][data-phase=done]')), 120000);
    await settle(3000);
  },
  shots: async () => {
    await driver.get(base);
    // Every row in sight has its picture: how long that takes hangs on the machine.
    await driver.wait(
      () =>
        driver.executeScript(`
          const canvases = [...document.querySelectorAll('ol canvas')];
          const seen = canvases.filter((canvas) => canvas.getBoundingClientRect().top < innerHeight);
          return seen.length > 0 && seen.every((canvas) => canvas.dataset.drawn !== '0');`),
      120000,
    );
    await settle(3000);
  },
  day: async () => {
    await driver.get(`${base}/day`);
    await driver.wait(until.elementLocated(By.css('[data-testid=packed]')), 60000);
    await settle(1500);
  },
  bench: async () => {
    await driver.get(`${base}/shot/gravel-hands`);
    await fine();
  },
  carriers: async () => {
    await driver.get(`${address}carriers`);
    await settle(9000);
  },
  carrier: async () => {
    await driver.get(`${base}/carrier/kayak`);
    await driver.wait(until.elementLocated(By.css('canvas[data-ready=yes]')), 30000);
    await settle(2500);
  },
  kit: async () => {
    await driver.get(`${address}kit`);
    await settle(6000);
  },
  'bench-first-try': async () => {
    await driver.get(`${base}/shot/first-try`);
    await fine();
    await settle(3500);
  },
  steady: async () => {
    await driver.get(`${base}/shot/buggy-arm/steady`);
    await driver.wait(until.elementLocated(By.css('[data-testid=mends] li')), 30000);
    await settle(2500);
  },
  hold: async () => {
    await driver.get(`${base}/shot/buggy-arm/hold`);
    await driver.wait(until.elementLocated(By.css('canvas[data-ready=yes]')), 30000);
    await settle(5000);
  },
  light: async () => {
    await driver.get(`${base}/shot/buggy-arm/light`);
    await driver.wait(until.elementLocated(By.css('svg polyline')), 30000);
    await settle(4000);
  },
  last: async () => {
    await driver.get(`${base}/shot/skerries/last`);
    await driver.wait(until.elementLocated(By.css('[data-testid=last-checks] h2')), 30000);
    await settle(3000);
  },
  card: async () => {
    await driver.get(`${base}/shot/gravel-hands/card`);
    await driver.wait(until.elementLocated(By.css('article canvas:not([data-drawn="0"])')), 30000);
    await settle(1500);
  },
  clip: async () => {
    await driver.get(`${base}/shot/gravel-hands/clip`);
    await settle(800);
    await driver.findElement(By.xpath("//button[contains(., 'Practise')]")).click();
    await driver.wait(until.elementLocated(By.css('[data-testid=clip-tilt]')), 20000);
    await settle(1500);
  },
  log: async () => {
    await driver.get(`${base}/shot/gravel-hands/log`);
    await settle(600);
    await driver.findElement(By.css('#log-note')).sendKeys('Held all morning; lens wiped once.');
    await driver.findElement(By.xpath("//button[contains(., 'Add to the log')]")).click();
    await settle(600);
  },
  'phone-card': async () => {
    await size(390, 844, true);
    await driver.get(`${base}/shot/gravel-hands/card`);
    await settle(3500);
  },
  'phone-field': async () => {
    await size(390, 844, true);
    await driver.get(`${base}/field?shot=gravel-hands`);
    await driver.wait(until.elementLocated(By.css('[data-testid=field-level]')), 20000);
    await settle(2500);
  },
  find: async () => {
    await found('gravel-hands');
  },
  'find-compare': async () => {
    await found('gravel-hands');
    for (const n of [1, 2, 3]) await driver.findElement(By.css(`[aria-label="Compare ${n}"]`)).click();
    await driver.findElement(By.xpath("//button[contains(., 'Compare 3')]")).click();
    await settle(5000);
  },
};

/** A picture of nothing has few bytes; a sheet has some words on it. */
const LEAST_BYTES = 20_000;
const LEAST_LETTERS = 80;
const lettersShown = () =>
  driver.executeScript('return document.querySelector("main")?.innerText.replace(/Opening…/, "").length ?? 0');

async function taken(name) {
  await driver.wait(async () => (await lettersShown()) >= LEAST_LETTERS, 20000, `${name}: the sheet stayed empty`);
  await settle(500);
  const picture = Buffer.from(await driver.takeScreenshot(), 'base64');
  if (picture.length < LEAST_BYTES) throw new Error(`${name}: nothing is drawn (${picture.length} bytes)`);
  return picture;
}

try {
  await size(1280, 800);
  for (const [name, show] of Object.entries(views)) {
    if (only && !only.includes(name)) continue;
    await show();
    writeFileSync(join(folder, `${name}.png`), await taken(name));
    console.log(name);
  }
} finally {
  await driver.quit();
  child.kill();
}
