import { Page } from './browser';

/**
 * Opens the demo outing's list before the tests of a file, and after them sees that the page had nothing to complain about.
 * @param complaints where something is broken on purpose the page may say so
 */
export function withDemo(take: (page: Page) => void, { complaints = false } = {}): void {
  let page: Page;
  beforeAll(async () => {
    page = await Page.start();
    await page.open('/');
    await page.at('//a[contains(., "Late winter on Skerra")]');
    take(page);
  });
  afterAll(async () => {
    if (!complaints) expect(await page.errors()).toEqual([]);
    await page.stop();
  });
}
