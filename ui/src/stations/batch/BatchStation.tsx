import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type Film, type Piece } from '../../api/client';
import { stock as stockQuery, useChange, waitingForFilm } from '../../api/queries';
import { SheetDrawing } from '../../drawing/SheetDrawing';
import { Facts, NextMove, Nothing, Ready, Section, Swatch, Trouble, useShown } from '../../parts/basics';
import { SelectField } from '../../parts/fields';
import { asDay } from '../../parts/time';

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
    const byFilm = new Map<number, { film: Film; pieces: Piece[] }>();
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
  const open = films.find((entry) => entry.film.id === chosen) ?? films[0];
  return (
    <div className="grid h-full grid-cols-[264px_1fr]">
      <nav aria-label="Approved, by film" className="flex min-h-0 flex-col border-r border-rule">
        <h2 className="label px-4 pt-3 pb-2">Approved, by film</h2>
        <div className="min-h-0 overflow-auto">
          {films.map(({ film, pieces: some }) => {
            const late = some.filter((piece) => piece.late).length;
            const recut = some.filter((piece) => piece.recuts > 0).length;
            return (
              <button
                key={film.id}
                type="button"
                className="row-link on-ink"
                aria-current={film.id === open?.film.id ? 'true' : undefined}
                onClick={() => setChosen(film.id)}
              >
                <span className="flex items-center gap-3">
                  <Swatch film={film} size={30} />
                  <span className="min-w-0 flex-1">
                    <span className="flex justify-between gap-2">
                      <b className="truncate font-semibold">{film.name}</b>
                      {late > 0 && (
                        <span className="label bg-signal px-1" style={{ color: '#fff' }}>
                          {late} late
                        </span>
                      )}
                    </span>
                    <span className="block text-sm opacity-80">
                      {some.length} {some.length === 1 ? 'piece' : 'pieces'}, first used {asDay(some[0]?.neededAt)}
                      {recut > 0 && `, ${recut} recut`}
                    </span>
                  </span>
                </span>
              </button>
            );
          })}
        </div>
      </nav>
      {open && <Planning key={open.film.id} film={open.film} pieces={open.pieces} />}
    </div>
  );
}

function Planning({ film, pieces }: { film: Film; pieces: Piece[] }) {
  const navigate = useNavigate();
  const shown = useShown();
  const [leftOut, setLeftOut] = useState<Set<number>>(() => new Set());
  const [stockId, setStockId] = useState('');
  const shelf = useQuery(stockQuery);
  const chosen = pieces
    .filter((piece) => !leftOut.has(piece.id))
    .map((piece) => ({ id: piece.id, version: piece.version }));
  const body = { film: film.id, pieces: chosen, stock: stockId === '' ? null : Number(stockId) };
  const plan = useQuery({
    queryKey: ['plan', body],
    queryFn: () => ask(api.POST('/api/batches/plan', { body })),
    enabled: chosen.length > 0,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const release = useChange(
    () => ask(api.POST('/api/batches', { body })),
    () => navigate('/cut'),
  );
  const offers = (shelf.data?.items ?? []).filter((item) => item.film.id === film.id && item.count > 0);
  const data = chosen.length > 0 && !plan.error ? plan.data : undefined;
  const turn = (id: number) =>
    setLeftOut((now) => {
      const next = new Set(now);
      next.delete(id) || next.add(id);
      return next;
    });
  return (
    <div className="grid min-h-0 grid-cols-[1fr_332px]">
      <div className="min-h-0">
        {data ? (
          <SheetDrawing
            stock={data.stock}
            places={data.places}
            length={data.length}
            swatch={film.swatch}
            label={`Sheet ${data.stock.number} with ${data.places.length} pieces in place`}
          />
        ) : (
          <div className="h-full bg-paper p-8">
            {plan.error ? (
              <Trouble says={plan.error.message} />
            ) : (
              <p role="status">{chosen.length === 0 ? 'Choose pieces to see them on a sheet.' : 'Laying out …'}</p>
            )}
          </div>
        )}
      </div>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="The plan">
        <div className="min-h-0 flex-1 overflow-auto p-5">
          <Section title="Pieces, due soonest first">
            <ul>
              {pieces.map((piece) => (
                <li key={piece.id} className="border-b border-rule">
                  <label className="flex min-h-10 cursor-pointer items-center gap-3 py-1">
                    <input
                      type="checkbox"
                      className="h-5 w-5 accent-ink"
                      checked={!leftOut.has(piece.id)}
                      onChange={() => turn(piece.id)}
                    />
                    <span className="min-w-0 flex-1">
                      <span className="block truncate">
                        <b className="font-semibold">{piece.tag}</b> {piece.label}
                        {piece.mirrored && <span className="text-ink2"> · mirrored</span>}
                      </span>
                      <span className="block truncate text-sm text-ink2">
                        {piece.customer} · {asDay(piece.neededAt)}
                      </span>
                      {piece.recuts > 0 && (
                        <span className="block text-sm font-medium">Recut: {piece.spoiledBecause}</span>
                      )}
                    </span>
                    {piece.late && (
                      <span className="label bg-signal px-1" style={{ color: '#fff' }}>
                        late
                      </span>
                    )}
                  </label>
                </li>
              ))}
            </ul>
          </Section>
          <div className="mb-4">
            <SelectField
              label="Cut from"
              value={stockId}
              onChange={setStockId}
              options={[
                { value: '', label: 'offcuts first, then sheets' },
                ...offers.map((item) => ({
                  value: String(item.id),
                  label: `${item.number}, ${shown.size(item.size)}, bin ${item.bin}`,
                })),
              ]}
            />
          </div>
          {data && (
            <Section title="This sheet">
              <Facts
                rows={[
                  ['from', `${data.stock.number}, ${shown.size(data.stock.size)}`],
                  ['pieces on it', `${data.places.length} of ${chosen.length}`],
                  ['length used', shown.one(data.length)],
                  ['left over', shown.one(data.rest)],
                  ['film', `${data.film.toFixed(3)} m², ${Math.round(data.fill * 100)} % kept`],
                  ['weeding', `${Math.max(1, Math.round(data.weeding))} min`],
                  ['gap', shown.one(data.gap)],
                ]}
              />
              {data.left.map((left) => (
                <p key={left.tag} className="mt-2 text-[15px]">
                  <b className="font-semibold">{left.tag}</b> stays for the next batch. {left.says}
                </p>
              ))}
            </Section>
          )}
        </div>
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Trouble says={release.error?.message} />
          <NextMove
            onClick={() => release.mutate(undefined)}
            disabled={release.isPending || !data || data.places.length === 0}
          >
            Release to the cutter
          </NextMove>
        </div>
      </aside>
    </div>
  );
}
