import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { requireNode } from './installation.mjs';
import { startCluster } from './postgres.mjs';

const base = join(mkdtempSync(join(tmpdir(), 'grevik-cluster-')), 'data');
// The database's user must be able to pass through it.
chmodSync(join(base, '..'), 0o755);

async function ask(url: string, query: string): Promise<object[]> {
  const database = new Sequelize(url, { logging: false });
  try {
    return await database.query(query, { type: QueryTypes.SELECT });
  } finally {
    await database.close();
  }
}

describe('a private PostgreSQL', () => {
  jest.setTimeout(120_000);
  afterAll(() => rmSync(join(base, '..'), { recursive: true, force: true }));

  it('is made once, on loopback, behind a password, and keeps its data and port over a stop', async () => {
    const first = await startCluster(base);
    await ask(first.url, 'CREATE TABLE kept AS SELECT 7 AS number');
    expect(new URL(first.url).hostname).toBe('127.0.0.1');
    expect(await ask(first.url, 'SHOW listen_addresses')).toEqual([{ listen_addresses: '127.0.0.1' }]);
    expect(statSync(join(base, 'password')).mode & 0o077).toBe(0);
    await expect(ask(first.url.replace(/:[^:@]+@/, ':wrong@'), 'SELECT 1')).rejects.toThrow('password');
    await first.stop();
    await expect(ask(first.url, 'SELECT 1')).rejects.toThrow();

    const second = await startCluster(base);
    expect(second.url).toBe(first.url);
    expect(await ask(second.url, 'SELECT number FROM kept')).toEqual([{ number: 7 }]);
    await second.stop();
  });

  it('is taken over where it still runs after its starter was killed', async () => {
    const left = await startCluster(base);
    const again = await startCluster(base);
    expect(again.url).toBe(left.url);
    await again.stop();
  });

  it('leaves a folder with other things in it as it is', async () => {
    const others = join(base, '../others');
    mkdirSync(others);
    writeFileSync(join(others, 'letter.txt'), 'not ours');
    await expect(startCluster(others)).rejects.toThrow('has other things in it');
    expect(readFileSync(join(others, 'letter.txt'), 'utf8')).toBe('not ours');
    expect(existsSync(join(others, 'data'))).toBe(false);
  });

  it('says where a folder can not be made', async () => {
    await expect(startCluster('/dev/null/data')).rejects.toThrow(
      'The data folder /dev/null/data can not be made',
    );
  });
});

describe('the Node.js it needs', () => {
  it.each(['20.19.0', '20.20.2', '22.1.0'])('is there with %s', (version) => {
    expect(() => requireNode(version)).not.toThrow();
  });

  it.each(['18.20.0', '20.18.9'])('is missing with %s, and says so', (version) => {
    expect(() => requireNode(version)).toThrow(`Grevik needs Node.js 20.19 or newer, and this is ${version}`);
  });
});
