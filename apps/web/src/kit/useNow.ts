import { useEffect, useState } from 'react';

const TICK_MS = 10_000;

/** What time it is, to ten seconds, ms: the screen is drawn again as it passes. */
export function useNow(): number {
  const [nowMs, setNow] = useState(Date.now);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return nowMs;
}
