import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type Batch } from '../../api/client';
import { RECORD } from '../../api/keys';
import { batches, batch as batchQuery, remnants, stock as stockQuery, useChange } from '../../api/queries';
import { SheetDrawing } from '../../drawing/SheetDrawing';
import { Caution, Move, NextMove, Nothing, Ready, Section, Swatch, Trouble, useShown } from '../../parts/basics';
import { Box } from '../../parts/dialog';
import { SelectField } from '../../parts/fields';
import { LastRemnant } from '../stock/Remnants';
import { BatchFacts } from './BatchFacts';
import { CutterState, Running, type Word } from './Cutter';
import { PrintFirst } from './PrintFirst';

export function CutStation() {
  const query = useQuery(batches);
  const [chosen, setChosen] = useState<number | null>(null);
  return (
    <Ready query={query} what="the batches">
      {({ batches: open, many }) => {
        const batch = open.find((one) => one.id === chosen) ?? open.find((one) => one.state === 'cutting') ?? open[0];
        return batch ? (
          <div className="grid h-full grid-cols-[220px_1fr]">
            <nav aria-label="Released batches" className="min-h-0 overflow-auto border-r border-rule">
              <h2 className="label px-4 pt-3 pb-2">Released</h2>
              {open.map((one) => (
                <button
                  key={one.id}
                  type="button"
                  className="row-link on-ink min-h-14"
                  aria-current={one.id === batch.id ? 'true' : undefined}
                  onClick={() => setChosen(one.id)}
                >
                  <span className="flex items-center gap-2 font-semibold">
                    <Swatch film={one.film} /> Batch {one.id}
                  </span>
                  <span className="block text-sm opacity-80">
                    {one.pieces} {one.pieces === 1 ? 'piece' : 'pieces'}, {one.film.name}
                  </span>
                  {one.state === 'cutting' && (
                    <span className="block text-sm">cutting, {Math.round(one.progress * 100)} %</span>
                  )}
                </button>
              ))}
              {many > open.length && <p className="px-4 py-3 text-ink2">{many - open.length} more come after these.</p>}
            </nav>
            <Sheet
              key={batch.id}
              id={batch.id}
              together={open.filter((one) => one.release === batch.release).map((one) => one.id)}
            />
          </div>
        ) : (
          <div className="flex h-full flex-col">
            <LeftOver />
            <Nothing title="Nothing to cut">Release a batch at Batch and it comes here.</Nothing>
          </div>
        );
      }}
    </Ready>
  );
}

function Sheet({ id, together }: { id: number; together: number[] }) {
  const query = useQuery(batchQuery(id));
  return (
    <Ready query={query} what="the sheet">
      {(batch) => <Board batch={batch} together={together} />}
    </Ready>
  );
}

