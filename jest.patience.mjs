/** Shared machines are slow at times: a test that ends is what counts, not how soon. */
jest.setTimeout(180000);
