import { useIsFetching, useQuery } from '@tanstack/react-query';
import { type ReactNode, useCallback, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate, useSearchParams } from 'react-router';
import type { Schemas } from '../api/client';
import { line } from '../api/queries';
import { asMoment, useNow } from '../parts/time';
import { useUnits } from '../parts/units';
import { AwayBar } from './AwayBar';
import { DocketDrawer } from './DocketDrawer';
import { Find } from './Find';
import { KeyList } from './KeyList';
import { useKey, useNextMove } from './keys';
import { Line } from './Line';
import { Me } from './Me';
import { STATIONS, stationName } from './stations';
import { useDryingBell } from './useDryingBell';

/** What stands round every station: the shop, the line, the quieter pages, and the docket drawer. */
export function Frame({ who }: { who: Schemas['MeView'] }) {
  const dry = useDryingBell();
  const navigate = useNavigate();
  const location = useLocation();
  const [search, setSearch] = useSearchParams();
  const [finding, setFinding] = useState(false);
  const [keys, setKeys] = useState(false);
  const now = useNow();
  const shown = Number(search.get('docket')) || null;
  const busy = useIsFetching({ predicate: (query) => query.state.data === undefined }) > 0;

  const open = useCallback(
    (docket: number | null) => {
      const next = new URLSearchParams(window.location.search);
      if (docket === null) {
        next.delete('docket');
      } else {
        next.set('docket', String(docket));
      }
      setSearch(next);
    },
    [setSearch],
  );

  useStationKeys(navigate);
  useNextMove();
  useKey('n', (event) => {
    event.preventDefault();
    navigate('/ask/new');
  });
  useKey('/', (event) => {
    event.preventDefault();
    setFinding(true);
  });
  useKey('?', () => setKeys(true));
  useNeighbours();

  return (
    <div className="flex h-full flex-col">
      <a
        href="#work"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-ink focus:p-3 focus:text-paper"
      >
        To the work
      </a>
      <header className="shrink-0 bg-paper">
        <div className="flex h-[46px] items-center gap-3.5 px-5 text-note whitespace-nowrap max-xl:gap-3 max-xl:px-2">
          <NavLink
            to="/morning"
            className="mr-auto font-label text-mark whitespace-nowrap hover:underline"
            title="The morning: what is first today"
          >
            <b className="font-semibold">Yelbo</b> <span className="text-ink2 max-xl:hidden">{who.shop}</span>
          </NavLink>
          <nav aria-label="Other pages" className="flex items-center">
            <Group name="What there is">
              <Quiet to="/stock">Stock</Quiet>
              <Quiet to="/machines">Machines</Quiet>
              <Quiet to="/objects">Objects</Quiet>
            </Group>
            <Group name="What happens">
              <Quiet to="/week">Week</Quiet>
              <Quiet to="/drying">Drying{dry > 0 && <b className="ml-1 font-semibold text-signal-ink">{dry}</b>}</Quiet>
              <Quiet to="/post">Post</Quiet>
              <Quiet to="/book">Book</Quiet>
            </Group>
            {who.role === 'owner' && (
              <Group name="The shop’s own">
                <Quiet to="/figures">Figures</Quiet>
                <Quiet to="/people">People</Quiet>
              </Group>
            )}
          </nav>
          <button type="button" className="min-h-8 text-ink2 hover:text-ink" onClick={() => setFinding(true)}>
            Find <kbd>/</kbd>
          </button>
          <button type="button" className="min-h-8 font-semibold" onClick={() => navigate('/ask/new')}>
            New order <kbd>N</kbd>
          </button>
          <UnitSwitch />
          <span className="whitespace-nowrap text-ink2 max-xl:hidden">{asMoment(new Date(now).toISOString())}</span>
          <Me who={who} />
        </div>
        <Line />
      </header>
      <AwayBar />
      <main id="work" className="min-h-0 flex-1" tabIndex={-1} aria-busy={busy}>
        <h1 className="sr-only">{title(location.pathname)}</h1>
        <Outlet />
      </main>
      <DocketDrawer number={shown} onClose={() => open(null)} />
      <Find open={finding} onClose={() => setFinding(false)} />
      <KeyList open={keys} onClose={() => setKeys(false)} />
    </div>
  );
}

/** Pages that belong together, parted from the others by a hairline. */
function Group({ name, children }: { name: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: pages are no fields
    <div
      role="group"
      aria-label={name}
      className="flex items-center gap-2.5 border-rule px-2.5 not-first:border-l max-xl:gap-2 max-xl:px-2"
    >
      {children}
    </div>
  );
}

/** Which system lengths are told in first; the other stands beside it everywhere. */
function UnitSwitch() {
  const { units, turn } = useUnits();
  return (
    <fieldset className="flex items-center">
      <legend className="sr-only">Lengths first in</legend>
      {(
        [
          ['metric', 'mm'],
          ['imperial', 'in'],
        ] as const
      ).map(([system, name]) => (
        <button
          key={system}
          type="button"
          aria-pressed={units === system}
          title={`Lengths first in ${name === 'mm' ? 'millimetres' : 'inches'}`}
          className={`-ml-px min-h-8 border border-ink2 px-2 first:ml-0 ${units === system ? 'bg-ink font-semibold text-paper' : 'bg-paper hover:bg-shade'}`}
          onClick={() => units !== system && turn()}
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}

const title = (path: string) => stationName(path.split('/')[1] ?? '') || 'Yelbo';

function Quiet({ to, children }: { to: string; children: ReactNode }) {
  return (
    <NavLink
      to={to}
      className={({ isActive }) => `py-1 ${isActive ? 'border-b-2 border-ink font-semibold' : 'hover:underline'}`}
    >
      {children}
    </NavLink>
  );
}

function useStationKeys(navigate: (to: string) => void) {
  const go = (nth: number) => () => navigate(`/${STATIONS[nth]}`);
  useKey('1', go(0));
  useKey('2', go(1));
  useKey('3', go(2));
  useKey('4', go(3));
  useKey('5', go(4));
  useKey('6', go(5));
  useKey('7', go(6));
  useKey('8', go(7));
}

/** `[` and `]`: the docket before and after at this station, wherever the page is when the key goes down. */
function useNeighbours() {
  const navigate = useNavigate();
  const { data } = useQuery(line);
  const step = (by: number) => () => {
    const [, station = '', open] = window.location.pathname.split('/');
    const waiting = data?.stations.find((stop) => stop.station === station)?.waiting ?? [];
    const direct = station === 'ask' || station === 'size' || station === 'proof';
    const shown = direct ? open : new URLSearchParams(window.location.search).get('docket');
    const here = waiting.findIndex((tick) => tick.number === Number(shown));
    const next = waiting[here === -1 ? (by > 0 ? 0 : waiting.length - 1) : here + by];
    if (next) {
      navigate(direct ? `/${station}/${next.number}` : `/${station}?docket=${next.number}`);
    }
  };
  useKey(']', step(1));
  useKey('[', step(-1));
}
