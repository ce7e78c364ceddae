import { useInfiniteQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, ask } from '../../api/client';
import { RECORD } from '../../api/keys';
import { Move, Ready, Scroll } from '../../parts/basics';
import { asMoment } from '../../parts/time';

/** Everything that happened, newest first. Nothing in it can be changed. */
export function Book() {
  const query = useInfiniteQuery({
    queryKey: [RECORD, 'book'],
    queryFn: ({ pageParam }) =>
      ask(api.GET('/api/book', { params: { query: pageParam ? { before: pageParam } : {} } })),
    initialPageParam: 0,
    getNextPageParam: (page) => page.before,
  });
  return (
    <Ready query={query} what="the book">
      {({ pages }) => (
        <Scroll label="Book" className="h-full bg-paper px-8 py-5">
          <h2 className="title mb-3">Book</h2>
          <table className="w-full max-w-5xl text-note">
            <thead>
              <tr className="label border-b border-ink text-left">
                <th className="py-1 pr-4 font-semibold">When</th>
                <th className="pr-4 font-semibold">Who</th>
                <th className="pr-4 font-semibold">Docket</th>
                <th className="font-semibold">What</th>
              </tr>
            </thead>
            <tbody>
              {pages
                .flatMap((page) => page.lines)
                .map((entry) => (
                  <tr key={entry.id} className="border-b border-rule">
                    <td className="py-1.5 pr-4 whitespace-nowrap">{asMoment(entry.at)}</td>
                    <td className="pr-4 whitespace-nowrap">{entry.who}</td>
                    <td className="pr-4 whitespace-nowrap">
                      {entry.docket !== null && (
                        <Link className="underline" to={`?docket=${entry.docket}`}>
                          Y-{String(entry.docket).padStart(4, '0')}
                        </Link>
                      )}
                    </td>
                    <td>{entry.says}</td>
                  </tr>
                ))}
            </tbody>
          </table>
          {query.hasNextPage && (
            <Move className="mt-4" onClick={() => query.fetchNextPage()} disabled={query.isFetchingNextPage}>
              Older
            </Move>
          )}
        </Scroll>
      )}
    </Ready>
  );
}
