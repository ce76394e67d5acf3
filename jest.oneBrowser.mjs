/** Where the tests of the real page run: the browser that they share ends after the last of them. */
import { TestEnvironment } from 'jest-environment-node';

export default class OneBrowser extends TestEnvironment {
  async teardown() {
    await this.global.endBrowser?.();
    await super.teardown();
  }
}
