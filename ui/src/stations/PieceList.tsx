import type { ReactNode } from 'react';
import type { Piece } from '../api/client';
import { Swatch } from '../parts/basics';
import { asDay } from '../parts/time';

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
