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

type Where = { station: string; piece: number | null; thing: number | null };

/** Where a film of a thing is worked on: alone as long as it is cut and weeded, with its thing from then on. */
export function filmAt(thing: { id: number }, film: { piece: number; station: string | null }): Where | null {
  return film.station === null
    ? null
    : {
        station: film.station,
        piece: film.station === 'weed' ? film.piece : null,
        thing: film.station === 'apply' || film.station === 'send' ? thing.id : null,
      };
}

/** What a tag names of an order, `Y-0412/3` as it is written on paper, however it was typed; nothing where it is none. */
export function namedAt(
  things: { id: number; films: { piece: number; station: string | null; tag: string }[] }[],
  typed: string,
): Where | null {
  const of = (tag: string) => tag.split('/')[1]?.trim().toLowerCase();
  const wanted = of(typed);
  for (const thing of wanted ? things : []) {
    const film = thing.films.find((one) => of(one.tag) === wanted);
    if (film) {
      return filmAt(thing, film);
    }
  }
  return null;
}

/** Where something stands: its station, with it in hand. */
export const inHandAt = (of: Where) =>
  `/${of.station}${of.thing !== null ? `?thing=${of.thing}` : of.piece !== null ? `?piece=${of.piece}` : ''}`;
