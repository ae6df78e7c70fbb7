import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');
const LOSS = { flowM3s: 1e-3, densityKgM3: 1000, diameterM: 0.05, kv: 40 };

function calc(args: string[], input: string): { code: number | null; out: string; err: string } {
  const { status, stdout, stderr } = spawnSync('node', ['tools/calc.mjs', ...args], {
    cwd: ROOT,
    input,
    encoding: 'utf8',
    maxBuffer: 64 * 2 ** 20,
  });
  return { code: status, out: stdout, err: stderr };
}

describe('a calculation in the shell', () => {
  jest.setTimeout(120_000);

  it('prints one JSON document for one input', () => {
    const { code, out } = calc(['valve-loss'], JSON.stringify(LOSS));
    expect(code).toBe(0);
    expect(JSON.parse(out)).toMatchObject({
      kv: expect.closeTo(40, 9) as number,
      pressureDropPa: expect.closeTo(810, 6) as number,
    });
  });

  it('prints the failure of one input and ends with 1', () => {
    const { code, out, err } = calc(['valve-loss'], JSON.stringify({ ...LOSS, diameterM: 0 }));
    expect(code).toBe(1);
    expect(JSON.parse(out)).toEqual({
      error: {
        code: 'invalid-input',
        field: 'diameterM',
        message: expect.stringContaining('above 0') as string,
      },
    });
    expect(err).toBe('');
  });

  it('answers a list in its order, failures in their place, and ends with 0', () => {
    const { code, out } = calc(['valve-loss'], JSON.stringify([LOSS, { ...LOSS, kv: -1 }, LOSS]));
    const [first, second, third] = JSON.parse(out) as unknown[];
    expect(code).toBe(0);
    expect(second).toMatchObject({ error: { field: 'kv' } });
    expect(third).toEqual(first);
  });

  it.each(['', '{"a":', 'seven'])('says of %j that it is not JSON', (input) => {
    const { code, out } = calc(['valve-loss'], input);
    expect(code).toBe(1);
    expect(JSON.parse(out)).toMatchObject({ error: { code: 'invalid-input', field: 'input' } });
  });

  it('takes a hundred thousand inputs in one go, and not one more', () => {
    const many = Array.from({ length: 100_000 }, () => LOSS);
    expect(JSON.parse(calc(['valve-loss'], JSON.stringify(many)).out)).toHaveLength(100_000);
    const { code, out } = calc(['valve-loss'], JSON.stringify([...many, LOSS]));
    expect([code, JSON.parse(out)]).toMatchObject([
      1,
      { error: { message: expect.stringContaining('100000') as string } },
    ]);
  });

  it('lists what there is and explains the fields with their units', () => {
    expect(calc(['--list'], '').out).toMatch(
      /^pipe-loss: .*\nvalve-loss: .*\npressure-rating: .*\nsurge: [^]*\nselect: /,
    );
    expect(calc(['pipe-loss', '--help'], '').out).toContain('lengthM: a number in m, 0 or more');
  });

  it('says in a sentence that there is no such calculation', () => {
    const { code, err } = calc(['soothsay'], '{}');
    expect(code).toBe(1);
    expect(err).toMatch(/^There is no calculation "soothsay". There are:\npipe-loss/);
    expect(err).not.toContain('    at ');
  });
});
