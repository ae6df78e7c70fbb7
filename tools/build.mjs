import { build, installPackages, requireNode } from './setup/installation.mjs';
import { endingPlainly } from './setup/plain-failure.mjs';

await endingPlainly(async () => {
  requireNode();
  await installPackages();
  await build('core', 'server', 'web');
});
