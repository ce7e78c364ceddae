import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import type { Piece, Schemas } from '../api/client';
import { pieces } from '../api/queries';
import { Move, Swatch } from '../parts/basics';
import { asDay } from '../parts/time';

/** Pieces shown at first, and more each time they are asked for. */
const SOME = 60;

/** The pieces at a station: so many as were asked for, and what asks for more. */
export function usePieces(station: Schemas['Station']) {
  const [most, setMost] = useState(SOME);
  return { query: useQuery(pieces(station, most)), more: () => setMost((now) => now + SOME) };
}

/** Under a list that does not show all there are. */
export function More({ shown, many, onMore }: { shown: number; many: number; onMore: () => void }) {
  return many > shown ? (
    <Move tall className="m-4" onClick={onMore}>
      {many - shown} more wait
    </Move>
  ) : null;
}

/** The pieces at a bench station; targets a thumb can hit. */
export function PieceList({
  title,
  pieces,
  current,
  onChoose,
  extra,
}: {
  title: string;
  pieces: Piece[];
  current: number | undefined;
  onChoose: (piece: Piece) => void;
  extra?: (piece: Piece) => ReactNode;
}) {
  return (
    <nav aria-label={title}>
      <h2 className="label px-4 pt-3 pb-2">{title}</h2>
      {pieces.map((piece) => (
        <button
          key={piece.id}
          type="button"
          className="row-link on-ink min-h-14"
          aria-current={piece.id === current ? 'true' : undefined}
          onClick={() => onChoose(piece)}
        >
          <span className="flex items-center gap-2">
            {piece.film && <Swatch film={piece.film} size={16} />}
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
          <span className="block text-sm opacity-80">{extra?.(piece) ?? `used ${asDay(piece.neededAt)}`}</span>
        </button>
      ))}
    </nav>
  );
}
