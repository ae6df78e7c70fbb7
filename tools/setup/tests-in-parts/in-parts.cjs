const { readFileSync, readdirSync } = require('node:fs');
const { basename, join } = require('node:path');

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

/** The files here of a workspace, each of which runs a part of its tests. @param {string} workspace */
const partsOf = (workspace) =>
  readdirSync(__dirname)
    .filter((file) => file.startsWith(`${basename(workspace)}-`))
    .sort();
exports.partsOf = partsOf;

/** The test files that one of them runs: as many parts as there are share them out. @param {string} workspace @param {string} part */
const filesOf = (workspace, part) => {
  const parts = partsOf(workspace);
  return testsOf(workspace)
    .filter((file) => !isMocking(file))
    .filter((_file, at) => parts[at % parts.length] === part);
};
exports.filesOf = filesOf;

/**
 * The tests of many files in one: what they all load, the whole application, is loaded once for them instead of once for each.
 *
 * @param {string} workspace "apps/web"
 * @param {string} part the file that runs them
 */
exports.together = (workspace, part) => {
  for (const file of filesOf(workspace, basename(part))) describe(file, () => void require(join(ROOT, file)));
};
