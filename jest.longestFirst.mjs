import Sequencer from '@jest/test-sequencer';

/** The few long ones of the core first, so that at the end no processor waits for the other. */
export default class LongestFirst extends Sequencer {
  sort(tests) {
    const isLong = ({ path }) => Number(path.includes('/together/'));
    return [...super.sort(tests)].sort((a, b) => isLong(b) - isLong(a));
  }
}
