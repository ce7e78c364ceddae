import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { RECORD } from '../../api/keys';
import { me } from '../../api/queries';
import { type Cell, Csv, Table } from './figuresTable';

/** Asked again as long as something of the answer is still being reckoned: each answer says so of itself. */
export const untilReckoned = ({ state }: { state: { data?: { reckoning: number } | undefined } }) =>
  (state.data?.reckoning ?? 0) > 0 ? 3000 : false;

/** What if it were charged by the height of letters, by area, by minutes? For the owner. */
export function PriceTest() {
  const isOwner = useQuery(me).data?.role === 'owner';
  const { data } = useQuery({
    queryKey: [RECORD, 'price-test'],
    queryFn: () => ask(api.GET('/api/price-test')),
    refetchInterval: untilReckoned,
    enabled: isOwner,
  });
  if (!data) {
    return null;
  }
  const head = ['Order', 'Customer', 'Paid', 'By letter height', 'By area', 'By minutes', 'Would have paid more'];
  const rows = data.orders.map((one): Cell[] => [
    one.tag,
    one.who,
    one.paid.text,
    one.letters.text,
    one.area.text,
    one.minutes.text,
    one.more.map(called).join(', '),
  ]);
  const name = 'What if it were charged another way?';
  return (
    <section aria-label={name} className="mt-10 max-w-5xl">
      <h3 className="text-lg font-semibold">{name}</h3>
      <p className="text-note text-ink2">
        The orders of the last {data.days} days, {data.total.text} without tax, at the rate that would have brought the
        same in all
        {data.letters && `: ${data.letters.text} for 10 mm of each letter’s height`}
        {data.area && `, ${data.area.text} for 100 cm²`}
        {data.minutes && `, ${data.minutes.text} a minute`}. More is told from a tenth on.
      </p>
      {rows.length === 0 ? (
        <p className="mt-4">{data.reckoning > 0 ? 'What they cost is being reckoned.' : 'No order was agreed yet.'}</p>
      ) : (
        <>
          <Table head={head} rows={rows} />
          <Csv name={name} head={head} rows={rows} />
        </>
      )}
    </section>
  );
}

const CALLED: Record<string, string> = { letters: 'by letters', area: 'by area', minutes: 'by minutes' };
const called = (way: string) => CALLED[way] ?? way;
