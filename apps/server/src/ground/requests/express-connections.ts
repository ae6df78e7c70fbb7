import type { Server, ServerResponse } from 'node:http';
import type { Socket } from 'node:net';
import type { NestApplicationOptions } from '@nestjs/common';
import { ExpressAdapter } from '@nestjs/platform-express';

/** Longer than a proxy keeps an idle connection, 60 s as a rule: whichever sends on it must not find it just being closed. */
const KEPT_MS = 75_000;
/** How long an idle connection is kept while the server ends. */
const KEPT_AT_THE_END_MS = 1_000;
/** What is not answered so long after the server stopped listening is cut off. */
const LONGEST_END_MS = 20_000;

/** Express, whose connections are kept while it runs and end with it. */
export class ExpressConnections extends ExpressAdapter {
  private readonly open = new Set<Socket>();

  /** @param longestEndMs how long answers that are being given are waited for, ms */
  constructor(private readonly longestEndMs = LONGEST_END_MS) {
    super();
  }

  override initHttpServer(options: NestApplicationOptions): void {
    super.initHttpServer(options);
    const server: Server = this.getHttpServer();
    server.keepAliveTimeout = KEPT_MS;
    server.on('connection', (socket: Socket) => {
      this.open.add(socket);
      socket.once('close', () => this.open.delete(socket));
    });
  }

  /** From now on a connection ends with its answer, so that whoever asks next asks another server. */
  override beforeClose(): void {
    super.beforeClose();
    const server: Server = this.getHttpServer();
    server.keepAliveTimeout = KEPT_AT_THE_END_MS;
    server.prependListener('request', (_request, response: ServerResponse) =>
      response.setHeader('connection', 'close'),
    );
  }

  /** Listens no more and waits for answers that are being given; not for connections on which nothing was asked, as browsers open them. */
  override async close(): Promise<void> {
    const server: Server = this.getHttpServer();
    const cutOff = setTimeout(() => server.closeAllConnections(), this.longestEndMs);
    const ended = super.close();
    for (const socket of this.open) if (socket.bytesRead === 0) socket.destroy();
    await ended;
    clearTimeout(cutOff);
  }
}
