import { once } from 'node:events';
import type { Server, ServerResponse } from 'node:http';
import { type AddressInfo, type Socket, connect } from 'node:net';
import { ExpressConnections } from './express-connections.js';

describe('connections to the server', () => {
  let express: ExpressConnections;
  let server: Server;
  const asked: ServerResponse[] = [];
  const start = async (longestEndMs?: number): Promise<void> => {
    express = new ExpressConnections(longestEndMs);
    express.initHttpServer({});
    server = express.getHttpServer() as Server;
    express.get('/at-once', (_request: unknown, response: ServerResponse) => response.end('now'));
    express.get('/later', (_request: unknown, response: ServerResponse) => asked.push(response));
    express.listen(0);
    await once(server, 'listening');
  };
  const open = async (): Promise<Socket> => {
    const socket = connect((server.address() as AddressInfo).port, '127.0.0.1');
    await Promise.all([once(socket, 'connect'), once(server, 'connection')]);
    return socket;
  };
  const ask = (socket: Socket, path: string): boolean =>
    socket.write(`GET ${path} HTTP/1.1\r\nHost: here\r\n\r\n`);
  const answer = async (socket: Socket): Promise<string> => String((await once(socket, 'data'))[0]);
  const end = (): Promise<void> => {
    express.beforeClose();
    return express.close();
  };

  it('that were opened and never used do not keep it from ending', async () => {
    await start();
    const [unused, idle] = [await open(), await open()];
    ask(idle, '/at-once');
    await answer(idle);
    const closed = Promise.all([once(unused, 'close'), once(idle, 'close')]);
    await end();
    await closed;
    expect([unused.destroyed, idle.destroyed]).toEqual([true, true]);
  });

  it('on which something was asked are answered before it ends, and end then', async () => {
    await start();
    const [early, late] = [await open(), await open()];
    ask(early, '/later');
    await once(server, 'request');
    express.beforeClose();
    ask(late, '/at-once');
    expect(await answer(late)).toMatch(/\r\nconnection: close\r\n/);
    const ended = express.close();
    const got = answer(early);
    asked.pop()?.end('whole');
    expect(await got).toMatch(/whole$/);
    await ended;
  });

  it('that are never answered are cut off', async () => {
    await start(50);
    const socket = await open();
    ask(socket, '/later');
    await once(server, 'request');
    const closed = once(socket, 'close');
    await end();
    await closed;
    expect(socket.bytesRead).toBe(0);
  });
});
