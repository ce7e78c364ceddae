import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { DocketRow } from '../api/client';
import { Ready, Swatch } from '../parts/basics';
import { asDay } from '../parts/time';

/** The dockets waiting at a station, due soonest first. */
export function StationList({
  title,
  query,
  current,
  to,
  children,
}: {
  title: string;
  query: { data: { dockets: DocketRow[] } | undefined; error: Error | null; refetch: () => unknown };
  current: number;
  to: (row: DocketRow) => string;
  children?: ReactNode;
}) {
  return (
    <nav aria-label={title} className="flex min-h-0 flex-col border-r border-rule">
      <h2 className="label px-4 pt-3 pb-2">{title}</h2>
      {children}
      <div className="min-h-0 flex-1 overflow-auto">
        <Ready query={query} what="the list">
          {({ dockets }) =>
            dockets.length === 0 ? (
              <p className="px-4 py-3 text-ink2">Nothing waits here.</p>
            ) : (
              dockets.map((row) => (
                <Link
                  key={row.number}
                  to={to(row)}
                  className="row-link on-ink"
                  aria-current={row.number === current ? 'true' : undefined}
                >
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
                  <span className="block text-sm opacity-80">
                    {row.neededAt ? `used ${asDay(row.neededAt)}` : 'no day yet'}
                  </span>
                </Link>
              ))
            )
          }
        </Ready>
      </div>
    </nav>
  );
}
