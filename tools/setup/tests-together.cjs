// Tests of many files in one: what they all load, the whole application, is loaded once for them instead of once for each.
const { readFileSync, readdirSync } = require('node:fs');
const { join } = require('node:path');

/** What the project of the tests says. @type {{ folder: string, part: number, parts: number }} */
const { folder, part, parts } = /** @type {any} */ (globalThis).testsTogether;
const root = join(__dirname, '..', '..', folder);

const files = readdirSync(root, { recursive: true })
  .map(String)
  .filter((file) => /\.test\.tsx?$/.test(file))
  .sort()
  .filter((_file, at) => at % parts === part);

for (const file of files)
  describe(file, () => {
    const isMocking = readFileSync(join(root, file), 'utf8').includes('jest.mock(');
    if (isMocking) throw new Error(`${file} puts something in the place of a module, for the others too`);
    require(join(root, file));
  });
