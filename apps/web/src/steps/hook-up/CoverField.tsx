import { Button } from '@mui/material';
import { useState } from 'react';
import { QuantityField } from '../../kit/QuantityField';
import { useFigures } from '../../kit/useFigures';
import { useWords } from '../../words';

interface CoverFieldProps {
  coverM: number | undefined;
  set: (coverM: number | undefined) => Promise<void>;
}

/** How deep a buried valve lies: it gives the extension its length. */
export function CoverField({ coverM, set }: CoverFieldProps) {
  const [isOpen, setOpen] = useState(false);
  const figures = useFigures();
  const words = useWords();
  const shown = coverM === undefined ? '' : figures.quantity(coverM, 'length');
  if (!isOpen)
    return (
      <Button size="small" variant="outlined" onClick={() => setOpen(true)}>
        {words('hookUp.cover')}: {shown === '' ? words('hookUp.coverUnknown') : shown}
      </Button>
    );
  return (
    <QuantityField
      optional
      label={words('hookUp.cover')}
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
