import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { alone, filesOf, partsOf } from './in-parts.cjs';

const ROOT = join(__dirname, '../../..');

describe.each(['packages/core', 'apps/server', 'apps/web'])('the tests of %s in parts', (workspace) => {
  const all = readdirSync(join(ROOT, workspace, 'src'), { recursive: true, withFileTypes: true })
    .filter((one) => one.isFile() && /\.test\.tsx?$/.test(one.name))
    .map(({ parentPath, name }) => join(parentPath, name).slice(ROOT.length + 1));

  it('run each file once', () => {
    const run = [...alone(workspace), ...partsOf(workspace).flatMap((part) => filesOf(workspace, part))];
    expect(all.length).toBeGreaterThan(50);
    expect(run.sort()).toEqual(all.sort());
  });

  it('are parts of one size, each begun by a file of its own', () => {
    const sizes = partsOf(workspace).map((part) => filesOf(workspace, part).length);
    expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
    for (const part of partsOf(workspace))
      expect(readFileSync(join(__dirname, part), 'utf8')).toContain(`together('${workspace}', __filename)`);
  });

  it('run a file by itself that stands in for a module', () => {
    for (const file of all)
      expect([file, alone(workspace).includes(file)]).toEqual([
        file,
        readFileSync(join(ROOT, file), 'utf8').includes('jest.mock('),
      ]);
  });
});
