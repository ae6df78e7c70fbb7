import type { JobName } from '@grevik/contracts';
import {
  HOUSE_RULES,
  type HouseRule,
  type HouseRuleSettings,
  type Placed,
  type Switched,
  modelWords,
} from '@grevik/core';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useCatalogueQuery } from '../../store/api';
import { useJobWalkQuery } from '../../store/walk-api';
import { translated, useWords } from '../../words';
import { countChanges } from './count-changes';
import styles from './HouseRulesPage.module.css';

interface WhatWouldChangeProps {
  job: JobName;
  rule: HouseRule;
  settings: HouseRuleSettings;
}

interface Change {
  says: string;
  moved: Switched[];
}

/** For each other option of a rule: how many positions of a job would be judged otherwise, and which. */
export function WhatWouldChange({ job, rule, settings }: WhatWouldChangeProps) {
  const words = useWords();
  return (
    <section className={styles.change}>
      <h3>{words('houseRules.whatIf', { job: job.name })}</h3>
      <Changes job={job} rule={rule} settings={settings} />
    </section>
  );
}

function Changes({ job, rule, settings }: WhatWouldChangeProps) {
  const { data: walk } = useJobWalkQuery(job.id);
  const { data: models } = useCatalogueQuery();
  const words = useWords();
  const [changes, setChanges] = useState<Change[]>();
  useEffect(() => {
    if (!walk || !models) return undefined;
    let isWanted = true;
    const placed = walk.lines.flatMap(({ positions, medium }) =>
      positions.map(({ id, duty, pick }): Placed => ({
        id,
        duty: { ...duty, medium },
        pickedId: pick?.modelId,
      })),
    );
    const offered = models.filter(({ retired }) => !retired);
    const others = Object.entries(HOUSE_RULES[rule].options as Record<string, string>).filter(
      ([option]) => option !== settings[rule],
    );
    void Promise.all(
      others.map(async ([option, says]) => ({
        says,
        moved: await countChanges(placed, offered, settings, {
          ...settings,
          [rule]: option,
        } as HouseRuleSettings),
      })),
    ).then((counted) => isWanted && setChanges(counted));
    return () => {
      isWanted = false;
    };
  }, [walk, models, rule, settings]);
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
        <b>{translated(says)}</b> {words('houseRules.moves', { count: moved.length })}
      </p>
      {moved.length > 0 && (
        <details>
          <summary>{words('houseRules.which')}</summary>
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
        </details>
      )}
    </div>
  ));
}
