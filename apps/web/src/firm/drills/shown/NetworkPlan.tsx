import type { Network, NetworkLink } from '@grevik/core';
import { useEffect, useMemo, useRef } from 'react';
import { Loading } from '../../../kit/Notice';
import type { PlanGraph } from '../../../kit/plan/plan-graph';
import { usePlanLayout } from '../../../kit/plan/usePlanLayout';
import { useWords } from '../../../words';
import styles from '../Drills.module.css';

interface NetworkPlanProps {
  network: Network;
  burst: string;
  closed: readonly string[];
  toggle: (id: string) => void;
}

const LEAST_SCALE = 0.75;
const LONGEST_NAME = 14;

/** A line drawn from its network: valves are tapped, and the burst is marked. The list beside it says the same. */
export function NetworkPlan({ network, burst, closed, toggle }: NetworkPlanProps) {
  const words = useWords();
  const graph = useMemo(() => graphOf(network), [network]);
  const laid = usePlanLayout(graph);
  const links = useMemo(() => new Map(network.links.map((link) => [valvePlace(link), link])), [network]);
  const mark = useRef<SVGGElement>(null);
  useEffect(() => {
    // What it gives back is no clean-up.
    mark.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [laid]);
  if (!laid || laid.graph !== graph) return <Loading what={words('drills.plan')} />;
  const { layout } = laid;
  return (
    <div className={styles.plan} role="region" aria-label={words('drills.plan')} tabIndex={0}>
      <svg
        aria-hidden="true"
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        style={{ minWidth: layout.width * LEAST_SCALE, maxWidth: layout.width * 1.4 }}
      >
        {graph.pipes.map(({ id, from, to }) => {
          const [a, b] = [layout.at[from], layout.at[to]];
          if (!a || !b) return null;
          return (
            <g key={id}>
              <path d={layout.laid[id]} className={styles.pipe} />
              <path d={layout.laid[id]} className={styles.inside} />
              {id === `pipe ${burst}` && (
                <g ref={mark} transform={`translate(${(a.x + b.x) / 2} ${(a.y + b.y) / 2})`}>
                  <circle r="12" className={styles.burst} />
                  <path d="M-6-6 6 6M6-6-6 6" className={styles.burstMark} />
                </g>
              )}
            </g>
          );
        })}
        {graph.places.map((id, place) => {
          const at = layout.at[id];
          if (!at) return null;
          const link = links.get(id);
          return (
            <g key={id} transform={`translate(${at.x} ${at.y})`}>
              {link ? (
                <Valve link={link} isChosen={closed.includes(link.id)} toggle={() => toggle(link.id)} />
              ) : (
                <Node
                  id={id}
                  kind={graph.kinds[place]}
                  isNamed={!links.has(valvePlace({ id: id.slice(NODE.length) }))}
                />
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}

function Valve({
  link: { id, kind, state = 'works' },
  isChosen,
  toggle,
}: {
  link: NetworkLink;
  isChosen: boolean;
  toggle: () => void;
}) {
  const words = useWords();
  if (kind === 'check') return <path d="M-12-9v18M-12 9 12-9v18M12 0H3" className={styles.valve} />;
  return (
    <g data-chosen={isChosen} onClick={toggle}>
      <path d="M-13-9v18l13-9zM13-9v18L0 0z" className={styles.valve} />
      {state !== 'works' && <path d="M-15-12 15 12M15-12-15 12" className={styles.cross} />}
      <text y="-15">{id}</text>
      {state !== 'works' && <text y="27">{words(`drills.states.${state}`)}</text>}
      <rect x="-26" y="-26" width="52" height="52" className={styles.valveHit} />
    </g>
  );
}

interface NodeProps {
  id: string;
  kind: PlanGraph['kinds'][number] | undefined;
  /** The end of a valve is called as the valve is. */
  isNamed: boolean;
}

function Node({ id, kind, isNamed }: NodeProps) {
  const name = id.slice(NODE.length);
  const short = name.length <= LONGEST_NAME ? name : `${name.slice(0, LONGEST_NAME - 1)}…`;
  if (kind === 'source')
    return (
      <>
        <circle r="12" className={styles.valve} />
        <text y="27">{short}</text>
      </>
    );
  if (kind === 'fixture')
    return (
      <>
        <rect x="-45" y="-12" width="90" height="24" className={styles.box} />
        <text y="4">{short}</text>
      </>
    );
  return (
    <>
      <circle r="3" className={styles.valve} />
      {isNamed && (
        <text y="20" className={styles.junction}>
          {short}
        </text>
      )}
    </>
  );
}

const NODE = 'node ';
const valvePlace = ({ id }: Pick<NetworkLink, 'id'>): string => `valve ${id}`;

/** Nodes and valves are places, with pipe between them. */
function graphOf({ nodes, links }: Network): PlanGraph {
  const graph: PlanGraph = { places: [], kinds: [], pipes: [] };
  for (const { id, kind } of nodes) {
    graph.places.push(`${NODE}${id}`);
    graph.kinds.push(kind === 'source' ? 'source' : kind === 'user' ? 'fixture' : 'tee');
  }
  const pipe = (id: string, from: string, to: string): void =>
    void graph.pipes.push({ id, from, to, runs: [] });
  for (const link of links) {
    const [from, to] = [`${NODE}${link.from}`, `${NODE}${link.to}`];
    if (link.kind === 'pipe') pipe(`pipe ${link.id}`, from, to);
    else {
      const place = valvePlace(link);
      graph.places.push(place);
      graph.kinds.push('valve');
      pipe(`to ${link.id}`, from, place);
      pipe(`after ${link.id}`, place, to);
    }
  }
  return graph;
}
