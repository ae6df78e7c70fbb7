import 'reflect-metadata';
import { createApp } from './create-app.js';
import { readSettings } from './ground/settings/settings.js';

/** Tells the start command how it went, where there is one. */
function tell(message: { ready: true } | { failed: string }): void {
  if (process.send) process.send(message);
  else if ('failed' in message) console.error(message.failed);
}

try {
  const settings = readSettings(process.env);
  const app = await createApp(settings);
  await app.listen(settings.port, settings.host);
  // The start command is gone, however it ended: nothing may be left running without it.
  process.once('disconnect', () => void app.close().finally(() => process.exit(0)));
  // What is sent to all at once, as by Ctrl-C, is for the start command: it ends its servers in order.
  if (process.send) for (const signal of ['SIGINT', 'SIGHUP']) process.on(signal, () => undefined);
  tell({ ready: true });
} catch (error) {
  const { code, message, port } = error as NodeJS.ErrnoException & { port?: number };
  tell({
    failed:
      code === 'EADDRINUSE'
        ? `Port ${port} is taken: stop what runs there, or choose another with PORT.`
        : `Grevik could not start: ${message}`,
  });
  process.exit(1);
}
