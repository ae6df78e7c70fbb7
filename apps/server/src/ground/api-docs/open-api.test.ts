import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { TSC } from '../../../../../tools/setup/installation.mjs';
import { type TestApp, startTestApp } from '../../testing/test-app.js';

interface OpenApi {
  paths: Record<string, Record<string, { responses: Record<string, { content?: object }> }>>;
  components: { schemas: Record<string, unknown> };
}

const MODULES = join(process.cwd(), 'node_modules');
const COMPILER = join(MODULES, TSC);

/** A program somebody writes against the description. */
const CLIENT = `import type { paths } from './api.js';
type Ok<P extends keyof paths, M extends keyof paths[P]> = paths[P][M] extends {
  responses: { 200: { content: { 'application/json': infer Body } } };
} ? Body : never;
type Sent<P extends keyof paths, M extends keyof paths[P]> = paths[P][M] extends {
  requestBody: { content: { 'application/json': infer Body } };
} ? Body : never;
declare const fetch: (url: string) => Promise<{ json(): Promise<unknown> }>;
export async function names(base: string): Promise<string[]> {
  const jobs = (await (await fetch(base + '/api/jobs')).json()) as Ok<'/api/jobs', 'get'>;
  return jobs.map((job) => job.name);
}
export const name: Sent<'/api/positions/{id}/name', 'put'> = { version: 0, tag: 'CW-04', remarks: '' };
`;

describe('the published description of the API', () => {
  let test: TestApp;
  let document: OpenApi;
  beforeAll(async () => {
    test = await startTestApp();
    document = (await request(test.http).get('/api/docs.json').expect(200)).body as OpenApi;
  });
  afterAll(() => test.close());

  it('describes every answer, and every refusal', () => {
    const silent = Object.entries(document.paths).flatMap(([path, operations]) =>
      Object.entries(operations).flatMap(([verb, { responses }]) => {
        const { default: refused, ...answers } = responses;
        const isSaid = Object.entries(answers).some(([status, { content }]) => status === '204' || content);
        return refused?.content && isSaid ? [] : [`${verb} ${path}`];
      }),
    );
    expect(silent).toEqual([]);
  });

  it('refers to nothing that is not in it', () => {
    const refs = [...JSON.stringify(document).matchAll(/"\$ref":"([^"]+)"/g)].map(([, ref]) => ref ?? '');
    expect(refs.length).toBeGreaterThan(50);
    const dangling = refs.filter(
      (ref) => !(ref.replace('#/components/schemas/', '') in document.components.schemas),
    );
    expect([...new Set(dangling)]).toEqual([]);
  });

  it('is enough to make a client from, which compiles where it is right and not where it is wrong', () => {
    const folder = mkdtempSync(join(tmpdir(), 'grevik-client-'));
    try {
      writeFileSync(join(folder, 'api.json'), JSON.stringify(document));
      writeFileSync(join(folder, 'package.json'), '{"type":"module"}');
      const api = join(folder, 'api.d.ts');
      execFileSync(join(MODULES, '.bin', 'openapi-typescript'), [join(folder, 'api.json'), '--output', api], {
        stdio: 'pipe',
      });
      expect(readFileSync(api, 'utf8')).toContain('"/api/positions/{id}/pick"');
      const compiled = (source: string): string => {
        writeFileSync(join(folder, 'client.ts'), source);
        const options = ['--noEmit', '--strict', '--target', 'es2022', '--module', 'nodenext'];
        try {
          execFileSync(COMPILER, [...options, 'client.ts'], { cwd: folder, stdio: 'pipe' });
          return 'well';
        } catch (error) {
          return String((error as { stdout: Buffer }).stdout);
        }
      };
      expect(compiled(CLIENT)).toBe('well');
      expect(compiled(CLIENT.replace('job.name', 'job.nam'))).toContain('nam');
      expect(compiled(CLIENT.replace('version: 0', "version: 'x'"))).toContain('client.ts(13');
    } finally {
      rmSync(folder, { recursive: true, force: true });
    }
  }, 60_000);

  it('says of an answer what the answer has', async () => {
    const owner = await test.demo();
    const [job] = (await owner.get('/api/jobs').expect(200)).body as object[];
    const { properties } = document.components.schemas.JobView as { properties: object };
    expect(Object.keys(job!).sort()).toEqual(Object.keys(properties).sort());
  });
});
