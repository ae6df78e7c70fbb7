import { MEDIUM_FACTS, isFuelGas } from '../../../ground/media/index.js';
import { type ValveType, familyOf } from '../../../ground/valves/index.js';
import { boreRatio } from '../open-kv.js';
import {
  type HouseRule,
  type Judgement,
  type OptionOf,
  type ReasonVerdict,
  type Rule,
  withOptions,
} from '../../duty/index.js';
import { shutsOff } from './shuts-off.js';

const COMPRESSION: readonly ValveType[] = ['compression-stop', 'compression-stop-angle'];

/** A judgement a house rule decided, with what the others hold. */
function decided<R extends HouseRule>(
  verdict: ReasonVerdict,
  claim: string,
  id: R,
  option: OptionOf<R>,
): Judgement {
  return { verdict, text: withOptions(claim, id, option), houseRule: id };
}

/** What a company prefers where nothing else decides. On the defaults none of them holds a valve back. */
export const OPTION_RULES: readonly Rule[] = [
  {
    id: 'stops-side',
    group: 'house',
    when: 'Stop under a fixture, by the house rule on stops.',
    concerns: (duty, type) => shutsOff(duty) && (type === 'quarter-turn-stop' || COMPRESSION.includes(type)),
    judge: (_duty, { type }, { stops }) => {
      const isQuarter = type === 'quarter-turn-stop';
      if (isQuarter !== (stops === 'quarter-turn')) return undefined;
      return isQuarter
        ? decided('supports', 'Its small ball closes in one move and needs no washer.', 'stops', stops)
        : decided('supports', 'It costs least, and a new washer renews it.', 'stops', stops);
    },
  },
  {
    id: 'gas-cock-side',
    group: 'house',
    when: 'Gas cock, where the house rule allows one type only.',
    concerns: ({ medium }, type) => isFuelGas(medium) && (type === 'ball' || type === 'butterfly-gas-cock'),
    judge: (_duty, { type }, settings) => {
      const option = settings['gas-cock'];
      const wanted = type === 'ball' ? 'ball' : 'butterfly';
      return option === 'either' || option === wanted
        ? undefined
        : decided('care', 'Not the type of gas cock the house rule allows.', 'gas-cock', option);
    },
  },
  {
    id: 'port-side',
    group: 'house',
    when: 'Port smaller than the pipe, where the house rule is full port only.',
    concerns: ({ medium }, type) => MEDIUM_FACTS[medium].family !== 'gas' && familyOf(type) === 'ball',
    judge: (duty, valve, { port }) => {
      if (port !== 'full' || valve.port === 'full' || valve.type === 'quarter-turn-stop') return undefined;
      const ratio = boreRatio(duty, valve);
      const isNarrow = ratio === undefined ? valve.port !== undefined : ratio < 1;
      return isNarrow ? decided('care', 'Its bore is smaller than the pipe’s.', 'port', port) : undefined;
    },
  },
  {
    id: 'riser-purge',
    group: 'house',
    when: 'Fuel gas, to purge.',
    concerns: ({ medium, function: asked }, type) =>
      isFuelGas(medium) && asked === 'purge' && familyOf(type) !== 'check',
    judge: (_duty, _valve, settings) => {
      const option = settings['riser-purge'];
      return option === 'sacrificial'
        ? decided(
            'supports',
            'It takes the wear from the grit of the purge; the valve that must shut off for decades stays clean.',
            'riser-purge',
            option,
          )
        : decided('care', 'The house rule is to purge through the permanent valve.', 'riser-purge', option);
    },
  },
];
