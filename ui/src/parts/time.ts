import { useEffect, useRef, useState } from 'react';

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const moment = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

export const asDay = (iso: string | null | undefined): string =>
  iso ? day.format(new Date(iso)).replace(',', '') : 'no day yet';
export const asMoment = (iso: string): string => moment.format(new Date(iso)).replace(',', '');

/** `63 h 12 min` until a moment; nothing once it has passed. */
export function until(iso: string, now: number): string | null {
  const minutes = Math.ceil((new Date(iso).getTime() - now) / 60_000);
  if (minutes <= 0) {
    return null;
  }
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`;
}

/** The time, told every so many ms. */
export function useNow(every = 15_000): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}

/** A value once it has not changed for a moment: told by what it says, not by which object says it. */
export function useSettled<T>(value: T, after = 200): T {
  const [settled, setSettled] = useState(value);
  const latest = useRef(value);
  latest.current = value;
  const says = JSON.stringify(value);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the clock starts anew when what it says changes
  useEffect(() => {
    const timer = setTimeout(() => setSettled(latest.current), after);
    return () => clearTimeout(timer);
  }, [says, after]);
  return settled;
}