function Board({ batch, together }: { batch: Batch; together: number[] }) {
  const shown = useShown();
  const navigate = useNavigate();
  const [stockId, setStockId] = useState(String(batch.stock.id));
  const [tested, setTested] = useState(false);
  const [asking, setAsking] = useState(false);
  const shelf = useQuery(stockQuery);
  const cutter = useQuery({
    queryKey: [RECORD, 'cutter'],
    queryFn: () => ask(api.GET('/api/cutter')),
    refetchInterval: batch.state === 'cutting' ? 350 : 3000,
  });
  const start = useChange(
    () =>
      ask(
        api.POST('/api/batches/{id}/cut', {
          params: { path: { id: batch.id } },
          body: { version: batch.version, stock: Number(stockId) },
        }),
      ),
    () => setAsking(false),
  );
  const order = useChange((word: Word) => ask(api.POST('/api/cutter/{order}', { params: { path: { order: word } } })));
  const dissolve = useChange(
    () =>
      ask(
        api.POST('/api/batches/{id}/dissolve', {
          params: { path: { id: batch.id } },
          body: { version: batch.version },
        }),
      ),
    () => navigate('/batch'),
  );
  const cutting = batch.state === 'cutting';
  const live = cutter.data?.batch === batch.id ? cutter.data : undefined;
  const others = (shelf.data?.items ?? []).filter(
    (item) => item.film.id === batch.film.id && item.id !== batch.stock.id,
  );
  // What it is planned on may be the last there was of it.
  const offers = [batch.stock, ...others];
  return (
    <div className="grid min-h-0 grid-cols-[1fr_344px]">
      <div className="flex min-h-0 flex-col">
        <LeftOver />
        <div className="min-h-0 flex-1">
          <SheetDrawing
            size={batch.size}
            outline={batch.outline}
            boxes={batch.boxes}
            places={batch.places}
            length={batch.length}
            swatch={batch.film.swatch}
            knife={live && cutting ? { x: live.x, y: live.y, share: live.share, alive: true } : undefined}
            label={`Batch ${batch.id} on ${batch.stock.number}`}
          />
        </div>
      </div>
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="The cutter">
        <div className="min-h-0 flex-1 overflow-auto p-5">
          <p className="label">Batch {batch.id}</p>
          <h2 className="title mb-3">{batch.film.name}</h2>
          <BatchFacts batch={batch} together={together} />
          <div className="h-3" />
          <Section title="The cutter">
            <CutterState cutter={cutter.data} cutting={cutting} live={live} />
          </Section>
          {batch.trouble && !cutting && (
            <div className="mb-4">
              <Trouble says={batch.trouble} />
            </div>
          )}
          {!cutting && <PrintFirst batch={batch} />}
          {!cutting && (
            <>
              <div className="mb-3">
                <SelectField
                  label="What is loaded"
                  value={stockId}
                  onChange={setStockId}
                  says={start.error?.fields.stock}
                  options={offers.map((item) => ({
                    value: String(item.id),
                    label: `${item.number}, ${shown.size(item.size)}, bin ${item.bin}`,
                  }))}
                />
              </div>
              <label className="mb-3 flex min-h-12 cursor-pointer items-center gap-3">
                <input
                  type="checkbox"
                  className="h-6 w-6 accent-ink"
                  checked={tested}
                  onChange={(event) => setTested(event.target.checked)}
                />
                <span>The test cut weeds clean and only scores the liner.</span>
              </label>
              <Caution>
                Film face up, pressed down in the top left corner. Keep fingers and sleeves off the carriage.
              </Caution>
              <Move className="mt-4" onClick={() => dissolve.mutate(undefined)} disabled={dissolve.isPending}>
                Take the batch apart
              </Move>
            </>
          )}
        </div>
        <div className="flex flex-col gap-3 border-t border-rule p-5">
          <Trouble
            says={
              start.error && !start.error.fields.stock
                ? start.error.message
                : (order.error?.message ?? dissolve.error?.message)
            }
          />
          {cutting ? (
            <Running paused={live?.state === 'paused'} onOrder={order.mutate} />
          ) : (
            <NextMove onClick={() => setAsking(true)} disabled={!tested || !cutter.data?.answers}>
              {tested ? 'Start cutting' : 'First the test cut'}
            </NextMove>
          )}
        </div>
      </aside>
      <Box
        open={asking}
        onClose={() => setAsking(false)}
        title={`Cut batch ${batch.id}?`}
        what={`The knife goes into ${batch.stock.number} for ${batch.metres.toFixed(1)} m. A cut cannot be undone.`}
      >
        <Trouble says={start.error?.message} />
        <div className="mt-3 flex gap-3">
          <Move tall className="flex-1" onClick={() => setAsking(false)} keys="Esc">
            Not yet
          </Move>
          <NextMove
            className="flex-1"
            tall={false}
            onClick={() => start.mutate(undefined)}
            disabled={start.isPending}
            autoFocus
          >
            Cut it
          </NextMove>
        </div>
      </Box>
    </div>
  );
}

/** What the last cuts left: put away with one touch before it is forgotten. */
function LeftOver() {
  const left = useQuery(remnants);
  return left.data && left.data.remnants.length > 0 ? (
    <div className="shrink-0 border-b border-rule bg-paper">
      <LastRemnant remnants={left.data.remnants} many={left.data.many} />
    </div>
  ) : null;
}
