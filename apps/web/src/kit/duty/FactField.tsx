import type { FactOrigin, Quantity } from '@grevik/core';
import { ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useState } from 'react';
import { useWords } from '../../words';
import { QuantityField } from '../QuantityField';

const TYPED = ['measured', 'said', 'assumed'] as const satisfies readonly FactOrigin[];
type Typed = (typeof TYPED)[number];
const isTyped = (origin: FactOrigin | undefined): origin is Typed =>
  origin !== undefined && (TYPED as readonly FactOrigin[]).includes(origin);

interface FactFieldProps {
  label: string;
  quantity: Quantity;
  shown: string;
  origin: FactOrigin | undefined;
  save: (value: number | undefined, origin: Typed) => Promise<string | undefined>;
  close: () => void;
}

/** A figure of the duty and how it is known. */
export function FactField({ origin: before, save, ...field }: FactFieldProps) {
  const words = useWords();
  const [origin, setOrigin] = useState<Typed>(isTyped(before) ? before : 'said');
  // What somebody else changes while it is typed is not overwritten unseen: it is saved onto what was there when the field was opened.
  const [saveAsOpened] = useState(() => save);
  return (
    <>
      <ToggleButtonGroup
        exclusive
        size="small"
        aria-label={words('factOrigins.how')}
        value={origin}
        onChange={(_event, to: Typed | null) => to && setOrigin(to)}
        sx={{ padding: '14px 14px 0' }}
      >
        {TYPED.map((of) => (
          <ToggleButton key={of} value={of}>
            {words(`factOrigins.${of}`)}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
      <QuantityField {...field} optional save={(value) => saveAsOpened(value, origin)} />
    </>
  );
}
