import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, ask, type Schemas } from '../../api/client';
import { drying, useChange } from '../../api/queries';
import { useBell } from '../../frame/useDryingBell';
import { Nothing, Ready, Scroll, Trouble } from '../../parts/basics';
import { asMoment, until, useNow } from '../../parts/time';

type One = Schemas['DryingView'];

/** Everything that dries or rests: what can be gone on with, several in one go, and what waits until when. */
export function Drying() {
  const query = useQuery(drying);
  const now = useNow(5000);
  const [rings, setRings] = useBell();
  const goOn = useChange((things: One[]) =>
    ask(
      api.POST('/api/drying', {
        body: { things: things.map((one) => ({ id: one.thing ?? 0, version: one.version })) },
      }),
    ),
  );
  return (
    <Ready query={query} what="the drying shelf">
      {({ shelf }) => {
        const dry = shelf.filter((one) => one.until === null || until(one.until, now) === null);
        const waits = shelf.filter((one) => !dry.includes(one));
        const nexts = [...new Set(dry.map((one) => one.next))];
        return shelf.length === 0 ? (
          <Nothing title="Nothing dries">Coats, prints and film that rests on its object stand here.</Nothing>
        ) : (
          <Scroll label="Drying shelf" className="h-full bg-paper px-8 py-5">
            <div className="mb-3 flex items-baseline justify-between gap-4">
              <h2 className="title">Dry: go on with it</h2>
              <label className="flex min-h-10 items-center gap-2">
                <input
                  type="checkbox"
                  className="h-5 w-5 accent-ink"
                  checked={rings}
                  onChange={(event) => setRings(event.target.checked)}
                />
                Ring on this device when something is dry
              </label>
            </div>
            <Trouble says={goOn.error?.message} />
            {nexts.length === 0 && <p className="mb-6 text-ink2">Nothing yet.</p>}
            {nexts.map((next) => {
              const these = dry.filter((one) => one.next === next);
              const here = these.filter((one) => one.here);
              return (
                <section key={next} className="mb-6" aria-label={next}>
                  <div className="flex items-center justify-between gap-4 border-b-2 border-ink pb-1">
                    <h3 className="text-lg font-semibold">{next}</h3>
                    {here.length > 0 && (
                      <button
                        type="button"
                        className="on-ink min-h-10 bg-signal px-4 font-semibold text-white hover:bg-signal-ink disabled:bg-shade disabled:text-ink2"
                        disabled={goOn.isPending}
                        onClick={() => goOn.mutate(here)}
                      >
                        {here.length > 1 ? `Done to all ${here.length}, in one go` : 'Done'}
                      </button>
                    )}
                  </div>
                  <Rows rows={these} now={now} />
                </section>
              );
            })}
            <h2 className="title mb-1">Waits</h2>
            {waits.length === 0 ? <p className="text-ink2">Nothing.</p> : <Rows rows={waits} now={now} told />}
          </Scroll>
        );
      }}
    </Ready>
  );
}

function Rows({ rows, now, told = false }: { rows: One[]; now: number; told?: boolean }) {
  return (
    <ul>
      {rows.map((one) => {
        const left = one.until === null ? null : until(one.until, now);
        return (
          <li key={`${one.tag} ${one.next}`} className="border-b border-rule">
            <Link
              to={one.thing === null ? `/${one.at}` : `/${one.at}?thing=${one.thing}`}
              className="grid min-h-11 grid-cols-[90px_1fr_0.7fr_1.9fr_0.9fr] items-center gap-3 hover:bg-shade"
            >
              <span>{one.tag}</span>
              <span className="truncate">
                <b className="font-semibold">{one.label}</b>
                {one.object && <span className="text-ink2"> on {one.object}</span>}
              </span>
              <span className={left ? 'font-label text-xl font-semibold' : 'text-ink2'}>
                {left ?? (one.until ? `since ${asMoment(one.until)}` : 'for hands')}
              </span>
              <span className="text-ink2">
                {left && one.until && `until ${asMoment(one.until)}`}
                {told && `, then: ${one.next.charAt(0).toLowerCase()}${one.next.slice(1)}`}
              </span>
              <span className={one.late ? 'font-semibold text-signal-ink' : 'text-ink2'}>
                {one.by && `${one.late ? 'late: ' : ''}by ${asMoment(one.by)}`}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
