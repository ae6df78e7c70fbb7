import { STANDARD_WEIGHTS, WEIGHTED } from '@grevik/core';
import { Button, Popover, Slider } from '@mui/material';
import { useState } from 'react';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { weighed } from '../../store/weights-slice';
import { useWords } from '../../words';
import styles from './WeightsButton.module.css';

/** What counts how much in the order of the columns, which follow as the weights move. */
export function WeightsButton() {
  const weights = useAppSelector((state) => state.weights);
  const dispatch = useAppDispatch();
  const words = useWords();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const isStandard = WEIGHTED.every((part) => weights[part] === STANDARD_WEIGHTS[part]);
  return (
    <>
      <Button
        size="small"
        className="no-print"
        color={isStandard ? 'primary' : 'secondary'}
        aria-haspopup="dialog"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {words('weights.button')}
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'right' }}
        transformOrigin={{ vertical: 'top', horizontal: 'right' }}
        slotProps={{ paper: { role: 'dialog', 'aria-label': words('weights.title') } }}
      >
        <div className={styles.weights}>
          <h3>{words('weights.title')}</h3>
          {WEIGHTED.map((part) => (
            <label key={part}>
              {words(`weights.${part}`)}
              <Slider
                size="small"
                value={weights[part]}
                valueLabelDisplay="auto"
                aria-label={words(`weights.${part}`)}
                onChange={(_event, value) => dispatch(weighed({ [part]: Number(value) }))}
              />
            </label>
          ))}
          <p>{words('weights.body')}</p>
          <Button
            size="small"
            variant="outlined"
            disabled={isStandard}
            onClick={() => dispatch(weighed(STANDARD_WEIGHTS))}
          >
            {words('weights.standard')}
          </Button>
        </div>
      </Popover>
    </>
  );
}
