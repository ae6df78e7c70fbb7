import { isFuelGas, isPotable } from '../../../ground/media/index.js';
import { isManyTurn } from '../../../ground/valves/index.js';
import { type Rule, ask, care, ruledOut } from '../../duty/index.js';
import { isSnapHandle, showsPosition } from './position-shown.js';
import { shutsOff } from './shuts-off.js';

const LEAST_FIRE_CLOSING_S = 5;

/** Is it approved and listed for the service. */
export const APPROVAL_RULES: readonly Rule[] = [
  {
    id: 'potable-approval',
    group: 'medium-and-material',
    when: 'Drinking water.',
    concerns: ({ medium }) => isPotable(medium),
    judge: (_duty, { approvals }) => {
      if (!approvals) return ask('approvals', 'Is it marked for drinking water (NSF/ANSI 61 and 372)?');
      return approvals.includes('potable')
        ? undefined
        : ruledOut('Not approved for drinking water (NSF/ANSI 61 and 372).');
    },
  },
  {
    id: 'gas-approval',
    group: 'medium-and-material',
    when: 'Fuel gas.',
    concerns: ({ medium }) => isFuelGas(medium),
    judge: ({ existing }, { approvals }) => {
      if (!approvals)
        return ask('approvals', 'Is it marked for gas (ANSI Z21.15/CSA 9.1 or ASME B16.33/B16.44)?');
      if (approvals.includes('gas')) return undefined;
      return existing
        ? care('Existing valve without a gas approval: test it for leaks and plan its replacement.')
        : ruledOut('Not approved for gas (ANSI Z21.15/CSA 9.1 or ASME B16.33/B16.44).');
    },
  },
  {
    id: 'fire-indicating',
    group: 'medium-and-material',
    when: 'Shut-off on a sprinkler line, not in the ground: listed, indicating, lockable or supervised, and slow.',
    concerns: (duty) => duty.medium === 'fire-water' && shutsOff(duty) && duty.place !== 'buried',
    judge: (_duty, valve) => {
      const { approvals, closeTimeS, listedIndicating, type } = valve;
      const snap = isSnapHandle(valve);
      if (approvals && !approvals.includes('fire')) return ruledOut('Not listed for fire protection.');
      if (snap === true)
        return ruledOut(
          'A bare quarter-turn handle can be knocked closed unseen and closes too fast: use only a listed, geared indicating valve.',
        );
      if (closeTimeS !== undefined && closeTimeS < LEAST_FIRE_CLOSING_S) {
        return ruledOut('It closes too fast for a sprinkler line.', {
          value: closeTimeS,
          limit: LEAST_FIRE_CLOSING_S,
          unit: 's',
        });
      }
      const shows = isManyTurn(type) ? showsPosition(valve) : listedIndicating;
      if (shows === false)
        return ruledOut('Its position does not show: nobody would see a closed sprinkler valve.');
      if (!approvals) return ask('approvals', 'Is it listed for fire protection?');
      if (shows === undefined)
        return isManyTurn(type)
          ? ask('stem', 'Does the stem rise outside, so that its position shows?')
          : ask('listedIndicating', 'Is it listed as indicating and supervised?');
      return snap === undefined
        ? ask('operator', 'Which operator does it have? It must take at least five seconds to close.')
        : undefined;
    },
  },
];
