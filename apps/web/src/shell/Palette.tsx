import { Autocomplete, Dialog, DialogContent, TextField, createFilterOptions } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useWords } from '../words';
import styles from './Palette.module.css';
import { useFoundElsewhere } from './useFoundElsewhere';
import { type Place, usePlaces } from './usePlaces';

/** So many are shown: one more letter finds the rest. */
const MOST = 60;
const bySaid = createFilterOptions<Place>({
  stringify: ({ name, also = '' }) => `${name} ${also}`,
  limit: MOST,
});

/** Everything there is to go to or to do, found by a few letters. */
export function Palette({ close, showKeys }: { close: () => void; showKeys: () => void }) {
  const words = useWords();
  const [typed, setTyped] = useState('');
  const { jobId } = useParams();
  const places = usePlaces(showKeys);
  const elsewhere = useFoundElsewhere(typed, jobId);
  return (
    <Dialog
      open
      onClose={close}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { 'aria-label': words('palette.title') } }}
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <DialogContent className={styles.content}>
        <Autocomplete<Place, false, true>
          open
          autoHighlight
          disableClearable
          forcePopupIcon={false}
          options={[...places, ...elsewhere]}
          filterOptions={bySaid}
          onInputChange={(_event, text) => setTyped(text)}
          getOptionLabel={({ name }) => name}
          getOptionKey={({ id }) => id}
          noOptionsText={words('palette.nothing')}
          onChange={(_event, { go }) => {
            close();
            go();
          }}
          onClose={(_event, reason) => reason === 'escape' && close()}
          renderOption={({ key, ...option }, { name, group }) => (
            <li key={key} {...option}>
              <span className={styles.name}>{name}</span>
              <span className={styles.group}>{group}</span>
            </li>
          )}
          renderInput={(params) => (
            <TextField
              {...params}
              autoFocus
              label={words('palette.title')}
              placeholder={words('palette.hint')}
            />
          )}
          slotProps={{
            popper: { disablePortal: true, className: styles.list ?? '', style: { width: '100%' } },
            listbox: { style: { maxHeight: '52vh' } },
          }}
        />
      </DialogContent>
    </Dialog>
  );
}
