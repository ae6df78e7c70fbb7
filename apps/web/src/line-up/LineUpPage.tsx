import { ADVICE, type Duty, MEDIUM_FACTS, lineUp } from '@grevik/core';
import { useMemo, useState } from 'react';
import { DutyFacts } from '../duty/DutyFacts';
import { DutySentence } from '../duty/DutySentence';
import { Notice } from '../kit/Notice';
import { useFigures } from '../kit/useFigures';
import { furtherRemarks, shortName } from '../kit/position-name';
import { useLineFrame } from '../shell/useLineFrame';
import { ColumnTable, type ModelColumn } from './ColumnTable';
import { CurrentPick } from './CurrentPick';
import { HandleSlider } from './HandleSlider';
import styles from './LineUpPage.module.css';
import { PhoneBar } from './PhoneBar';
import { PickDialog } from './PickDialog';
import { Tray } from './Tray';
import { TypeList } from './TypeList';

/** The heart: what the position asks on the left, what could serve side by side, what is out below. */
export function LineUpPage() {
  const { line, position, models, sides, money } = useLineFrame();
  const figures = useFigures();
  const [picking, setPicking] = useState<ModelColumn>();
  const duty: Duty = useMemo(() => ({ ...position.duty, medium: line.medium }), [position.duty, line.medium]);
  const { columns, tray, otherSizes } = useMemo(() => lineUp(duty, models, sides), [duty, models, sides]);
  const size = figures.size(duty.dn);

  return (
    <div className={styles.screen}>
      <aside className={styles.duty}>
        <header>
          <span className={styles.tag}>
            {position.tag} · {size}
          </span>
          <h1>{shortName(position)}</h1>
          <p className={styles.remarks}>{furtherRemarks(position)}</p>
        </header>
        <DutySentence line={line} position={position} />
        <DutyFacts duty={duty} />
        <CurrentPick line={line} position={position} models={models} sides={sides} />
        <p className={styles.caution}>{MEDIUM_FACTS[line.medium].caution}</p>
      </aside>
      {models.length === 0 ? (
        <TypeList duty={duty} sides={sides} />
      ) : (
        <section aria-label="Line-up" className={styles.lineUp}>
          <HandleSlider />
          {columns.length === 0 ? (
            <Notice title="Nothing in the catalogue serves here">
              <p>
                Every valve in {size} is ruled out below, with its reason. Look at the duty again, or bring
                another valve into the catalogue.
              </p>
            </Notice>
          ) : (
            <ColumnTable
              duty={duty}
              columns={columns}
              pickedId={position.pick?.modelId}
              money={money}
              pick={setPicking}
            />
          )}
          <Tray tray={tray} otherSizes={otherSizes} size={size} />
          <p className={styles.method}>
            Drop: the rest of the line is taken as one fixed resistance that passes the duty’s flow. A figure
            from a sheet wins over the estimate. {ADVICE}
          </p>
        </section>
      )}
      <PhoneBar first={columns[0]} pick={setPicking} />
      {picking && (
        <PickDialog
          key={position.id}
          line={line}
          position={position}
          column={picking}
          close={() => setPicking(undefined)}
        />
      )}
    </div>
  );
}
