// Attacks a built server of its own, on loopback, as strangers, crowds and hard kills would: npm run attack -- [NAME ...] [--large]
// The crowd comes to an application that runs already with --at ADDRESS, as to one of several server processes.
import { build, installPackages } from './setup/installation.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';
import { ATTACKS } from './attack/attacks.mjs';
import { crowd } from './attack/crowd.mjs';
import { RunningServer } from './attack/running-server.mjs';

await endingPlainly(async () => {
  const given = process.argv.slice(2);
  const at = given.indexOf('--at');
  const [, address] = at < 0 ? [] : given.splice(at, 2);
  const names = given.filter((one) => one !== '--large');
  const unknown = names.find((name) => !(name in ATTACKS));
  if (unknown !== undefined)
    throw new PlainFailure(`"${unknown}" is no attack. There are ${Object.keys(ATTACKS).join(', ')}.`);
  if (address !== undefined) return tell(await crowd({ address }, given.includes('--large')));
  await installPackages();
  await build('core', 'server');
  /** @type {string[]} */
  const wrong = [];
  for (const [name, attack] of Object.entries(ATTACKS)) {
    if (names.length > 0 && !names.includes(name)) continue;
    console.log(`\n${name}`);
    const server = await RunningServer.open();
    try {
      wrong.push(...(await attack(server, given.includes('--large'))));
    } finally {
      await server.close();
    }
  }
  tell(wrong);
});

/** @param {readonly string[]} wrong */
function tell(wrong) {
  for (const one of wrong) console.log(one);
  console.log(wrong.length === 0 ? '\nNothing went wrong.' : `\n${wrong.length} went wrong.`);
  process.exitCode = wrong.length === 0 ? 0 : 1;
}
