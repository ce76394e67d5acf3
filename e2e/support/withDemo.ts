import { Page } from './browser';

/** What one who films alone has. */
const USUAL_BOX = [
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
 */
export function withDemo(take: (page: Page) => void, { complaints = false } = {}): void {
  let page: Page;
  beforeAll(async () => {
    page = await Page.start();
    // On a shelf where little is drawn.
    await page.open('/logbook');
    await page.until('the demo outing is stored', () => page.hasStored('outings', 'skerra-late-winter'));
    // A search over everything there is takes most of a test's time.
    await page.packKit(USUAL_BOX);
    take(page);
  });
  afterAll(async () => {
    if (!complaints) expect(await page.errors()).toEqual([]);
    await page.stop();
  });
}
