import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import { RECORD } from '../../api/keys';
import { useChange } from '../../api/queries';
import { Move, Trouble } from '../../parts/basics';
import { asDay } from '../../parts/time';
import { percent } from './percent';

const WORK: Record<string, string> = { weed: 'Weeding', apply: 'Applying', tape: 'Taping' };

/** What was learned of the shop's own minutes from what was timed: used wherever an estimate stands. */
export function Paces() {
  const { data } = useQuery({ queryKey: [RECORD, 'paces'], queryFn: () => ask(api.GET('/api/paces')) });
  const learn = useChange(() => ask(api.POST('/api/paces')));
  return (
    <section className="mb-6 max-w-4xl" aria-label="Learned from what was timed">
      <div className="flex items-end gap-4">
        <h3 className="title flex-1">Learned from what was timed</h3>
        <Move onClick={() => learn.mutate(undefined)} disabled={learn.isPending}>
          {learn.isPending ? 'Learning …' : 'Learn it anew'}
        </Move>
      </div>
      <p className="text-ink2">
        Minutes below are the handbook’s, or the shop’s own. Where what was timed tells better, estimates, the week and
        prices take so many times as long; until then the handbook holds. Each night it is learned anew.
      </p>
      <Trouble says={learn.error?.message} />
      {data?.paces.length === 0 && <p>Nothing was timed yet.</p>}
      {data && data.paces.length > 0 && (
        <table className="mt-2 w-full">
          <thead>
            <tr className="label border-b border-ink text-left">
              <th className="py-1 font-semibold">Work</th>
              <th className="font-semibold">Takes</th>
              <th className="font-semibold">Timed</th>
              <th className="font-semibold">The handbook is off by</th>
              <th className="font-semibold">What is told, by</th>
              <th className="font-semibold">Since</th>
            </tr>
          </thead>
          <tbody>
            {data.paces.map((pace) => (
              <tr key={pace.station} className="border-b border-rule">
                <td className="py-1.5">{WORK[pace.station] ?? pace.station}</td>
                <td className="font-semibold">
                  {pace.times === 1 ? 'as in the handbook' : `× ${pace.times.toFixed(2)}`}
                </td>
                <td>
                  {pace.timed}
                  {pace.mishaps > 0 && <span className="text-ink2">, {pace.mishaps} left out</span>}
                </td>
                <td>{percent(pace.handbookError)}</td>
                <td>{percent(pace.learnedError)}</td>
                <td>{asDay(pace.madeAt)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {data && data.own.length > 0 && (
        <>
          <p className="mt-3 text-ink2">
            Of those who did enough to have a pace of their own. It counts in the plan of the week only, and nobody but
            the owner sees it.
          </p>
          <ul>
            {data.own.map((pace) => (
              <li key={pace.who + pace.station} className="border-b border-rule py-1">
                {pace.who}, {(WORK[pace.station] ?? pace.station).toLowerCase()}:{' '}
                <b className="font-semibold">
                  {pace.times === 1 ? 'as in the handbook' : `× ${pace.times.toFixed(2)}`}
                </b>
                <span className="text-ink2">, from {pace.timed} times</span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
