import { type AddressInfo, type Socket, connect, createServer } from 'node:net';

/** An address that leads to another port, which may be changed: what a load balancer in front of PostgreSQL does. */
export interface Relay {
  port: number;
  /** Leads to another port from now on; what was connected breaks off. */
  leadTo(port: number): void;
  close(): Promise<void>;
}

export async function startRelay(to: number): Promise<Relay> {
  let target = to;
  const open = new Set<Socket>();
  const server = createServer((near) => {
    const far = connect(target, '127.0.0.1');
    for (const [end, other] of [
      [near, far],
      [far, near],
    ] as const) {
      open.add(end);
      end.on('error', () => other.destroy());
      end.on('close', () => {
        open.delete(end);
        other.destroy();
      });
      end.pipe(other);
    }
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const breakOff = (): void => open.forEach((end) => end.destroy());
  return {
    port: (server.address() as AddressInfo).port,
    leadTo: (port) => {
      target = port;
      breakOff();
    },
    close: () => {
      breakOff();
      return new Promise((resolve) => server.close(() => resolve()));
    },
  };
}
