import { useState } from 'react';
import type { Thing } from '../api/client';
import { FilmName, Move } from '../parts/basics';
import { FormBox, Suggestions } from '../parts/dialog';
import { TextField } from '../parts/fields';
import { useThingMove } from './useThingMove';

/** What is spoiled of a thing is cut again; the rest of it waits for that at the bench. */
export function SpoilThing({ thing, reasons, small = false }: { thing: Thing; reasons: string[]; small?: boolean }) {
  const cut = thing.films.filter((film) => !thing.missing.includes(film.tag));
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const [films, setFilms] = useState<number[]>([]);
  const spoil = useThingMove(() => setOpen(false));
  const chosen = cut.length === 1 ? cut.map((film) => film.piece) : films;
  return (
    <>
      <Move
        tall={small}
        className={small ? undefined : 'min-h-14 w-full'}
        aria-label={small ? `${thing.tag} is spoiled, cut it again` : undefined}
        onClick={() => {
          setReason('');
          setFilms([]);
          setOpen(true);
        }}
      >
        {small ? 'Spoiled' : 'Spoiled, cut it again'}
      </Move>
      <FormBox
        open={open}
        onClose={() => setOpen(false)}
        title={`${thing.tag} spoiled?`}
        what={
          thing.films.length > 1
            ? 'What is spoiled goes back to Batch and is cut again, with what it is joined to; the rest waits here. The reason goes into the book.'
            : 'It goes back to Batch and is cut again. The reason goes into the book and to the next batch.'
        }
        button={chosen.length > 1 ? `Cut ${chosen.length} films again` : 'Cut it again'}
        pending={spoil.isPending || chosen.length === 0}
        onSubmit={() => spoil.mutate({ thing, move: 'spoil', detail: reason, pieces: chosen })}
      >
        {cut.length > 1 && (
          <fieldset className="mb-3">
            <legend className="label">Which films</legend>
            {cut.map((film) => (
              <label key={film.piece} className="flex min-h-12 cursor-pointer items-center gap-3 border-b border-rule">
                <input
                  type="checkbox"
                  className="h-7 w-7 accent-ink"
                  checked={films.includes(film.piece)}
                  onChange={(event) =>
                    setFilms((now) =>
                      event.target.checked ? [...now, film.piece] : now.filter((one) => one !== film.piece),
                    )
                  }
                />
                <span className="w-24 font-medium">{film.tag}</span>
                <FilmName film={film.film} />
              </label>
            ))}
          </fieldset>
        )}
        <TextField
          label="What went wrong"
          value={reason}
          onChange={setReason}
          says={spoil.error?.fields.reason ?? spoil.error?.message}
          autoFocus
        />
        <Suggestions words={reasons} onTake={setReason} />
      </FormBox>
    </>
  );
}
