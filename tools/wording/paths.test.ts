import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';

const ROOT = join(__dirname, '../..');
const DECISIONS = 'docs/decisions';
const DOCUMENTS = [
  'README.md',
  'CONTRIBUTING.md',
  ...readdirSync(join(ROOT, DECISIONS)).map((name) => `${DECISIONS}/${name}`),
];
const files = readdirSync(ROOT, { recursive: true, withFileTypes: true })
  .filter((entry) => !/(^|\/)(node_modules|dist|\.git)(\/|$)/.test(relative(ROOT, entry.parentPath)))
  .map((entry) => relative(ROOT, join(entry.parentPath, entry.name)));

const isThere = (path: string): boolean => files.includes(path.replace(/\/$/, ''));
/** A file by its whole path from the root, or by the end of it. */
const isNamed = (name: string): boolean => files.some((file) => file === name || file.endsWith(`/${name}`));

describe.each(DOCUMENTS)('%s', (document) => {
  const text = readFileSync(join(ROOT, document), 'utf8');

  it('names only files and folders that are there', () => {
    const named = [...text.matchAll(/`([^`\n]+)`/g)].map(([, code]) => code ?? '');
    const folders = named.filter((code) => /^(?:apps|packages|tools|e2e|docs)\/[\w./-]*$/.test(code));
    const sources = named.filter((code) => /^[\w./-]+\.(?:tsx?|mjs|cjs|css)$/.test(code));
    expect(folders.filter((path) => !isThere(path))).toEqual([]);
    expect(sources.filter((name) => !isNamed(name))).toEqual([]);
  });

  it('links only to files that are there', () => {
    const links = [...text.matchAll(/\]\((?!https?:)([^)#]+)\)/g)].map(([, to]) =>
      relative(ROOT, join(ROOT, dirname(document), to ?? '')),
    );
    expect(links.filter((to) => !isThere(to))).toEqual([]);
  });
});
