import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import type { FilmShown, Schemas } from '../api/client';
import { pieces, things } from '../api/queries';
import { Move, Swatch } from '../parts/basics';
import { asDay } from '../parts/time';
import { useInSight } from '../parts/useInSight';

/** Pieces shown at first, and more each time they are asked for. */
const SOME = 60;

/** The pieces at a station: so many as were asked for, the one in hand, and what asks for more. */
export function usePieces(station: Schemas['Station'], inHand: number | null) {
  const [most, setMost] = useState(SOME);
  return { query: useQuery(pieces(station, most, inHand)), more: () => setMost((now) => now + SOME) };
}

/** The things at a station, likewise. */
export function useThings(station: Schemas['Station'], inHand: number | null) {
  const [most, setMost] = useState(SOME);
  return { query: useQuery(things(station, most, inHand)), more: () => setMost((now) => now + SOME) };
}

/** What a list shows of a piece, and of a thing with its films. */
type Listed = {
  id: number;
  tag: string;
  label: string;
  customer: string;
  late: boolean;
  neededAt: string | null;
  film?: FilmShown | null;
  films?: { film: FilmShown }[];
};

/** Each film once, at most so many as there is room for. */
const filmsOf = (one: Listed) => {
  const all = one.films?.map(({ film }) => film) ?? (one.film ? [one.film] : []);
  return all.filter((film, nth) => all.findIndex((other) => other.id === film.id) === nth).slice(0, 3);
};

/** Under a list that does not show all there are. */
export function More({ shown, many, onMore }: { shown: number; many: number; onMore: () => void }) {
  return many > shown ? (
    <Move tall className="m-4" onClick={onMore}>
      {many - shown} more wait
    </Move>
  ) : null;
}

/** The pieces or things at a bench station; targets a thumb can hit. */
export function PieceList<One extends Listed>({
  title,
  pieces,
  current,
  onChoose,
  extra,
}: {
  title: string;
  pieces: One[];
  current: number | undefined;
  onChoose: (one: One) => void;
  extra?: (one: One) => ReactNode;
}) {
  return (
    <nav aria-label={title}>
      <h2 className="label px-4 pt-3 pb-2">{title}</h2>
      {pieces.map((piece) => (
        <Row
          key={piece.id}
          piece={piece}
          current={piece.id === current}
          onChoose={() => onChoose(piece)}
          extra={extra?.(piece)}
        />
      ))}
    </nav>
  );
}

function Row({
  piece,
  current,
  onChoose,
  extra,
}: {
  piece: Listed;
  current: boolean;
  onChoose: () => void;
  extra: ReactNode;
}) {
  return (
    <button
      ref={useInSight<HTMLButtonElement>(current)}
      type="button"
      className="row-link on-ink min-h-14"
      aria-current={current ? 'true' : undefined}
      onClick={onChoose}
    >
      <span className="flex items-center gap-2">
        <span className="flex">
          {filmsOf(piece).map((film) => (
            <Swatch key={film.id} film={film} size={16} />
          ))}
        </span>
        <span className="min-w-0 flex-1 truncate font-semibold">{piece.label}</span>
        {piece.late && (
          <span className="label bg-signal px-1" style={{ color: 'var(--color-white)' }}>
            late
          </span>
        )}
      </span>
      <span className="block truncate text-sm opacity-80">
        {piece.tag} · {piece.customer}
      </span>
      <span className="block text-sm opacity-80">{extra ?? `used ${asDay(piece.neededAt)}`}</span>
    </button>
  );
}
