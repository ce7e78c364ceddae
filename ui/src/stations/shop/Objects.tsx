import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type KnownObject, type Schemas } from '../../api/client';
import { designs, objects, stock, useChange } from '../../api/queries';
import { Move, Ready, Scroll, Trouble, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import { useSettled } from '../../parts/time';
import { Glance } from '../size/Designs';
import { Form } from './ObjectForm';

/** The shop's own objects: what comes in again and again, measured once. */
export function Objects() {
  const [find, setFind] = useState('');
  const known = useQuery(designs(useSettled(find, 150)));
  const [open, setOpen] = useState<KnownObject | 'new' | null>(null);
  const query = useQuery(objects(useSettled(find, 150)));
  // The newest state of what is open, as soon as the list has it.
  const current =
    open === null || open === 'new' ? open : (query.data?.objects.find((one) => one.id === open.id) ?? open);
  return (
    <div className="grid h-full grid-cols-[320px_1fr] grid-rows-[minmax(0,1fr)]">
      <div className="flex min-h-0 flex-col border-r border-rule bg-paper">
        <div className="border-b border-rule p-4">
          <TextField label="Find an object or a design" value={find} onChange={setFind} />
          <div className="mt-3 flex gap-2">
            <Move className="flex-1" onClick={() => setOpen('new')}>
              Measure a new one
            </Move>
            <Move onClick={() => setOpen(null)} disabled={open === null}>
              Designs
            </Move>
          </div>
        </div>
        <Scroll label="The shop’s objects" className="min-h-0 flex-1">
          <Ready query={query} what="the objects">
            {({ objects: found }) =>
              found.length === 0 ? (
                <p className="p-4 text-ink2">{find ? 'None by that name.' : 'None measured yet.'}</p>
              ) : (
                <ul>
                  {found.map((object) => (
                    <li key={object.id}>
                      <Row
                        object={object}
                        current={open !== 'new' && open?.id === object.id}
                        onOpen={() => setOpen(object)}
                      />
                    </li>
                  ))}
                </ul>
              )
            }
          </Ready>
        </Scroll>
      </div>
      {current === null ? (
        <KnownDesigns designs={known.data?.designs ?? []} />
      ) : (
        <Form
          key={current === 'new' ? 'new' : current.id}
          object={current === 'new' ? null : current}
          onDone={setOpen}
        />
      )}
    </div>
  );
}

/** The shop's own designs, to be looked at and taken off the list; they are drawn at Size. */
function KnownDesigns({ designs: found }: { designs: Schemas['KnownDesignView'][] }) {
  const shown = useShown();
  const films = useQuery(stock).data?.films ?? [];
  const drop = useChange(({ id, version }: { id: number; version: number }) =>
    ask(api.POST('/api/designs/{id}/drop', { params: { path: { id } }, body: { version } })),
  );
  return (
    <Scroll label="The shop’s designs" className="min-h-0 p-6">
      <h2 className="title">The shop’s designs</h2>
      <p className="mb-4 text-ink2">
        Drawn once, taken at Size by L, as large as the object there. Objects, measured once, are found while typing at
        Ask. Changing either changes no order.
      </p>
      <Trouble says={drop.error?.message} />
      {found.length === 0 ? (
        <p className="text-ink2">None kept yet: draw one at Size, and keep it there.</p>
      ) : (
        <ul className="grid grid-cols-3 gap-4">
          {found.map((design) => (
            <li key={design.id} className="flex flex-col gap-2 border border-rule bg-paper p-3">
              <Glance design={design} films={films} swatch="var(--color-ink)" />
              <p>
                <b className="font-semibold">{design.name}</b>
                <span className="block text-note text-ink2">
                  “{design.words}”, drawn on {shown.size(design.on)}
                </span>
              </p>
              <Move onClick={() => drop.mutate({ id: design.id, version: design.version })} disabled={drop.isPending}>
                Take it from the list
              </Move>
            </li>
          ))}
        </ul>
      )}
    </Scroll>
  );
}

function Row({ object, current, onOpen }: { object: KnownObject; current: boolean; onOpen: () => void }) {
  const shown = useShown();
  return (
    <button
      type="button"
      className="row-link on-ink flex items-center gap-3"
      aria-current={current ? 'true' : undefined}
      onClick={onOpen}
    >
      <svg width="46" height="40" viewBox={viewBox(object)} aria-hidden="true" className="shrink-0">
        <path
          d={object.outline}
          fill="none"
          stroke="currentColor"
          strokeWidth="1.4"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <span>
        <b className="font-semibold">{object.name}</b>
        <span className="block text-sm">
          {object.kind}, {shown.size(object.size)}
        </span>
      </span>
    </button>
  );
}

function viewBox(object: KnownObject): string {
  const numbers = object.outline.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [0];
  const xs = numbers.filter((_, nth) => nth % 2 === 0);
  const ys = numbers.filter((_, nth) => nth % 2 === 1);
  return `0 0 ${Math.max(1, ...xs)} ${Math.max(1, ...ys)}`;
}
