import type { Candidate, Duty } from '../../index.js';
import type { Claim } from './claim.js';

const back = { function: 'non-return' } as const;
const level = { ...back, orientation: 'horizontal' } as const;
const rising = { ...back, orientation: 'vertical-up' } as const;
const falling = { ...back, orientation: 'vertical-down' } as const;
const sewage = { ...back, medium: 'raw-sewage', dn: 100, temperatureC: 15 } as const;
const effluent = { ...sewage, medium: 'screened-effluent', solids: 'none' } as const;
const inline = { type: 'check-spring-inline' } as const;
const swing = { type: 'check-swing' } as const;
const spring = { type: 'check-swing-spring' } as const;
const ball = { type: 'check-ball' } as const;
const flow = (flowM3s: number, dn = 100): Partial<Duty> => ({ flowM3s, dn, pipe: { material: 'steel' } });

/** What the rules on checks say. */
export const CHECK_CLAIMS: readonly Claim[] = [
  ['swing-orientation', falling, swing, 'out'],
  ['swing-orientation', falling, { type: 'check-swing-weighted' }, 'out'],
  ['swing-orientation', falling, { type: 'check-tilting' }, 'out'],
  ['swing-orientation', falling, spring, undefined],
  ['swing-orientation', level, swing, 'advice'],
  ['swing-orientation', rising, swing, 'advice'],
  ['unknown-orientation', back, swing, 'care'],
  ['unknown-orientation', back, { type: 'check-lift-vertical' }, 'care'],
  ['unknown-orientation', back, { type: 'check-ball' }, 'care'],
  ['unknown-orientation', back, spring, undefined],
  ['swing-intermittent', { ...level, flowPattern: 'intermittent' }, swing, 'care'],
  ['swing-intermittent', { ...level, flowPattern: 'pulsating' }, swing, 'out'],
  ['swing-intermittent', { ...level, flowPattern: 'intermittent', startsPerHour: 7 }, swing, 'out'],
  ['swing-intermittent', { ...level, startsPerHour: 6 }, swing, undefined],
  ['swing-intermittent', { ...level, flowPattern: 'pulsating' }, spring, undefined],
  ['lift-orientation', rising, { type: 'check-lift-horizontal' }, 'out'],
  ['lift-orientation', level, { type: 'check-lift-horizontal' }, undefined],
  ['lift-orientation', level, { type: 'check-lift-vertical' }, 'out'],
  ['lift-orientation', falling, { type: 'check-lift-vertical' }, 'out'],
  ['lift-orientation', rising, { type: 'check-lift-vertical' }, undefined],
  ['ball-orientation', falling, ball, 'out'],
  ['ball-orientation', rising, ball, undefined],
  ['spring-any-position', level, inline, 'supports'],
  ['spring-any-position', { ...falling, flowPattern: 'intermittent' }, spring, 'supports'],
  ['spring-any-position', rising, spring, undefined],
  ['spring-any-position', { ...level, solids: 'grit' }, inline, undefined],
  ['spring-no-need-vertical', rising, spring, 'advice'],
  ['spring-no-need-vertical', { ...rising, startsPerHour: 3 }, spring, undefined],
  ['inline-solids', sewage, inline, 'out'],
  ['inline-solids', { ...back, solids: 'grit' }, inline, 'out'],
  ['inline-solids', { ...effluent, pressurePa: 4e5 }, inline, 'supports'],
  ['inline-solids', { ...effluent, pressurePa: 2e5 }, inline, undefined],
  ['inline-solids', { ...effluent, solids: 'stringy' }, inline, 'out'],
  ['ball-self-cleaning', { ...back, solids: 'scale-sediment' }, ball, 'supports'],
  ['ball-self-cleaning', back, ball, undefined],
  ['ball-sewage', sewage, ball, 'care'],
  ['ball-sewage', effluent, ball, undefined],
  ['flapper-sewage-velocity', { ...sewage, ...flow(0.03) }, swing, 'care'],
  ['flapper-sewage-velocity', { ...sewage, ...flow(0.02) }, swing, undefined],
  ['flapper-sewage-velocity', { ...back, ...flow(0.03) }, swing, undefined],
  ['dual-plate-solids', { ...back, solids: 'scale-sediment' }, { type: 'check-dual-plate' }, 'out'],
  ['dual-plate-solids', sewage, { type: 'check-dual-plate' }, 'out'],
  ['dual-plate-solids', back, { type: 'check-dual-plate' }, undefined],
  ['check-velocity', { ...back, ...flow(0.005) }, swing, 'care'],
  ['check-velocity', { ...back, ...flow(0.02) }, swing, undefined],
  ['check-velocity', back, swing, undefined],
  ['check-velocity', { ...back, ...flow(0.005), medium: 'compressed-air' }, swing, undefined],
  ['large-line-close-fast', { ...sewage, dn: 150 }, swing, 'care'],
  ['large-line-close-fast', { ...sewage, dn: 150 }, { type: 'check-swing-weighted' }, 'supports'],
  ['large-line-close-fast', { ...sewage, pipe: { material: 'hdpe', lengthUpstreamM: 240 } }, swing, 'care'],
  ['large-line-close-fast', sewage, swing, undefined],
  ['check-inspect', back, ball, 'advice'],
  ['check-solids', { ...back, solids: 'grit' }, swing, 'care'],
  ['check-solids', { ...back, solids: 'scale-sediment' }, { type: 'check-tilting' }, 'care'],
  ['check-solids', { ...back, solids: 'stringy' }, swing, undefined],
  ['ball-self-cleaning', { ...back, solids: 'grit' }, ball, 'care'],
  ['ball-self-cleaning', { ...sewage, solids: 'scale-sediment' }, ball, undefined],
  ['flapper-sewage-side', { ...sewage, dn: 100 }, swing, 'supports'],
  ['flapper-sewage-side', { ...sewage, dn: 150 }, swing, undefined],
  ['check-inspect', {}, {}, undefined],
] satisfies readonly [string, Partial<Duty>, Partial<Candidate>, Claim[3]][];
