import { VALVE_TYPE_FACTS, modelWords } from '@grevik/core';
import { translated, useWords } from '../../words';
import styles from './BenchPage.module.css';
import { BARE_TYPES, type ValveOnBench } from './useBenchValve';

/** Which valve is on the bench: a model made in the size, or a bare type. */
export function ValveChoice({ choice, choose }: { choice: ValveOnBench; choose: (id: string) => void }) {
  const words = useWords();
  return (
    <label className={styles.valve}>
      {words('bench.valve')}
      <select value={choice.model?.id ?? choice.type} onChange={({ target }) => choose(target.value)}>
        {choice.models.map((model) => (
          <option key={model.id} value={model.id}>
            {modelWords(model).from}: {translated(modelWords(model).name)}
          </option>
        ))}
        {BARE_TYPES.map((type) => (
          <option key={type} value={type}>
            {words('bench.bareType', { type: translated(VALVE_TYPE_FACTS[type].words) })}
          </option>
        ))}
      </select>
    </label>
  );
}
