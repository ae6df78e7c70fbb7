import { PlainFailure } from './plain-failure.mjs';
import { run, tail } from './run.mjs';

/**
 * Installs Debian packages where that may be done, else says the exact command.
 * @param {readonly string[]} packages
 * @param {string} purpose what they are for: "PostgreSQL"
 */
export async function installDebianPackages(packages, purpose) {
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  if (process.getuid?.() !== 0) {
    throw new PlainFailure(`${purpose} is not on this machine. Install it with: sudo ${command}`);
  }
  console.error(`Installing ${purpose} (${packages.join(', ')}) ...`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  await run('apt-get', ['update'], { env });
  const { code, output } = await run('apt-get', command.split(' ').slice(1), { env });
  if (code !== 0)
    throw new PlainFailure(`${purpose} could not be installed with "${command}": ${tail(output, 2)}`);
}
