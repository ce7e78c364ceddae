import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { stationName } from '../../frame/stations';
import { Scroll } from '../../parts/basics';
import { asMoment } from '../../parts/time';
import { clock, dayOf, minuteOf } from './axis';
import { nameOf, type WeekPlan } from './weekWords';

/** The same as a table, day by day. */
export function AsList({ week }: { week: WeekPlan }) {
  const dates = [...new Set(week.entries.map((entry) => dayOf(entry.from)))].sort();
  const hand = (id: number) => week.hands.find((one) => one.id === id)?.name ?? '';
  const order = (docket: number) => week.orders.find((one) => one.docket === docket);
  return (
    <Scroll label="The plan as a list" className="h-full px-4 py-3">
      <table className="w-full">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
            <th scope="col">Order</th>
            <th scope="col">Station</th>
          </tr>
        </thead>
        <tbody>
          {dates.flatMap((date) =>
            week.entries
              .filter((entry) => dayOf(entry.from) === date)
              .sort((a, b) => a.from.localeCompare(b.from))
              .map((entry) => (
                <tr key={nameOf(entry)}>
                  <td className="whitespace-nowrap">
                    {asMoment(entry.from)} to {clock(minuteOf(entry.to))}
                  </td>
                  <td>{hand(entry.hand)}</td>
                  <td>{entry.says}</td>
                  <td>
                    <Link to={`?docket=${entry.docket}`} className="underline">
                      {order(entry.docket)?.tag}
                    </Link>{' '}
                    {order(entry.docket)?.label}
                  </td>
                  <td>{stationName(entry.station as Schemas['Station'])}</td>
                </tr>
              )),
          )}
        </tbody>
      </table>
    </Scroll>
  );
}
