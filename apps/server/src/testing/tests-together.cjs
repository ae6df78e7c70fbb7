// Tests of many files in one: what they all load, the whole application, is loaded once for them instead of once for each.
const { readdirSync } = require('node:fs');
const { join } = require('node:path');

const { part, parts } = globalThis.serverTests;
const root = join(__dirname, '..');

const files = readdirSync(root, { recursive: true })
  .filter((file) => /\.test\.ts$/.test(file))
  .sort()
  .filter((_file, at) => at % parts === part);

for (const file of files)
  describe(file, () => {
    require(join(root, file));
  });
