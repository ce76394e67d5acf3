import { Page } from './browser';

/** What one who films alone has. */
export const USUAL_BOX = [
  'cube-camera',
  'thumb-camera',
  'chest-harness',
  'tube-clamp',
  'adhesive-pad',
  'curved-adhesive-pad',
  'strap-round-base',
  'lever-clamp',
  'boot-plate',
  'seat-rail-clamp',
  'head-strap-plate',
  'bite-piece',
  'hand-grip',
  'short-arm',
  'stiff-grommets',
  'finger-joint',
  'ball-joint',
];

/**
 * Opens the demo outing's list before the tests of a file, and after them sees that the page had nothing to complain about.
 * @param complaints where something is broken on purpose the page may say so
 * @param usualBox with the kit of one who films alone instead of everything there is: a search over all of it takes most of a test's time
 */
export function withDemo(take: (page: Page) => void, { complaints = false, usualBox = true } = {}): void {
  let page: Page;
  beforeAll(async () => {
    page = await Page.start();
    await page.open('/');
    await page.at('//a[contains(., "Late winter on Skerra")]');
    if (usualBox) await page.packKit(USUAL_BOX);
    take(page);
  });
  afterAll(async () => {
    if (!complaints) expect(await page.errors()).toEqual([]);
    await page.stop();
  });
}
