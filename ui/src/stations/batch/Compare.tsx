import type { ReactNode } from 'react';
import { useShown } from '../../parts/basics';
import { inMinutes } from '../../parts/duration';
import type { Plan } from './useNesting';

const money = (minor: number | null) => (minor === null ? '–' : (minor / 100).toFixed(2));

type Row = { name: string; of: (plan: Plan) => ReactNode; weigh?: (plan: Plan) => number };

/** Plans side by side: what each takes. The least of a row stands bold. */
export function Compare({
  plans,
  chosen,
  onChoose,
}: {
  plans: Plan[];
  chosen: number | undefined;
  onChoose: (plan: number) => void;
}) {
  const { one } = useShown();
  const figures = (plan: Plan) => plan.figures ?? undefined;
  const rows: Row[] = [
    {
      name: 'on it',
      of: (plan) => `${figures(plan)?.placed} of ${figures(plan)?.pieces}`,
      weigh: (plan) => -(figures(plan)?.placed ?? 0),
    },
    { name: 'sheets', of: (plan) => figures(plan)?.sheets, weigh: (plan) => figures(plan)?.sheets ?? 0 },
    { name: 'offcuts', of: (plan) => figures(plan)?.offcuts, weigh: (plan) => -(figures(plan)?.offcuts ?? 0) },
    {
      name: 'film',
      of: (plan) => `${figures(plan)?.film.toFixed(3)} m²`,
      weigh: (plan) => figures(plan)?.film ?? 0,
    },
    {
      name: 'goes back',
      of: (plan) => `${figures(plan)?.back.toFixed(3)} m²`,
    },
    {
      name: 'worth',
      of: (plan) => money(figures(plan)?.backWorth ?? null),
    },
    {
      name: 'left of the last',
      of: (plan) => figures(plan) && one((figures(plan) as NonNullable<Plan['figures']>).remnant),
    },
    {
      name: 'cutting',
      of: (plan) => inMinutes(figures(plan)?.cutting ?? 0),
      weigh: (plan) => Math.round(figures(plan)?.cutting ?? 0),
    },
    {
      name: 'weeding',
      of: (plan) => inMinutes(figures(plan)?.weeding ?? 0),
      weigh: (plan) => Math.round(figures(plan)?.weeding ?? 0),
    },
    {
      name: 'costs',
      of: (plan) => money(figures(plan)?.cost ?? null),
      weigh: (plan) => figures(plan)?.cost ?? 0,
    },
  ];
  return (
    <table className="w-full table-fixed text-note">
      <caption className="sr-only">Plans side by side</caption>
      <colgroup>
        <col className="w-[92px]" />
      </colgroup>
      <thead>
        <tr className="align-bottom">
          <td />
          {plans.map((plan) => (
            <th key={plan.id} scope="col" className="px-0.5 pb-1">
              <button
                type="button"
                aria-pressed={plan.id === chosen}
                title={plan.how}
                onClick={() => onChoose(plan.id)}
                className={`on-ink min-h-12 w-full border border-ink px-1 text-note leading-tight font-semibold ${plan.id === chosen ? 'bg-ink text-paper' : 'bg-paper hover:bg-shade'}`}
              >
                {plan.label}
              </button>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ name, of, weigh }) => {
          const known = plans.filter((plan) => plan.figures);
          const least = weigh && known.length > 1 ? Math.min(...known.map(weigh)) : undefined;
          const differs = weigh && known.some((plan) => weigh(plan) !== least);
          return (
            <tr key={name} className="border-b border-rule">
              <th scope="row" className="py-1 text-left text-sm font-normal text-ink2">
                {name}
              </th>
              {plans.map((plan) => (
                <td
                  key={plan.id}
                  className={`px-1 text-right whitespace-nowrap ${plan.figures && weigh && differs && weigh(plan) === least ? 'font-semibold' : ''}`}
                >
                  {plan.figures ? of(plan) : '…'}
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
