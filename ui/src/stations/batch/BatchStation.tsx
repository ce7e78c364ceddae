import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import type { Film, Piece } from '../../api/client';
import { waitingForFilm } from '../../api/queries';
import { Nothing, Ready, Swatch } from '../../parts/basics';
import { asDay } from '../../parts/time';
import { PieceChoice } from './PieceChoice';
import { Planning } from './Planning';

type OfFilm = { film: Film; pieces: Piece[] };

export function BatchStation() {
  const query = useQuery(waitingForFilm);
  return (
    <Ready query={query} what="the approved pieces">
      {({ pieces }) =>
        pieces.length === 0 ? (
          <Nothing title="Nothing waits for film">Approved pieces come here by themselves.</Nothing>
        ) : (
          <Films pieces={pieces} />
        )
      }
    </Ready>
  );
}

function Films({ pieces }: { pieces: Piece[] }) {
  const films = useMemo(() => {
    const byFilm = new Map<number, OfFilm>();
    for (const piece of pieces) {
      if (piece.film) {
        const entry = byFilm.get(piece.film.id) ?? { film: piece.film, pieces: [] };
        entry.pieces.push(piece);
        byFilm.set(piece.film.id, entry);
      }
    }
    return [...byFilm.values()];
  }, [pieces]);
  const [chosen, setChosen] = useState<number | null>(null);
  const [leftOut, setLeftOut] = useState<Set<number>>(() => new Set());
  const open = films.find((entry) => entry.film.id === chosen) ?? films[0];
  return (
    <div className="grid h-full grid-cols-[272px_1fr]">
      <div className="flex min-h-0 flex-col border-r border-rule">
        <nav aria-label="Approved, by film" className="max-h-[46%] shrink-0 overflow-auto border-b border-ink">
          <h2 className="label px-4 pt-3 pb-1">Approved, by film</h2>
          {films.map((entry) => (
            <FilmRow
              key={entry.film.id}
              entry={entry}
              current={entry.film.id === open?.film.id}
              onOpen={() => setChosen(entry.film.id)}
            />
          ))}
        </nav>
        {open && (
          <PieceChoice
            pieces={open.pieces}
            leftOut={new Set([...leftOut].filter((id) => open.pieces.some((piece) => piece.id === id)))}
            onChange={setLeftOut}
          />
        )}
      </div>
      {open && (
        <Planning key={open.film.id} film={open.film} pieces={open.pieces.filter((piece) => !leftOut.has(piece.id))} />
      )}
    </div>
  );
}

function FilmRow({ entry, current, onOpen }: { entry: OfFilm; current: boolean; onOpen: () => void }) {
  const late = entry.pieces.filter((piece) => piece.late).length;
  const recut = entry.pieces.filter((piece) => piece.recuts > 0).length;
  return (
    <button
      type="button"
      className="row-link on-ink py-1.5"
      aria-current={current ? 'true' : undefined}
      onClick={onOpen}
    >
      <span className="flex items-center gap-3">
        <Swatch film={entry.film} size={26} />
        <span className="min-w-0 flex-1">
          <span className="flex justify-between gap-2">
            <b className="truncate font-semibold">{entry.film.name}</b>
            {late > 0 && (
              <span className="label bg-signal px-1" style={{ color: 'var(--color-white)' }}>
                {late} late
              </span>
            )}
          </span>
          <span className="block truncate text-sm opacity-80">
            {entry.pieces.length} {entry.pieces.length === 1 ? 'piece' : 'pieces'}, {asDay(entry.pieces[0]?.neededAt)}
            {recut > 0 && `, ${recut} recut`}
          </span>
        </span>
      </span>
    </button>
  );
}
