import { UNIT_SYSTEMS, type UnitSystem } from '@grevik/core';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useAppDispatch, useAppSelector } from '../store/store';
import { unitsChosen } from '../store/units-slice';
import { useWords } from '../words';

/** Turns every figure on the screen at once. What is stored stays as it is. */
export function UnitsSwitch() {
  const system = useAppSelector(({ units }) => units);
  const dispatch = useAppDispatch();
  const words = useWords();
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={system}
      aria-label={words('units.label')}
      onChange={(_event, chosen: UnitSystem | null) => chosen && dispatch(unitsChosen(chosen))}
    >
      {UNIT_SYSTEMS.map((id) => (
        <ToggleButton key={id} value={id} aria-label={words(`units.${id}Long`)}>
          {words(`units.${id}`)}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
