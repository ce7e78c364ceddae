import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type StockItem as Item } from '../../api/client';
import { RECORD } from '../../api/keys';
import { useChange } from '../../api/queries';
import { Facts, Move, Section, useShown } from '../../parts/basics';
import { asMoment } from '../../parts/time';
import { AmountDialog } from './AmountDialog';
import { Movements } from './Movements';
import { Outline } from './Outline';

/** One item on the shelf: what it is, what happened to it, and what can be done with it. */
export function ItemPanel({ item, onMore }: { item: Item; onMore: () => void }) {
  const shown = useShown();
  const [asking, setAsking] = useState<'count' | 'scrap' | null>(null);
  const movements = useQuery({
    queryKey: [RECORD, 'stock', 'movements', item.id, item.version],
    queryFn: () => ask(api.GET('/api/stock/items/{id}/movements', { params: { path: { id: item.id } } })),
  });
  const path = { params: { path: { id: item.id } } };
  const change = useChange(
    ({ amount, reason }: { amount: string; reason: string }) => {
      const body = { version: item.version, amount, reason };
      return asking === 'scrap'
        ? ask(api.POST('/api/stock/items/{id}/scrap', { ...path, body }))
        : ask(api.POST('/api/stock/items/{id}/count', { ...path, body }));
    },
    () => setAsking(null),
  );
  const roll = item.kind === 'roll';
  return (
    <>
      <div className="min-h-0 flex-1 overflow-auto p-5">
        <p className="label">{item.kind}</p>
        <h2 className="title mb-2">{item.number}</h2>
        <div className="mb-3 flex justify-center border border-rule bg-paper p-3">
          <Outline item={item} by={Math.max(item.size.width.mm / 240, item.size.height.mm / 180)} most={180} />
        </div>
        <Facts
          rows={[
            ['film', item.film.name],
            [roll ? 'width, left of it' : 'size', shown.size(item.size)],
            ...(item.kind === 'sheet' ? [['how many', item.count] as [string, number]] : []),
            ['in all', `${item.area.toFixed(3)} m²`],
            ['bin', item.bin],
            ...(item.lot ? [['lot', item.lot] as [string, string]] : []),
            ...(item.since ? [['since', asMoment(item.since)] as [string, string]] : []),
          ]}
        />
        {item.film.maker && (
          <p className="mt-3 border-l-2 border-ink pl-3 text-note">
            <span className="label block">The maker says</span>
            {item.film.maker}
          </p>
        )}
        <div className="h-4" />
        <Section title="What came and went">
          <Movements movements={movements.data?.movements} />
        </Section>
      </div>
      <div className="grid grid-cols-2 gap-2 border-t border-rule p-4">
        <Move onClick={() => setAsking('count')}>Count</Move>
        <Move onClick={() => setAsking('scrap')} disabled={item.count === 0}>
          Scrap
        </Move>
        {item.kind === 'sheet' && <Move onClick={onMore}>More came</Move>}
        <a
          className="flex min-h-10 items-center border border-ink bg-paper px-3 font-medium hover:bg-shade"
          href={`/api/stock/labels.pdf?of=${item.number}`}
          download
        >
          Label
        </a>
      </div>
      <AmountDialog
        open={asking !== null}
        onClose={() => setAsking(null)}
        title={asking === 'scrap' ? `Scrap of ${item.number}` : `Count ${item.number}`}
        what={
          asking === 'scrap'
            ? 'It leaves the shelf for good; the reason stays in the book.'
            : `The shelf says ${roll ? shown.one(item.size.height) : item.count}. Write what is really there.`
        }
        label={roll ? 'Length' : 'How many'}
        button={asking === 'scrap' ? 'Scrap it' : 'Write it down'}
        reason
        start={item.kind === 'offcut' ? (asking === 'scrap' ? '1' : String(item.count)) : ''}
        suggestions={
          asking === 'scrap' ? ['dried out', 'creased', 'scratched'] : ['miscounted', 'found behind the bin', 'lent']
        }
        onAmount={(amount, reason) => change.mutate({ amount, reason })}
        problem={change.error}
      />
    </>
  );
}
