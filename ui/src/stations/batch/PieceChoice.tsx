import type { Piece } from '../../api/client';
import { Move, useShown } from '../../parts/basics';
import { asDay } from '../../parts/time';

/** What waits for one film, due soonest first: all of it, some, or one order. */
export function PieceChoice({
  pieces,
  many,
  leftOut,
  onChange,
}: {
  pieces: Piece[];
  /** How many wait for this film; more than there are to choose from where there are very many. */
  many: number;
  leftOut: Set<number>;
  onChange: (leftOut: Set<number>) => void;
}) {
  const shown = useShown();
  const turn = (id: number) => {
    const next = new Set(leftOut);
    next.delete(id) || next.add(id);
    onChange(next);
  };
  const only = (docket: number) =>
    onChange(new Set(pieces.filter((piece) => piece.docket !== docket).map((piece) => piece.id)));
  return (
    <section aria-label="Pieces, due soonest first" className="flex min-h-0 flex-1 flex-col">
      <div className="flex items-center justify-between gap-2 px-4 pt-3 pb-1">
        <h2 className="label">Due soonest first</h2>
        <span className="flex gap-1">
          <Move className="text-sm" onClick={() => onChange(new Set())} disabled={leftOut.size === 0}>
            All
          </Move>
          <Move
            className="text-sm"
            onClick={() => onChange(new Set(pieces.map((piece) => piece.id)))}
            disabled={leftOut.size === pieces.length}
          >
            None
          </Move>
        </span>
      </div>
      {pieces.length === 0 && <p className="px-4 py-3 text-ink2">Loading …</p>}
      {pieces.length > 0 && many > pieces.length && (
        <p className="px-4 pb-1 text-note">
          The first {pieces.length} of {many}. The others come up when these are released.
        </p>
      )}
      <ul className="min-h-0 flex-1 overflow-auto">
        {pieces.map((piece) => (
          <li key={piece.id} className="flex items-center border-b border-rule pr-2 pl-4">
            <label className="flex min-h-11 min-w-0 flex-1 cursor-pointer items-center gap-3 py-1">
              <input
                type="checkbox"
                className="h-5 w-5 shrink-0 accent-ink"
                checked={!leftOut.has(piece.id)}
                onChange={() => turn(piece.id)}
              />
              <span className="min-w-0 flex-1">
                <span className="block truncate">
                  <b className="font-semibold">{piece.tag}</b> {piece.label}
                  {piece.mirrored && <span className="text-ink2"> · mirrored</span>}
                </span>
                <span className="block truncate text-sm text-ink2">
                  {piece.late && (
                    <b className="label mr-1.5 bg-signal px-1" style={{ color: 'var(--color-white)' }}>
                      late
                    </b>
                  )}
                  {asDay(piece.neededAt)} · {shown.size(piece.cut)} · {piece.customer}
                </span>
                {piece.recuts > 0 && (
                  <span className="block border-l-4 border-ink pl-1.5 text-sm font-semibold">
                    Recut: {piece.spoiledBecause}
                  </span>
                )}
              </span>
            </label>
            <button
              type="button"
              className="min-h-10 px-1.5 text-sm underline"
              onClick={() => only(piece.docket)}
              title={`Only the pieces of ${piece.tag.split('/')[0]}`}
            >
              only
              <span className="sr-only"> this order</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
