import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask } from '../../api/client';
import { RECORD } from '../../api/keys';
import { Move, Nothing, Ready, Scroll } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';
import { asMoment, useSettled } from '../../parts/time';

const NOTHING = { find: '', who: '', what: '', first: '', last: '' };

/** Everything that happened, newest first, or what is looked for. Nothing in it can be changed. */
export function Book() {
  const [typed, setTyped] = useState(NOTHING);
  const looked = useSettled(typed, 250);
  const asked = Object.fromEntries(Object.entries(looked).filter(([, value]) => value.trim() !== ''));
  const query = useInfiniteQuery({
    queryKey: [RECORD, 'book', asked],
    queryFn: ({ pageParam, signal }) =>
      ask(
        api.GET('/api/book', {
          params: { query: { ...asked, ...(pageParam ? { before: pageParam } : {}) } },
          signal,
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (page) => page.before,
    placeholderData: keepPreviousData,
  });
  return (
    <Scroll label="Book" className="h-full bg-paper px-8 py-5">
      <div className="mb-3 flex max-w-5xl items-baseline">
        <h2 className="title flex-1">Book</h2>
        <Link to="/pictures" className="underline">
          Pictures of the shop
        </Link>
      </div>
      <Search typed={typed} onChange={(part) => setTyped({ ...typed, ...part })} />
      <Ready query={query} what="the book">
        {({ pages }) => {
          const lines = pages.flatMap((page) => page.lines);
          return lines.length === 0 ? (
            <Nothing title="Nothing like that is in the book" />
          ) : (
            <>
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
                  {lines.map((entry) => (
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
            </>
          );
        }}
      </Ready>
    </Scroll>
  );
}

/** By words or a docket, who, what kind, and when. */
function Search({ typed, onChange }: { typed: typeof NOTHING; onChange: (part: Partial<typeof NOTHING>) => void }) {
  const { data } = useQuery({
    queryKey: [RECORD, 'book-kinds'],
    queryFn: () => ask(api.GET('/api/book/kinds')),
    staleTime: 60_000,
  });
  const spoken = (kind: string) => kind.replaceAll('-', ' ');
  return (
    <div className="mb-4 grid max-w-5xl grid-cols-[2fr_1fr_1fr_1fr_1fr] gap-3 max-lg:grid-cols-3">
      <TextField
        label="Words, or a docket"
        placeholder="Y-0412, or: recut pearl"
        value={typed.find}
        onChange={(find) => onChange({ find })}
      />
      <SelectField
        label="Who"
        value={typed.who}
        onChange={(who) => onChange({ who })}
        options={[{ value: '', label: 'Anybody' }, ...(data?.writers ?? []).map((who) => ({ value: who, label: who }))]}
      />
      <SelectField
        label="Kind"
        value={typed.what}
        onChange={(what) => onChange({ what })}
        options={[
          { value: '', label: 'Anything' },
          ...(data?.kinds ?? []).map((kind) => ({ value: kind, label: spoken(kind) })),
        ]}
      />
      <TextField label="From" type="date" value={typed.first} onChange={(first) => onChange({ first })} />
      <TextField label="To" type="date" value={typed.last} onChange={(last) => onChange({ last })} />
    </div>
  );
}
