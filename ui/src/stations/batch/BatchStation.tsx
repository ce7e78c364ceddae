import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { waitingForFilm } from '../../api/queries';
import { Nothing, Ready, Swatch } from '../../parts/basics';
import { asDay, asMoment } from '../../parts/time';
import { PieceChoice } from './PieceChoice';
import { Planning } from './Planning';

type Waiting = Schemas['WaitingView'];

export function BatchStation() {
  const [chosen, setChosen] = useState<number | null>(null);
  const query = useQuery(waitingForFilm(chosen));
  return (
    <Ready query={query} what="the approved pieces">
      {(waiting) =>
        waiting.films.length === 0 ? (
          <Nothing title="Nothing waits for film">Approved pieces come here by themselves.</Nothing>
        ) : (
          <Films waiting={waiting} chosen={chosen} onChoose={setChosen} />
        )
      }
    </Ready>
  );
}

function Films({
  waiting,
  chosen,
  onChoose,
}: {
  waiting: Waiting;
  chosen: number | null;
  onChoose: (film: number) => void;
}) {
  const { films } = waiting;
  const [leftOut, setLeftOut] = useState<Set<number>>(() => new Set());
  const open = films.find((entry) => entry.film.id === chosen) ?? films.find((entry) => entry.film.id === waiting.film);
  // Those of the film before are not shown as another's.
  const pieces = open?.film.id === waiting.film ? waiting.pieces : [];
  return (
    <div className="grid h-full grid-cols-[272px_1fr]">
      <div className="flex min-h-0 flex-col border-r border-rule">
        <nav aria-label="Approved, by film" className="max-h-[42%] shrink-0 overflow-auto border-b border-ink">
          <h2 className="label px-4 pt-3 pb-1">Approved, by film</h2>
          {films.map((entry) => (
            <FilmRow
              key={entry.film.id}
              entry={entry}
              current={entry.film.id === open?.film.id}
              onOpen={() => onChoose(entry.film.id)}
            />
          ))}
        </nav>
        {open?.proposal && (
          <section aria-label="When to cut it" className="shrink-0 border-b border-ink px-4 py-2">
            <h2 className="label">When to cut it</h2>
            <p className="font-medium">{open.proposal.says}</p>
            {open.proposal.price && <p className="text-sm text-ink2">{open.proposal.price}</p>}
          </section>
        )}
        {open && (
          <PieceChoice
            pieces={pieces}
            many={open.pieces}
            leftOut={new Set([...leftOut].filter((id) => pieces.some((piece) => piece.id === id)))}
            onChange={setLeftOut}
          />
        )}
      </div>
      {open && (
        <Planning key={open.film.id} film={open.film} pieces={pieces.filter((piece) => !leftOut.has(piece.id))} />
      )}
    </div>
  );
}

/** By when by the plan of the week; as long as there is none, for when the first of it is wanted. */
function whenToCut({ proposal, neededAt }: Waiting['films'][number]): string {
  if (!proposal) {
    return asDay(neededAt);
  }
  return proposal.now ? 'cut it now' : proposal.by ? `cut by ${asMoment(proposal.by)}` : 'nothing presses';
}

function FilmRow({
  entry,
  current,
  onOpen,
}: {
  entry: Waiting['films'][number];
  current: boolean;
  onOpen: () => void;
}) {
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
            {entry.late > 0 && (
              <span className="label bg-signal px-1" style={{ color: 'var(--color-white)' }}>
                {entry.late} late
              </span>
            )}
          </span>
          <span className="block truncate text-sm opacity-80">
            {entry.pieces} {entry.pieces === 1 ? 'piece' : 'pieces'}
            {entry.recut > 0 && `, ${entry.recut} recut`}, {whenToCut(entry)}
          </span>
        </span>
      </span>
    </button>
  );
}
