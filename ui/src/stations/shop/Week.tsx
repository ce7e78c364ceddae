import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { line } from '../../api/queries';
import { stationName } from '../../frame/stations';
import { Nothing, Ready, Scroll } from '../../parts/basics';
import { asDay } from '../../parts/time';

/** What is used on which day, and where it stands. */
export function Week() {
  const query = useQuery(line);
  return (
    <Ready query={query} what="the week">
      {({ stations }) => {
        const all = stations.flatMap((stop) => stop.waiting.map((tick) => ({ ...tick, station: stop.station })));
        const days = [...new Set(all.map((tick) => tick.neededAt ?? ''))].sort((a, b) =>
          (a || '9').localeCompare(b || '9'),
        );
        return all.length === 0 ? (
          <Nothing title="Nothing is promised" />
        ) : (
          <Scroll label="Week" className="h-full bg-paper px-8 py-5">
            <h2 className="title mb-3">Promised, by the day it is used</h2>
            {stations.some((stop) => stop.many > stop.waiting.length) && (
              <p className="mb-3 text-ink2">The {all.length} due soonest are shown.</p>
            )}
            {days.map((day) => (
              <div key={day} className="grid grid-cols-[180px_1fr] border-t border-rule py-2">
                <h2 className="font-label text-xl font-semibold">{day ? asDay(day) : 'No day yet'}</h2>
                <ul>
                  {all
                    .filter((tick) => (tick.neededAt ?? '') === day)
                    .map((tick) => (
                      <li key={tick.number}>
                        <Link
                          to={`?docket=${tick.number}`}
                          className="grid min-h-9 grid-cols-[90px_1fr_1fr_90px_60px] items-center gap-3 hover:bg-shade"
                        >
                          <span>{tick.tag}</span>
                          <b className="truncate font-semibold">{tick.label}</b>
                          <span className="truncate text-ink2">{tick.customer}</span>
                          <span>{stationName(tick.station)}</span>
                          <span className="font-semibold text-signal-ink">{tick.late && 'late'}</span>
                        </Link>
                      </li>
                    ))}
                </ul>
              </div>
            ))}
          </Scroll>
        );
      }}
    </Ready>
  );
}
