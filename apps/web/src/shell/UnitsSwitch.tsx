import { UNIT_SYSTEMS, type UnitSystem } from '@grevik/core';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useAppDispatch, useAppSelector } from '../store/store';
import { unitsChosen } from '../store/units-slice';

const WORDS: Record<UnitSystem, string> = { us: 'psi · in', metric: 'bar · DN' };

/** Turns every figure on the screen at once. What is stored stays as it is. */
export function UnitsSwitch() {
  const system = useAppSelector(({ units }) => units);
  const dispatch = useAppDispatch();
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={system}
      aria-label="Units"
      sx={{ marginLeft: 'auto' }}
      onChange={(_event, chosen: UnitSystem | null) => chosen && dispatch(unitsChosen(chosen))}
    >
      {UNIT_SYSTEMS.map((id) => (
        <ToggleButton key={id} value={id} aria-label={id === 'us' ? 'US customary units' : 'metric units'}>
          {WORDS[id]}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
