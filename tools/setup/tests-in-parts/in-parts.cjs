const { readFileSync, readdirSync } = require('node:fs');
const { join } = require('node:path');

const ROOT = join(__dirname, '..', '..', '..');

/** @param {string} workspace "apps/web" @returns {string[]} its test files, in order */
const testsOf = (workspace) =>
  readdirSync(join(ROOT, workspace, 'src'), { recursive: true })
    .map((file) => join(workspace, 'src', String(file)))
    .filter((file) => /\.test\.tsx?$/.test(file))
    .sort();

/** Whether a test puts something in the place of a module, which it would do for the others of its part too. @param {string} file */
const isMocking = (file) => readFileSync(join(ROOT, file), 'utf8').includes('jest.mock(');

/** The test files that run by themselves. @param {string} workspace */
exports.alone = (workspace) => testsOf(workspace).filter(isMocking);

/**
 * The tests of many files in one: what they all load, the whole application, is loaded once for them instead of once for each.
 *
 * @param {string} workspace "apps/web"
 * @param {number} part which of them, from 1
 * @param {number} of how many parts
 */
exports.together = (workspace, part, of) => {
  const files = testsOf(workspace)
    .filter((file) => !isMocking(file))
    .filter((_file, at) => at % of === part - 1);
  for (const file of files) describe(file, () => void require(join(ROOT, file)));
};
