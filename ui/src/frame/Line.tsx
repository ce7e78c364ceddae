import { useQuery } from '@tanstack/react-query';
import { NavLink, useNavigate, useSearchParams } from 'react-router';
import type { Schemas } from '../api/client';
import { line } from '../api/queries';
import { asDay } from '../parts/time';
import { STATIONS, stationName } from './stations';

/**
 * The line: one continuous rule with the eight stations as its long ticks and every waiting
 * docket as a small one. Late ones stand taller, in the signal colour.
 */
export function Line() {
  const { data } = useQuery(line);
  const stations: Schemas['StationView'][] =
    data?.stations ?? STATIONS.map((station, nth) => ({ station, nth: nth + 1, late: 0, many: 0, waiting: [] }));
  return (
    <nav aria-label="The line" className="grid grid-cols-8 border-b-2 border-ink px-5 max-lg:px-2">
      {stations.map((station) => (
        <Stop key={station.station} station={station} />
      ))}
    </nav>
  );
}

function Stop({ station }: { station: Schemas['StationView'] }) {
  return (
    <NavLink
      to={`/${station.station}`}
      title={`Key ${station.nth}`}
      className={({ isActive }) =>
        `on-ink relative block h-[52px] border-l-2 border-ink pt-1 pl-2 pr-2 ${isActive ? 'bg-ink text-paper' : 'hover:bg-shade'}`
      }
    >
      {({ isActive }) => (
        <>
          <span className="flex items-baseline justify-between">
            <span className="font-label text-large leading-6 font-semibold">{stationName(station.station)}</span>
            <span className="font-label text-note whitespace-nowrap">
              {station.late > 0 && (
                <span className={`mr-2 font-semibold ${isActive ? 'text-paper' : 'text-signal-ink'}`}>
                  {station.late}
                  <span className="max-lg:sr-only"> late</span>
                </span>
              )}
              <span className={isActive ? '' : 'text-ink2'}>
                {station.many}
                <span className="sr-only"> waiting</span>
              </span>
            </span>
          </span>
          <Ticks waiting={station.waiting} many={station.many} light={isActive} />
        </>
      )}
    </NavLink>
  );
}

/** One tick a docket. They are a picture: the same dockets stand in the station's own list. */
function Ticks({ waiting, many, light }: { waiting: Schemas['TickView'][]; many: number; light: boolean }) {
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const most = 14;
  return (
    <span aria-hidden="true" className="absolute right-1 bottom-0 left-1.5 flex h-[21px] items-end">
      {waiting.slice(0, most).map((tick) => (
        // biome-ignore lint/a11y/noStaticElementInteractions: a picture for the pointer; keys reach the same through the lists
        // biome-ignore lint/a11y/useKeyWithClickEvents: as above
        <span
          key={tick.number}
          className="flex h-full w-[9px] cursor-pointer items-end justify-center"
          title={`${tick.tag} ${tick.label} · ${tick.customer} · ${asDay(tick.neededAt)}${tick.late ? ' · late' : ''}`}
          onClick={(event) => {
            event.preventDefault();
            event.stopPropagation();
            const next = new URLSearchParams(search);
            next.set('docket', String(tick.number));
            navigate({ search: next.toString() });
          }}
        >
          <span
            className={tick.late ? 'w-[3px]' : 'w-[2px]'}
            style={{
              height: tick.late ? 19 : 9,
              background: tick.late
                ? light
                  ? 'var(--color-signal-on-ink)'
                  : 'var(--color-signal)'
                : light
                  ? 'var(--color-paper)'
                  : 'var(--color-ink)',
            }}
          />
        </span>
      ))}
      {many > most && <span className="pl-0.5 text-xs leading-3">+{many - most}</span>}
    </span>
  );
}
