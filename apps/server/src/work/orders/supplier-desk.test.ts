import { type Server, createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { HttpAdapterHost } from '@nestjs/core';
import { SupplierDesk, isAllowed } from './supplier-desk.js';

/** A desk at an address of this machine that answers as it is told. */
async function deskThat(
  answer: Parameters<typeof createServer>[1] & object,
): Promise<{ desk: SupplierDesk; http: Server }> {
  const http = createServer(answer);
  await new Promise((resolve) => http.listen(0, '127.0.0.1', () => resolve(undefined)));
  const host = { httpAdapter: { getHttpServer: () => http } } as unknown as HttpAdapterHost;
  return { desk: new SupplierDesk(host), http };
}
const REQUEST = { currency: 'USD', lines: [{ line: 'a', text: '1 in ball valve', quantity: 1 }] };

describe('a request to a supplier', () => {
  it('goes to the address that the server listens on', async () => {
    const asked: string[] = [];
    const { desk, http } = await deskThat((request, response) => {
      asked.push(`${request.headers.host}${request.url}`);
      response.end(JSON.stringify({ supplier: 'A & B', currency: 'USD', lines: [] }));
    });
    await expect(desk.ask('A & B', REQUEST)).resolves.toMatchObject({ supplier: 'A & B' });
    const { port } = http.address() as AddressInfo;
    expect(asked).toEqual([`127.0.0.1:${port}/api/price-desk/A%20%26%20B/quotations`]);
    http.close();
  });

  it.each([
    ['sends on to another address', 302, '', /connection was lost/],
    ['is not allowed', 403, '', /refused the request \(403\)/],
    ['is busy', 503, '', /busy/],
    ['says nothing that is an answer', 200, '{"lines":7}', /cannot be read/],
    ['goes on without end', 200, 'x'.repeat(9_000_000), /more than 8388608 bytes/],
  ])('where the desk %s is told in a sentence', async (_what, status, body, problem) => {
    const { desk, http } = await deskThat((_request, response) => {
      response.writeHead(status, { location: 'http://127.0.0.1:9/elsewhere' }).end(body);
    });
    await expect(desk.ask('A', REQUEST)).rejects.toThrow(problem);
    http.close();
  });

  it('goes nowhere else', () => {
    const own = ['http://127.0.0.1:4310'];
    expect(isAllowed('http://127.0.0.1:4310/api/price-desk/A/quotations', own)).toBe(true);
    for (const other of [
      'http://127.0.0.1:5432/',
      'http://169.254.169.254/latest',
      'https://127.0.0.1:4310/',
    ])
      expect(isAllowed(other, own)).toBe(false);
  });
});
