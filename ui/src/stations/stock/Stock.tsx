import { useQuery } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Film, StockItem as Item, Supply } from '../../api/client';
import { remnants, stockAnd } from '../../api/queries';
import { Move, Ready, Scroll, useShown } from '../../parts/basics';
import { labelOf } from '../../parts/label';
import { FilmDialog } from './FilmDialog';
import { calledIn, FilmRow } from './FilmRow';
import { ItemPanel } from './ItemPanel';
import { ReceiveDialog } from './ReceiveDialog';
import { Remnants } from './Remnants';
import { SupplyDialog, SupplyPanel } from './Supplies';

type Open = { what: 'receive'; film?: Film; item?: Item } | { what: 'film'; film?: Film } | { what: 'supply' } | null;

/** The stockroom: film by film, what is on the shelf, and what a cut left that has to be put away. */
export function Stock() {
  const left = useQuery(remnants);
  const [search, setSearch] = useSearchParams();
  const [open, setOpen] = useState<Open>(null);
  const chosen = search.get('of');
  const query = useQuery({ ...stockAnd(chosen ?? ''), refetchInterval: 8000 });
  const choose = (number: string | null) => setSearch(number === null ? {} : { of: number }, { replace: true });
  return (
    <Ready query={query} what="the shelf">
      {({ films, items, supplies, low }) => {
        const item = items.find((one) => one.number === chosen);
        const supply = supplies.find((one) => one.number === chosen);
        return (
          <div className="grid h-full grid-cols-[1fr_340px]">
            <div className="flex min-h-0 flex-col bg-paper">
              <div className="flex flex-wrap items-end gap-3 border-b border-rule px-6 py-3">
                <h2 className="title mr-auto self-center">Stock</h2>
                <Scan onFound={choose} />
                <Move onClick={() => setOpen({ what: 'receive' })}>Receive film</Move>
                <Move onClick={() => setOpen({ what: 'film' })}>New film</Move>
                <Move onClick={() => setOpen({ what: 'supply' })}>Tape or blank</Move>
              </div>
              <Scroll label="Shelf" className="min-h-0 flex-1 px-6 py-3">
                {left.data && left.data.remnants.length > 0 && <Remnants {...left.data} />}
                {films.length === 0 && <p className="py-6 text-ink2">No film yet. Add one with “New film”.</p>}
                {films.map((film) => (
                  <FilmRow
                    key={film.id}
                    film={film}
                    name={calledIn(films, film)}
                    low={low.includes(film.id)}
                    items={items.filter((one) => one.film.id === film.id && one.count > 0)}
                    chosen={chosen}
                    onChoose={choose}
                    onFilm={() => setOpen({ what: 'film', film })}
                  />
                ))}
                <Supplies supplies={supplies} chosen={chosen} onChoose={choose} />
              </Scroll>
            </div>
            <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="What is chosen">
              {item ? (
                <ItemPanel
                  key={item.number}
                  item={item}
                  onMore={() => setOpen({ what: 'receive', film: item.film, item })}
                />
              ) : supply ? (
                <SupplyPanel key={supply.number} supply={supply} />
              ) : (
                <p className="p-5 text-ink2">
                  {chosen ? `There is no ${chosen} on the shelf.` : 'Choose something on the shelf, or scan its label.'}
                </p>
              )}
            </aside>
            <ReceiveDialog
              open={open?.what === 'receive'}
              films={films}
              film={open?.what === 'receive' ? open.film : undefined}
              item={open?.what === 'receive' ? open.item : undefined}
              onClose={() => setOpen(null)}
            />
            <FilmDialog
              key={open?.what === 'film' ? `film-${open.film?.id ?? 0}` : 'film'}
              open={open?.what === 'film'}
              film={open?.what === 'film' ? films.find((one) => one.id === open.film?.id) : undefined}
              onClose={() => setOpen(null)}
            />
            <SupplyDialog open={open?.what === 'supply'} onClose={() => setOpen(null)} />
          </div>
        );
      }}
    </Ready>
  );
}

/** A label's code, scanned or typed: a scanner types it and presses Enter. */
function Scan({ onFound }: { onFound: (number: string) => void }) {
  const [code, setCode] = useState('');
  const [says, setSays] = useState('');
  const find = (event: FormEvent) => {
    event.preventDefault();
    const number = labelOf(code);
    if (number !== null) {
      onFound(number);
      setSays('');
      setCode('');
    } else {
      setSays(code.trim() === '' ? '' : `There is no ${code.trim()} on the shelf.`);
    }
  };
  return (
    <form onSubmit={find} className="relative">
      <label htmlFor="scan" className="label mb-1.5 block">
        Number, scanned or typed
      </label>
      <input
        id="scan"
        className="input w-44"
        value={code}
        placeholder="N-016"
        aria-invalid={says ? true : undefined}
        aria-describedby="scan-says"
        autoComplete="off"
        onChange={(event) => setCode(event.target.value)}
      />
      <span id="scan-says" role="status" className="absolute top-full left-0 text-sm whitespace-nowrap text-signal-ink">
        {says}
      </span>
    </form>
  );
}

function Supplies({
  supplies,
  chosen,
  onChoose,
}: {
  supplies: Supply[];
  chosen: string | null;
  onChoose: (number: string) => void;
}) {
  const { one } = useShown();
  return (
    <>
      {[['tape', 'Transfer tape'] as const, ['blank', 'Blanks'] as const].map(([kind, title]) => (
        <section
          key={kind}
          aria-label={title}
          className="mb-3 grid grid-cols-[204px_1fr] gap-5 border-t border-ink pt-2"
        >
          <h3 className="font-semibold">{title}</h3>
          <ul className="flex flex-wrap gap-2">
            {supplies
              .filter((supply) => supply.kind === kind)
              .map((supply) => (
                <li key={supply.id}>
                  <button
                    type="button"
                    aria-pressed={supply.number === chosen}
                    onClick={() => onChoose(supply.number)}
                    className={`on-ink min-h-12 border px-2 py-1.5 text-left text-note leading-snug ${supply.number === chosen ? 'border-ink bg-ink text-paper' : 'border-rule hover:bg-ground'}`}
                  >
                    <b className="font-semibold">{supply.number}</b> {supply.name}
                    {supply.low && (
                      <b className="label ml-2 bg-signal px-1" style={{ color: 'var(--color-white)' }}>
                        low
                      </b>
                    )}
                    <span className="block">
                      {supply.width && `${one(supply.width)} wide, `}
                      {supply.amount} {supply.unit || 'left'}, bin {supply.bin}
                    </span>
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </>
  );
}
