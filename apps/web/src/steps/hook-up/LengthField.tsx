import { Button } from '@mui/material';
import { useState } from 'react';
import { QuantityField } from '../../kit/QuantityField';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';

interface LengthFieldProps {
  label: string;
  lengthM: number | undefined;
  disabled?: boolean;
  set: (lengthM: number | undefined) => Promise<void>;
}

/** A length measured on site: shown on a button, typed when it is tapped. */
export function LengthField({ label, lengthM, disabled = false, set }: LengthFieldProps) {
  const [isOpen, setOpen] = useState(false);
  const figures = useFigures();
  const words = useWords();
  const shown = lengthM === undefined ? '' : figures.quantity(lengthM, 'length');
  if (!isOpen)
    return (
      <Button size="small" variant="outlined" disabled={disabled} onClick={() => setOpen(true)}>
        {label}: {shown === '' ? words('hookUp.notMeasured') : shown}
      </Button>
    );
  return (
    <QuantityField
      optional
      label={label}
      quantity="length"
      shown={shown}
      save={async (next) => {
        await set(next);
        return undefined;
      }}
      close={() => setOpen(false)}
    />
  );
}
