import type { JobWalkView, LineView, ModelView, PositionView } from '@grevik/contracts';
import {
  type Draw,
  type DrillLevel,
  type HouseRuleSettings,
  type Network,
  type ShownKind,
  drawFrom,
  isCheck,
  isolate,
  positionDrill,
  upstreamValve,
  walkedLine,
} from '@grevik/core';
import { words } from '../../words';
import type { ShownDrill } from './drill-to-take';

/** Links of a line that can still be looked over on a phone. */
const MOST_LINKS = 60;
const TRIES = 40;

interface RealJob {
  job: JobWalkView;
  models: readonly ModelView[];
  settings: HouseRuleSettings;
  now: Date;
}

/**
 * A drill about a line or a position of a job, as it stands and as it was found.
 *
 * @param real the job with its lines, the catalogue and the house rules
 * @param of   what is asked, at which level, drawn from which seed
 * @returns undefined where the job has nothing of the kind
 */
export function realDrill(
  real: RealJob,
  { kind, level, seed }: { kind: ShownKind; level: DrillLevel; seed: number },
): ShownDrill | undefined {
  const draw = drawFrom(`${kind} ${real.job.id} ${seed}`);
  for (let tries = 0; tries < TRIES; tries += 1) {
    const line = draw.of(real.job.lines.filter(({ positions }) => positions.length > 0));
    const made = line && ASKED[kind](real, line, draw);
    if (made) return { kind, level, ...made };
  }
  return undefined;
}

type Made = Pick<ShownDrill, 'shown' | 'wayThere'> | undefined;

const ASKED: Readonly<Record<ShownKind, (real: RealJob, line: LineView, draw: Draw) => Made>> = {
  'which-valve': (real, line, draw) => choose(real, line, draw, false),
  'which-check': (real, line, draw) => choose(real, line, draw, true),
  'what-to-close': close,
  'touch-it-or-not': touch,
};

const at = (line: LineView, { tag }: PositionView, step: string): string =>
  `/jobs/${line.jobId}/lines/${line.id}/${step}/${encodeURIComponent(tag)}`;

function choose({ models, settings }: RealJob, line: LineView, draw: Draw, checks: boolean): Made {
  const position = draw.of(
    line.positions.filter(({ duty }) => (duty.function === 'non-return') === checks),
  ) as PositionView | undefined;
  if (!position) return undefined;
  const offered = models.filter(({ retired }) => !retired);
  const shown = positionDrill({ ...position.duty, medium: line.medium }, offered, settings, position.tag);
  return (
    shown && {
      shown,
      wayThere: {
        to: at(line, position, 'line-up'),
        words: words('drills.show.line', { tag: position.tag }),
      },
    }
  );
}

function touch({ settings, now }: RealJob, line: LineView, draw: Draw): Made {
  const known = line.positions.filter(
    ({ condition: { type } }) => type !== undefined && type !== 'nothing' && !isCheck(type),
  );
  const position = draw.of(known) as PositionView | undefined;
  if (!position) return undefined;
  const walked = walkedLine({ items: line.walk.items, positions: line.positions }, settings, now);
  const item = line.walk.items.find(({ positionId }) => positionId === position.id);
  const upstream = item && upstreamValve(walked.network, item.id);
  const tag = upstream === undefined ? undefined : walked.positionOf(walked.itemOf.get(upstream))?.tag;
  const { type, turning, turnedAt } = position.condition;
  return {
    shown: {
      place: {
        duty: { function: position.duty.function, dn: position.duty.dn, medium: line.medium },
        condition: { type, ...(turning && { turning }), ...(turnedAt !== undefined && { turnedAt }) },
        ...(tag !== undefined && { upstream: tag }),
      },
      now: now.toISOString(),
    },
    wayThere: { to: at(line, position, 'log'), words: words('drills.show.line', { tag: position.tag }) },
  };
}

function close({ settings, now }: RealJob, line: LineView, draw: Draw): Made {
  const walked = walkedLine({ items: line.walk.items, positions: line.positions }, settings, now);
  if (walked.network.links.length > MOST_LINKS) return undefined;
  const names = new Map<string, string>();
  const taken = new Set<string>();
  line.walk.items.forEach((item, place) => {
    const own = walked.positionOf(item)?.tag ?? (item.kind === 'run' ? undefined : item.name);
    const name = own === undefined || taken.has(own) ? `${own ?? item.kind} ${place + 1}` : own;
    taken.add(name);
    names.set(item.id, name);
  });
  const named = (id: string): string => names.get(id) ?? id;
  const network: Network = {
    nodes: walked.network.nodes.map((node) => ({ ...node, id: named(node.id) })),
    links: walked.network.links.map((link) => ({
      ...link,
      id: named(link.id),
      from: named(link.from),
      to: named(link.to),
    })),
  };
  const pipe = draw.of(network.links.filter(({ kind }) => kind === 'pipe')) as { id: string } | undefined;
  if (!pipe) return undefined;
  const { close: closed, impossible } = isolate(network, { link: pipe.id });
  if (impossible || closed.length === 0) return undefined;
  return {
    shown: { network, fault: { link: pipe.id } },
    wayThere: {
      to: `/jobs/${line.jobId}/lines/${line.id}/walk`,
      words: words('drills.show.walk', { line: line.name }),
    },
  };
}
