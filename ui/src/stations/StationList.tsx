import { useQueries, useQuery } from '@tanstack/react-query';
import { useVirtualizer } from '@tanstack/react-virtual';
import { type ReactNode, useRef } from 'react';
import { Link } from 'react-router';
import type { DocketRow, Schemas } from '../api/client';
import { dockets, PAGE } from '../api/queries';
import { Ready, Swatch } from '../parts/basics';
import { asDay } from '../parts/time';

type Rows = { current: number; to: (row: DocketRow) => string };

/** px of a row, rule included */
const ROW = 85;

/** The dockets waiting at a station, due soonest first; however many they are, only those in sight are asked for. */
export function StationList({
  title,
  station,
  current,
  to,
  children,
}: Rows & { title: string; station: Schemas['Station']; children?: ReactNode }) {
  const query = useQuery(dockets(station));
  const scroll = useRef<HTMLDivElement>(null);
  return (
    <nav aria-label={title} className="flex min-h-0 flex-col border-r border-rule">
      <h2 className="label px-4 pt-3 pb-2">
        {title}
        {query.data && query.data.many > PAGE && `: ${query.data.many}`}
      </h2>
      {children}
      <div className="min-h-0 flex-1 overflow-auto" ref={scroll}>
        <Ready query={query} what="the list">
          {({ dockets: first, many }) =>
            many === 0 ? (
              <p className="px-4 py-3 text-ink2">Nothing waits here.</p>
            ) : many <= PAGE ? (
              first.map((row) => <Row key={row.number} row={row} current={current} to={to} />)
            ) : (
              <LongRows station={station} many={many} scroll={scroll} current={current} to={to} />
            )
          }
        </Ready>
      </div>
    </nav>
  );
}

/** The rows in sight of a long list, each where it would stand if all were there. */
function LongRows({
  station,
  many,
  scroll,
  current,
  to,
}: Rows & { station: Schemas['Station']; many: number; scroll: React.RefObject<HTMLDivElement | null> }) {
  const list = useVirtualizer({
    count: many,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW,
    overscan: 6,
  });
  const inSight = list.getVirtualItems();
  const pages = [...new Set(inSight.map((item) => Math.floor(item.index / PAGE)))];
  const parts = useQueries({ queries: pages.map((page) => dockets(station, page)) });
  const rows = new Map<number, DocketRow>();
  for (const part of parts) {
    part.data?.dockets.forEach((row, nth) => {
      rows.set((part.data?.from ?? 0) + nth, row);
    });
  }
  return (
    <ul className="relative" style={{ height: list.getTotalSize() }}>
      {inSight.map((item) => {
        const row = rows.get(item.index);
        return (
          <li
            key={item.key}
            aria-setsize={many}
            aria-posinset={item.index + 1}
            className="absolute inset-x-0 overflow-hidden"
            style={{ top: item.start, height: ROW }}
          >
            {row ? (
              <Row row={row} current={current} to={to} />
            ) : (
              <span className="block px-4 py-3 text-ink2">Loading …</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}

function Row({ row, current, to }: Rows & { row: DocketRow }) {
  return (
    <Link to={to(row)} className="row-link on-ink" aria-current={row.number === current ? 'true' : undefined}>
      <span className="flex items-center gap-2">
        {row.film && <Swatch film={row.film} size={16} />}
        <span className="min-w-0 flex-1 truncate font-semibold">{row.label}</span>
        {row.late && (
          <span className="label bg-signal px-1" style={{ color: 'var(--color-white)' }}>
            late
          </span>
        )}
      </span>
      <span className="block truncate text-sm opacity-80">
        {row.tag} · {row.customer || 'nobody named yet'}
      </span>
      <span className="block text-sm opacity-80">{row.neededAt ? `used ${asDay(row.neededAt)}` : 'no day yet'}</span>
    </Link>
  );
}
