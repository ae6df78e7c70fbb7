import { MEDIUM_FACTS, isFuelGas, isSteam } from '../../../ground/media/index.js';
import {
  type Approval,
  type ValveType,
  familyOf,
  isCheck,
  valveTypeFacts,
} from '../../../ground/valves/index.js';
import { allowablePressurePa, ratingTable } from '../../../physics/rating/index.js';
import { type Candidate, type Duty, type Rule, ask, care, ruledOut } from '../../duty/index.js';
import { serviceCell } from '../service-table.js';
import { shutsOff } from './shuts-off.js';

/** Approval that a valve carries for a service. */
const approvalFor = ({ medium }: Duty): Approval | undefined =>
  isFuelGas(medium) ? 'gas' : isSteam(medium) ? 'steam' : medium === 'fire-water' ? 'fire' : undefined;

/**
 * Whether its own rating reaches the steam: undefined where the rating or the temperature is not known.
 *
 * @example
 * reachesSteam({ medium: 'steam-low', temperatureC: 110, ... }, { type: 'ball', ratingId: 'body-brass-600cwp' }) // true
 */
export function reachesSteam(
  { medium, temperatureC }: Duty,
  { ratingId, points }: Candidate,
): boolean | undefined {
  const rated = points ?? (ratingId && ratingTable(ratingId).points);
  return rated && allowablePressurePa(rated, temperatureC ?? MEDIUM_FACTS[medium].rangeC[1]) !== undefined;
}

const judgedByService = (duty: Duty, type: ValveType): boolean =>
  duty.function === 'non-return'
    ? isCheck(type)
    : ['isolate', 'emergency-shutoff', 'throttle', 'divert', 'purge'].includes(duty.function) &&
      !isCheck(type);

/** What each type is made for, in service and size. */
export const SERVICE_RULES: readonly Rule[] = [
  {
    id: 'type-medium',
    group: 'function',
    when: 'Every type, by what flows.',
    source: 'What the trade’s catalogs and the standards of each type are made for.',
    concerns: (duty, type) =>
      judgedByService(duty, type) && serviceCell(type, duty.medium, duty.dn)?.is !== undefined,
    judge: (duty, valve, _settings, isGeneric) => {
      const { medium, dn, existing } = duty;
      const cell = serviceCell(valve.type, medium, dn);
      if (!cell) return undefined;
      const { words } = MEDIUM_FACTS[medium];
      if (cell.is === 'out') return ruledOut(cell.why ?? `This type is not made for ${words}.`);
      if (cell.carries) {
        const approval = approvalFor(duty);
        const carries =
          (approval !== undefined && (valve.approvals?.includes(approval) ?? false)) ||
          (isSteam(medium) && reachesSteam(duty, valve) === true);
        if (isGeneric)
          return care(`On ${words} only with an approval or a rating for it. ${cell.why ?? ''}`.trim());
        const isKnown = valve.approvals !== undefined;
        if (!carries && isKnown && !existing)
          return ruledOut(`This type needs an approval or a rating for ${words}, and this valve has none.`);
      }
      return cell.is === 'care' ? care(cell.why ?? '') : undefined;
    },
  },
  {
    id: 'type-size',
    group: 'function',
    when: 'A size the type is not usually made in.',
    source: 'The sizes each type is usually made in.',
    concerns: ({ dn }, type) => {
      const [from, to] = valveTypeFacts(type).madeDn;
      return dn < from || dn > to;
    },
    judge: ({ dn }, { type }, _settings, isGeneric) => {
      const size = dn < valveTypeFacts(type).madeDn[0] ? 'small' : 'large';
      return isGeneric
        ? ruledOut(`This type is not made in so ${size} a size.`)
        : care(`This type is not usually made in so ${size} a size: check the maker’s sheet.`);
    },
  },
  {
    id: 'three-way-open',
    group: 'function',
    when: 'Three-way valve, to shut off.',
    concerns: (duty, type) => shutsOff(duty) && (type === 'ball-3-way' || type === 'plug-3-way'),
    judge: () => ruledOut('A three-way valve diverts: one port always stays open, so it shuts nothing off.'),
  },
  {
    id: 'steam-rating',
    group: 'medium-and-material',
    when: 'A valve on steam without an approval or a rating for steam.',
    concerns: ({ medium }) => isSteam(medium),
    judge: (duty, valve) => {
      const { approvals, type } = valve;
      if (approvals?.includes('steam')) return undefined;
      if (approvals?.includes('gas') && familyOf(type) === 'ball')
        return ruledOut('A ball valve approved for gas and not for steam: its seats are made for cold gas.');
      const reaches = reachesSteam(duty, valve);
      if (reaches === true) return undefined;
      if (approvals === undefined)
        return ask('approvals', 'Is it approved for steam? Read its tag for a steam rating (WSP or SWP).');
      return care(
        'It carries no approval for steam and no rating at this temperature: ask the maker for its steam rating.',
      );
    },
  },
];
