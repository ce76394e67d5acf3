import { Page } from './browser';

/** Opens the demo outing's list before the tests of a file, and after them sees that the page had nothing to complain about. */
export function withDemo(take: (page: Page) => void): void {
  let page: Page;
  beforeAll(async () => {
    page = await Page.start();
    await page.open('/');
    await page.at('//a[contains(., "Late winter on Skerra")]');
    take(page);
  });
  afterAll(async () => {
    expect(await page.errors()).toEqual([]);
    await page.stop();
  });
}
