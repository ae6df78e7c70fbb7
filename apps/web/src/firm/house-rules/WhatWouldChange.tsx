import type { JobView } from '@grevik/contracts';
import {
  HOUSE_RULES,
  type HouseRule,
  type HouseRuleSettings,
  type Placed,
  type Switched,
  modelWords,
  whatIf,
} from '@grevik/core';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCatalogueQuery } from '../../store/api';
import { useJobWalkQuery } from '../../store/walk-api';
import { useWords } from '../../words';
import styles from './HouseRulesPage.module.css';

/** For each other side of a rule: how many positions of a job would be judged otherwise, and which. Worked out when it is opened. */
export function WhatWouldChange({
  job,
  rule,
  sides,
}: {
  job: JobView;
  rule: HouseRule;
  sides: HouseRuleSettings;
}) {
  const [isOpen, setIsOpen] = useState(false);
  const words = useWords();
  return (
    <details className={styles.change} onToggle={({ currentTarget }) => setIsOpen(currentTarget.open)}>
      <summary>{words('houseRules.whatIf', { job: job.name })}</summary>
      {isOpen && <Changes job={job} rule={rule} sides={sides} />}
    </details>
  );
}

function Changes({ job, rule, sides }: { job: JobView; rule: HouseRule; sides: HouseRuleSettings }) {
  const { data: walk } = useJobWalkQuery(job.id);
  const { data: models } = useCatalogueQuery();
  const words = useWords();
  const others = useMemo(
    () =>
      Object.entries(HOUSE_RULES[rule].sides as Record<string, string>).filter(
        ([side]) => side !== sides[rule],
      ),
    [rule, sides],
  );
  const changes = useMemo(() => {
    if (!walk || !models) return undefined;
    const placed = walk.lines.flatMap(({ positions, medium }) =>
      positions.map(({ id, duty, pick }): Placed => ({
        id,
        duty: { ...duty, medium },
        pickedId: pick?.modelId,
      })),
    );
    const offered = models.filter(({ retired }) => !retired);
    return others.map(([side, says]) => ({
      says,
      moved: whatIf(placed, offered, sides, { ...sides, [rule]: side } as HouseRuleSettings),
    }));
  }, [walk, models, others, rule, sides]);
  if (!changes || !walk || !models) return <p>{words('houseRules.working')}</p>;
  const lineOf = new Map(
    walk.lines.flatMap((line) => line.positions.map((at) => [at.id, { line, at }] as const)),
  );
  const nameOf = (id: string | undefined): string => {
    const model = models.find((of) => of.id === id);
    return model ? modelWords(model).from : words('houseRules.noModel');
  };
  const say = ({ pick, first }: Switched): string =>
    [
      pick &&
        words('houseRules.pickMoves', {
          model: nameOf(pick.modelId),
          before: words(`verdicts.${pick.before}`),
          after: words(`verdicts.${pick.after}`),
        }),
      first && words('houseRules.firstMoves', { before: nameOf(first.before), after: nameOf(first.after) }),
    ]
      .filter(Boolean)
      .join('; ');
  return changes.map(({ says, moved }) => (
    <div key={says}>
      <p>
        <b>{says}</b> {words('houseRules.moves', { count: moved.length })}
      </p>
      <ul>
        {moved.map((one) => {
          const found = lineOf.get(one.id);
          return (
            found && (
              <li key={one.id}>
                <Link
                  to={`/jobs/${job.id}/lines/${found.line.id}/line-up/${encodeURIComponent(found.at.tag)}`}
                >
                  {found.at.tag}
                </Link>{' '}
                {say(one)}
              </li>
            )
          );
        })}
      </ul>
    </div>
  ));
}
