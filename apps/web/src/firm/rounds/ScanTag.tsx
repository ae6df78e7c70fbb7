import type { IScannerControls } from '@zxing/browser';
import type { RoundStopView } from '@grevik/contracts';
import { Alert, Button, TextField } from '@mui/material';
import { type FormEvent, useEffect, useRef, useState } from 'react';
import { useWords } from '../../words';
import { tagOfCode } from './tag-of-code';
import styles from './VisitPage.module.css';

/** Tags named where another one was asked for. */
const NAMED = 6;

interface ScanTagProps {
  stops: readonly RoundStopView[];
  goTo: (stop: RoundStopView) => void;
}

/** Goes to the valve in front of one: its code scanned by the camera, or its tag typed. */
export function ScanTag({ stops, goTo }: ScanTagProps) {
  const words = useWords();
  const [isScanning, setScanning] = useState(false);
  const [typed, setTyped] = useState('');
  const [trouble, setTrouble] = useState<string>();
  const find = (code: string): void => {
    const tag = tagOfCode(code);
    const stop = stops.find((one) => one.tag.toLowerCase() === tag.toLowerCase());
    setScanning(false);
    if (stop) return goTo(stop);
    const tags = stops.slice(0, NAMED).map((one) => one.tag);
    setTrouble(words('visit.notHere', { tag, tags: tags.join(', ') + (stops.length > NAMED ? ' …' : '') }));
  };
  const submit = (event: FormEvent): void => {
    event.preventDefault();
    if (typed.trim() !== '') find(typed);
  };
  return (
    <details className={styles.scan}>
      <summary>{words('visit.find')}</summary>
      {window.isSecureContext ? (
        <Button variant="outlined" onClick={() => setScanning(!isScanning)}>
          {words(isScanning ? 'visit.scanStop' : 'visit.scan')}
        </Button>
      ) : (
        <p>{words('visit.insecure')}</p>
      )}
      {isScanning && (
        <Camera
          found={find}
          failed={(why) => {
            setScanning(false);
            setTrouble(words('visit.noCamera', { why }));
          }}
        />
      )}
      <form className={styles.typed} noValidate onSubmit={submit}>
        <TextField
          label={words('visit.tag')}
          value={typed}
          onChange={({ target }) => setTyped(target.value)}
          slotProps={{ htmlInput: { autoCapitalize: 'characters', autoComplete: 'off', maxLength: 200 } }}
        />
        <Button type="submit" variant="outlined">
          {words('visit.goTo')}
        </Button>
      </form>
      {trouble !== undefined && <Alert severity="warning">{trouble}</Alert>}
    </details>
  );
}

function Camera({ found, failed }: { found: (code: string) => void; failed: (why: string) => void }) {
  const words = useWords();
  const video = useRef<HTMLVideoElement>(null);
  const tell = useRef({ found, failed });
  useEffect(() => {
    let controls: IScannerControls | undefined;
    let isGone = false;
    const open = async (): Promise<void> => {
      const { BrowserQRCodeReader } = await import('@zxing/browser');
      controls = await new BrowserQRCodeReader().decodeFromVideoDevice(
        undefined,
        video.current ?? undefined,
        (result) => {
          if (result && !isGone) tell.current.found(result.getText());
        },
      );
      if (isGone) controls.stop();
    };
    open().catch((error: unknown) => {
      if (!isGone) tell.current.failed(error instanceof Error ? error.message : String(error));
    });
    return () => {
      isGone = true;
      controls?.stop();
    };
  }, []);
  return (
    <figure className={styles.camera}>
      <video ref={video} muted playsInline />
      <figcaption>{words('visit.scanHow')}</figcaption>
    </figure>
  );
}
