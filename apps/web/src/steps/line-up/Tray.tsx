import type { ModelView } from '@grevik/contracts';
import { type Duty, type HouseRuleSettings, modelWords, ruledOutByReason } from '@grevik/core';
import { memo, useState } from 'react';
import { useFigures } from '../../kit/useFigures';
import { translated, useWords } from '../../words';
import type { ModelColumn } from '../../kit/outlook/model-column';
import { WouldFit } from './WouldFit';
import { Reasons } from './Reasons';
import styles from './Tray.module.css';

interface TrayProps {
  duty: Duty;
  settings: HouseRuleSettings;
  tray: readonly ModelColumn[];
  /** What could serve, where a change leads to one of them. */
  columns: readonly ModelColumn[];
  otherSizes: readonly ModelView[];
  size: string;
}

/** What is ruled out stays in sight, grouped by its reason. */
export const Tray = memo(function Tray({ duty, settings, tray, columns, otherSizes, size }: TrayProps) {
  const words = useWords();
  if (tray.length + otherSizes.length === 0) return null;
  return (
    <section className={styles.tray} aria-label={words('lineUp.ruledOut')}>
      <h3>
        {tray.length > 0 ? words('lineUp.countOut', { count: tray.length }) : words('lineUp.otherSizes')}
      </h3>
      <ul>
        {ruledOutByReason(tray).map(({ rule, columns: out }) => (
          <Group key={rule} duty={duty} settings={settings} out={out} columns={columns} />
        ))}
        {otherSizes.length > 0 && (
          <li className={styles.sizes}>
            <details>
              <summary>{words('lineUp.notMade', { size, count: otherSizes.length })}</summary>
              {otherSizes.map((model) => modelWords(model).from).join(', ')}
            </details>
          </li>
        )}
      </ul>
    </section>
  );
});

type GroupProps = Pick<TrayProps, 'duty' | 'settings' | 'columns'> & { out: readonly ModelColumn[] };

/** All that one reason rules out: the reason once, and each model with what would make it fit. */
function Group({ duty, settings, columns, out }: GroupProps) {
  const words = useWords();
  const figures = useFigures();
  const first = out[0]?.reasons.find(({ verdict }) => verdict === 'out');
  return (
    <li>
      <b>{words('lineUp.models', { count: out.length })}</b> {first && figures.sentence(first.text)}
      <ul className={styles.models}>
        {out.map((column) => (
          <Out key={column.model.id} duty={duty} settings={settings} column={column} columns={columns} />
        ))}
      </ul>
    </li>
  );
}

/** One model that is out: opened, with all its reasons and the changes that would help. */
function Out({
  duty,
  settings,
  column,
  columns,
}: Pick<TrayProps, 'duty' | 'settings' | 'columns'> & { column: ModelColumn }) {
  const [isOpen, setOpen] = useState(false);
  const { name, from, details } = modelWords(column.model);
  return (
    <li title={translated(details)} data-model={from}>
      <details onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
        <summary>
          {translated(name)} · {from}
        </summary>
        <Reasons reasons={column.reasons.filter(({ verdict }) => verdict === 'out')} />
        {isOpen && <WouldFit duty={duty} settings={settings} column={column} columns={columns} />}
      </details>
    </li>
  );
}
