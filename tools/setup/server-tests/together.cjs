const { readFileSync, readdirSync } = require('node:fs');
const { join } = require('node:path');

const ROOT = join(__dirname, '..', '..', '..', 'apps', 'server', 'src');

/**
 * The server's tests of many files in one: what they all load, the whole application, is loaded once for them instead of once for each.
 *
 * @param {number} part which of them, from 1
 * @param {number} of how many parts
 */
module.exports = function together(part, of) {
  const files = readdirSync(ROOT, { recursive: true })
    .map(String)
    .filter((file) => file.endsWith('.test.ts'))
    .sort()
    .filter((_file, at) => at % of === part - 1);
  for (const file of files)
    describe(file, () => {
      const isMocking = readFileSync(join(ROOT, file), 'utf8').includes('jest.mock(');
      if (isMocking) throw new Error(`${file} puts something in the place of a module, for the others too`);
      require(join(ROOT, file));
    });
};
