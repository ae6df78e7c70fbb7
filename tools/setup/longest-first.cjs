const { default: Sequencer } = require('@jest/test-sequencer');

/** Tests that wait for servers more than they work: one of them begun last would run alone at the end. */
const LONGEST = /attacks\.test\.ts$|tests-in-parts.\w+-\d\.cjs$|replicas\.test\.ts$/;

/** Begins the longest tests first, also on a machine that has never run them; the others as Jest would. */
module.exports = class LongestFirst extends Sequencer {
  /** @override @param {import('@jest/test-result').Test[]} tests */
  async sort(tests) {
    const isLongest = (/** @type {{ path: string }} */ { path }) => LONGEST.test(path);
    const [first, others] = [tests.filter(isLongest), tests.filter((test) => !isLongest(test))];
    return [...first, ...(await super.sort(others))];
  }
};
