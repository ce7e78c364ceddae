import { Link } from 'react-router';
import type { Docket } from '../api/client';
import { Section } from '../parts/basics';
import { Spoil } from '../stations/Spoil';
import { filmAt, inHandAt } from '../stations/useInHand';

/** What comes next, in the table's own words: of the docket, or of its piece furthest behind. */
export const nextMove = (docket: Docket) => docket.moves[0]?.label ?? 'Go on';

/** What is in hand of an order: each thing with its films, and the way to it. */
export function InHand({ docket, onClose }: { docket: Docket; onClose: () => void }) {
  return (
    <Section title="In hand">
      {docket.manyPieces > docket.pieces.length && (
        <p className="pb-1 text-note text-ink2">The first {docket.things.length}, of many.</p>
      )}
      <ul>
        {docket.things.map((thing) => (
          <li key={thing.id} className="border-b border-rule py-1.5">
            {thing.films.map((film) => {
              const piece = docket.pieces.find((one) => one.id === film.piece);
              const at = filmAt(thing, film);
              return (
                <div key={film.piece} className="flex min-h-10 items-center gap-3">
                  {at ? (
                    <Link to={inHandAt(at)} className="font-medium underline" onClick={onClose}>
                      {film.tag}
                    </Link>
                  ) : (
                    <span className="font-medium">{film.tag}</span>
                  )}
                  <span className="flex-1 text-ink2">
                    {film.state.replaceAll('-', ' ')}
                    {thing.films.length > 1 && `, ${film.film.colour}`}
                    {piece && piece.recuts > 0 && `, recut ${piece.recuts}`}
                  </span>
                  {piece?.moves.some((next) => next.move === 'spoil') && (
                    <Spoil piece={piece} reasons={['scratched', 'a letter tore', 'lost']} small />
                  )}
                </div>
              );
            })}
          </li>
        ))}
      </ul>
    </Section>
  );
}
