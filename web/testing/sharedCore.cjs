/** The core as the tests' environment hands it in (jest.sharedCore.mjs); in another environment it is read in. */
module.exports = globalThis.coreFromOutside ?? require('../../core/dist/together/core.cjs');
