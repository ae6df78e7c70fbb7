import { IconButton, Slider } from '@mui/material';
import { Pause, Play } from '../../kit/icons';
import { useWords } from '../../words';
import styles from './PlaybackBar.module.css';
import type { Playback } from './usePlayback';

interface PlaybackBarProps {
  clock: Playback;
  /** How long what is shown really takes, s. */
  lastsS: number;
  shownS: number;
  playWord: string;
  stopWord: string;
}

/** Plays what happens, by how much slower than it is said beside it. */
export function PlaybackBar({ clock, lastsS, shownS, playWord, stopWord }: PlaybackBarProps) {
  const words = useWords();
  const at = `${(clock.share * lastsS).toFixed(3)} s`;
  const times = Number((shownS / Math.max(lastsS, 1e-6)).toPrecision(2));
  return (
    <div className={`${styles.bar} no-print`}>
      <IconButton
        size="small"
        aria-label={clock.isPlaying ? stopWord : playWord}
        onClick={() => clock.play(!clock.isPlaying)}
      >
        {clock.isPlaying ? <Pause /> : <Play />}
      </IconButton>
      <Slider
        size="small"
        aria-label={words('bench.at')}
        min={0}
        max={1}
        step={0.005}
        value={clock.share}
        getAriaValueText={() => at}
        onChange={(_event, next) => clock.show(Number(next))}
      />
      <span>{at}</span>
      {times > 1.05 && <span>{words('bench.slower', { times })}</span>}
    </div>
  );
}
