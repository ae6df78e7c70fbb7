// Attacks a built server of its own, on loopback, as strangers, crowds and hard kills would: npm run attack -- [NAME ...] [--large]
import { build, installPackages } from './setup/installation.mjs';
import { PlainFailure, endingPlainly } from './setup/plain-failure.mjs';
import { ATTACKS } from './attack/attacks.mjs';
import { RunningServer } from './attack/running-server.mjs';

await endingPlainly(async () => {
  const given = process.argv.slice(2);
  const names = given.filter((one) => one !== '--large');
  const unknown = names.find((name) => !(name in ATTACKS));
  if (unknown !== undefined)
    throw new PlainFailure(`"${unknown}" is no attack. There are ${Object.keys(ATTACKS).join(', ')}.`);
  await installPackages();
  await build('core', 'server');
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
  for (const one of wrong) console.log(one);
  console.log(wrong.length === 0 ? '\nNothing went wrong.' : `\n${wrong.length} went wrong.`);
  process.exitCode = wrong.length === 0 ? 0 : 1;
});
