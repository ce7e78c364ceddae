import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useSyncExternalStore } from 'react';
import { drying } from '../api/queries';
import { useNow } from '../parts/time';

const KEPT = 'yelbo.bell';
const listeners = new Set<() => void>();

/** Whether this device rings when something is dry. */
export function useBell(): [boolean, (on: boolean) => void] {
  const on = useSyncExternalStore(
    (listen) => {
      listeners.add(listen);
      return () => listeners.delete(listen);
    },
    () => localStorage.getItem(KEPT) !== 'off',
  );
  return [
    on,
    (next) => {
      localStorage.setItem(KEPT, next ? 'on' : 'off');
      for (const listen of listeners) {
        listen();
      }
    },
  ];
}

/** How many things are dry and can be gone on with. It rings when one more is, and the title of the page says so. */
export function useDryingBell(): number {
  const shelf = useQuery(drying).data?.shelf;
  const now = useNow(5000);
  const [rings] = useBell();
  const dry = shelf?.filter((one) => one.until === null || new Date(one.until).getTime() <= now) ?? [];
  const known = useRef<Set<string> | null>(null);
  const names = dry.map((one) => `${one.tag} ${one.next}`).join('\n');
  const loaded = shelf !== undefined;
  useEffect(() => {
    if (!loaded) {
      return;
    }
    const before = known.current;
    const these = new Set(names === '' ? [] : names.split('\n'));
    known.current = these;
    if (before && rings && [...these].some((name) => !before.has(name))) {
      ring();
    }
  }, [names, loaded, rings]);
  useEffect(() => {
    const bare = document.title.replace(/^\(\d+ dry\) /, '');
    document.title = dry.length > 0 ? `(${dry.length} dry) ${bare}` : bare;
  }, [dry.length]);
  return dry.length;
}

/** Two short notes, made here: there is no sound file to fetch. */
function ring(): void {
  const audio = new AudioContext();
  [880, 1175].forEach((pitch, nth) => {
    const note = audio.createOscillator();
    const loud = audio.createGain();
    const at = audio.currentTime + 0.22 * nth;
    note.frequency.value = pitch;
    loud.gain.setValueAtTime(0.18, at);
    loud.gain.exponentialRampToValueAtTime(0.001, at + 0.5);
    note.connect(loud).connect(audio.destination);
    note.start(at);
    note.stop(at + 0.5);
  });
}
