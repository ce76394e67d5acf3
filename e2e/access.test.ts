import { readFileSync } from 'node:fs';
import type { Page } from './support/browser';
import { withDemo } from './support/withDemo';

const axeSource = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

let page: Page;
withDemo((opened) => (page = opened));

interface Violation {
  id: string;
  impact: string;
  nodes: { html: string }[];
}

const shot = '/outing/skerra-late-winter/shot/gravel-hands';
const views = [
  ['outings', '/', 'table'],
  ['shots', '/outing/skerra-late-winter', 'ol canvas:not([data-drawn="0"])'],
  ['day', '/outing/skerra-late-winter/day', '[data-testid=packed]'],
  ['field', '/outing/skerra-late-winter/field', '[data-testid=field-level]'],
  ['logbook', '/logbook', 'main p'],
  ['find', `${shot}/find`, '[data-testid=contact-sheet] canvas:not([data-drawn="0"])'],
  ['bench', shot, '[data-testid=lens-picture][data-fine=yes]'],
  ['steady', `${shot}/steady`, '[data-testid=mends]'],
  ['hold', `${shot}/hold`, '[data-testid=forces]'],
  ['light', `${shot}/light`, 'svg polyline'],
  ['last', `${shot}/last`, '[data-testid=last-checks] table'],
  ['card', `${shot}/card`, 'article'],
  ['clip', `${shot}/clip`, 'aside'],
  ['log', `${shot}/log`, 'form'],
  ['carriers', '/carriers', 'ul canvas:not([data-drawn="0"])'],
  ['a carrier of the catalogue', '/carriers/longboard', 'canvas[data-ready=yes]'],
  ['a fitted carrier', '/outing/skerra-late-winter/carrier/kayak', 'canvas[data-ready=yes]'],
  ['words', '/words', 'dl'],
  ['kit', '/kit', 'ul canvas:not([data-drawn="0"])'],
] as const;

/** What a theme can change is contrast: looked at where most kinds of things stand side by side. */
const IN_EVERY_THEME = ['find', 'bench', 'hold', 'light', 'last', 'card', 'field'];
const violations = (rules: string) =>
  page.driver.executeAsyncScript<Violation[]>(
    `const done = arguments[arguments.length - 1]; axe.run(document, { runOnly: ${rules} }).then((r) => done(r.violations));`,
  );
const serious = (found: readonly Violation[]) =>
  found
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`);

it.each(views)(
  '%s has no serious violation (axe-core, WCAG 2.2 AA); on a phone nothing of it runs over the side',
  async (name, path, ready) => {
    await page.go(path);
    await page.find(ready);
    await page.driver.executeScript(axeSource);
    const levels = "{ type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }";
    expect(serious(await violations(levels))).toEqual([]);
    for (const theme of IN_EVERY_THEME.includes(name) ? ['dark', 'sun'] : []) {
      await page.driver.executeScript(`document.documentElement.dataset.theme = '${theme}'`);
      expect([theme, serious(await violations("{ type: 'rule', values: ['color-contrast'] }"))]).toEqual([theme, []]);
    }
    await page.resize(390, 844, true);
    await page.until(
      'its width is that of the phone',
      async () => (await page.driver.executeScript('return document.documentElement.scrollWidth')) === 390,
    );
    await page.resize(1280, 800, false);
  },
);

it('without a network the card opens all the same, on a phone', async () => {
  await page.go('/');
  await page.driver.executeAsyncScript('const done = arguments[0]; navigator.serviceWorker.ready.then(() => done());');
  await page.offline(true);
  await page.resize(390, 844, true);
  await page.open(`${shot}/card`);
  await page.untilText('[data-testid=card-level]', /° up$/);
  await page.offline(false);
});

it('on a phone what is pressed on the card is at least 48 px high', async () => {
  await page.resize(390, 844, true);
  await page.go(`${shot}/card`);
  await page.find('article');
  const low = await page.driver.executeScript<number[]>(
    'return [...document.querySelectorAll("main button")].map((b) => Math.round(b.getBoundingClientRect().height)).filter((h) => h < 48)',
  );
  expect(low).toEqual([]);
});
