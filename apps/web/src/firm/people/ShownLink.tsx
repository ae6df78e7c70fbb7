import { Button, TextField } from '@mui/material';
import { useState } from 'react';
import { useWords } from '../../words';

/** A link that is shown once, to be copied. */
export function ShownLink({ label, link }: { label: string; link: string }) {
  const [copied, setCopied] = useState<string>();
  const words = useWords();
  return (
    <>
      <TextField
        size="small"
        fullWidth
        value={link}
        slotProps={{ htmlInput: { readOnly: true, 'aria-label': label } }}
        onFocus={({ target }) => target.select()}
      />
      <Button
        variant="outlined"
        onClick={() => void navigator.clipboard.writeText(link).then(() => setCopied(link))}
      >
        {words(copied === link ? 'people.copied' : 'people.copy')}
      </Button>
    </>
  );
}
