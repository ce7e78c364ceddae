import { useState } from 'react';
import { useSearchParams } from 'react-router';

/** What is in hand stands in the address: who leads to a station names the very piece or thing. */
export function useInHand(kind: 'piece' | 'thing'): [number | null, (id: number) => void] {
  const [params, setParams] = useSearchParams();
  const named = Number(params.get(kind) ?? 0);
  // It is in hand at once, before the address has caught up.
  const [taken, setTaken] = useState({ id: 0, over: -1 });
  const inHand = taken.over === named ? taken.id : named;
  const take = (id: number) => {
    setTaken({ id, over: named });
    setParams(
      (before) => {
        const after = new URLSearchParams(before);
        after.set(kind, String(id));
        return after;
      },
      { replace: true },
    );
  };
  return [inHand > 0 ? inHand : null, take];
}

/** Where something stands: its station, with it in hand. */
export const inHandAt = (of: { station: string; piece: number | null; thing: number | null }) =>
  `/${of.station}${of.thing !== null ? `?thing=${of.thing}` : of.piece !== null ? `?piece=${of.piece}` : ''}`;
