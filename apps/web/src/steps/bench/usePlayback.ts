import { useEffect, useState } from 'react';

const EACH_MS = 33;

export interface Playback {
  /** 0 at the beginning, 1 at the end. */
  share: number;
  isPlaying: boolean;
  play: (on: boolean) => void;
  show: (share: number) => void;
}

/** Runs once from wherever it stands to its end, in so many seconds on the screen. */
export function usePlayback(shownS: number): Playback {
  const [share, setShare] = useState(0);
  const [isPlaying, setPlaying] = useState(false);
  useEffect(() => {
    if (!isPlaying) return;
    const timer = setInterval(() => {
      setShare((before) => {
        const next = before + EACH_MS / (shownS * 1000);
        if (next < 1) return next;
        setPlaying(false);
        return 1;
      });
    }, EACH_MS);
    return () => clearInterval(timer);
  }, [isPlaying, shownS]);
  return {
    share,
    isPlaying,
    play: (on) => {
      if (on && share >= 1) setShare(0);
      setPlaying(on);
    },
    show: (next) => {
      setPlaying(false);
      setShare(next);
    },
  };
}
