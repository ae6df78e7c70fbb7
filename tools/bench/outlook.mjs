// Until when, what to ask, what would help: beside the line-up they belong to.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as core from '@grevik/core';
import { ROOT } from '../setup/installation.mjs';
import { median, report } from './measure.mjs';

/** @type {import('@grevik/core').CatalogueModel[]} */
const models = JSON.parse(readFileSync(join(ROOT, 'apps/server/demo-data/catalogue.json'), 'utf8'));
/** @type {import('@grevik/core').Duty} */
const duty = {
  function: 'isolate',
  medium: 'potable-cold',
  dn: 20,
  pressurePa: 517107,
  temperatureC: 10,
  flowM3s: 5e-4,
  pipe: { material: 'copper', lengthUpstreamM: 19 },
  startsPerHour: 2,
  operatedPerYear: 1,
  closureTimeS: 0.5,
  headroomM: 1,
  distanceToApplianceM: 2,
  differentialPa: 5e4,
  surgeLimitPa: 1.2e6,
};
const candidates = models.slice(0, 65).flatMap((model) => {
  const size = model.sizes.find(({ dn }) => dn === duty.dn) ?? model.sizes[0];
  return size ? [core.candidateOf(model, size)] : [];
});
const fresh = () => ({ ...duty });
const judging = await median(() => core.select(fresh(), candidates));
report(
  `margins of ${candidates.length} models with every fact`,
  await median(() => core.margins(fresh(), candidates)),
  'select',
  judging,
);
const open = () => core.openQuestions({ function: 'isolate', medium: 'potable-cold', dn: 20 }, candidates);
report('open questions of the same', await median(open), 'select', judging);
const [first] = candidates;
if (first)
  report(
    'remedies for one of them',
    await median(() => core.remedies(fresh(), { ...first, approvals: [] })),
    'select',
    judging,
  );
