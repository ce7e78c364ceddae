import { useEffect, useRef } from 'react';

/** Keeps a row of a long list in sight while it is the one in hand. */
export function useInSight<Row extends HTMLElement>(inHand: boolean) {
  const row = useRef<Row>(null);
  useEffect(() => {
    if (inHand) {
      row.current?.scrollIntoView({ block: 'nearest' });
    }
  }, [inHand]);
  return row;
}
