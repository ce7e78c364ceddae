import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, type Film, type Piece } from '../../api/client';
import { nestingKey } from '../../api/keys';
import { stock as stockQuery, useChange } from '../../api/queries';
import { Move, NextMove, ProgressBar, Section, Trouble, useShown } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { SelectField } from '../../parts/fields';
import { Compare } from './Compare';
import { PlanTable } from './PlanTable';
import { type Nesting, type Plan, useNesting, type Wanted } from './useNesting';

const BOXES: { value: Wanted['boxes']; label: string }[] = [
  { value: 'none', label: 'None' },
  { value: 'piece', label: 'Each piece' },
  { value: 'order', label: 'Each order' },
];

/** Plans of one film side by side, one of them on the table to be changed and released. */
export function Planning({ film, pieces }: { film: Film; pieces: Piece[] }) {
  const navigate = useNavigate();
  const [split, setSplit] = useState<number[]>([]);
  const [boxes, setBoxes] = useState<Wanted['boxes']>('none');
  const [stock, setStock] = useState<number | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const wanted: Wanted = {
    film: film.id,
    pieces: pieces.map((piece) => ({ id: piece.id, version: piece.version })),
    split: split.filter((id) => pieces.some((piece) => piece.id === id)),
    boxes,
    stock,
  };
  const { nesting, shapes, problem, stale } = useNesting(wanted);
  const plan = nesting?.plans.find((one) => one.id === chosen) ?? nesting?.plans[0];
  const client = useQueryClient();
  const take = (next: Nesting) => client.setQueryData(nestingKey(next.id), next);
  const release = useChange(
    (of: Plan) =>
      ask(api.POST('/api/plans/{id}/release', { params: { path: { id: of.id } }, body: { version: of.version } })),
    () => navigate('/cut'),
  );
  const cancel = useChange(
    () => ask(api.POST('/api/nestings/{id}/cancel', { params: { path: { id: nesting?.id ?? 0 } } })),
    take,
  );
  const working = plan !== undefined && ['waiting', 'working'].includes(plan.state);
  return (
    <div className="grid min-h-0 grid-cols-[1fr_352px]">
      {plan && shapes && nesting ? (
        <PlanTable key={plan.id} plan={plan} film={film} shapes={shapes} stale={stale} onChange={take} />
      ) : (
        <div className="h-full bg-paper p-8">
          {problem ? (
            <Trouble says={problem.message} />
          ) : (
            <p role="status">{pieces.length === 0 ? 'Choose pieces to see them on a sheet.' : 'Laying out …'}</p>
          )}
        </div>
      )}
      <aside className="flex min-h-0 flex-col border-l border-rule bg-ground" aria-label="The plan">
        <div className="min-h-0 flex-1 overflow-auto p-4">
          {nesting && pieces.length > 0 && <Compare plans={nesting.plans} chosen={plan?.id} onChoose={setChosen} />}
          {plan && <p className="mt-2 mb-3 text-sm text-ink2">{plan.how}</p>}
          {plan && working && <Progress plan={plan} onCancel={() => cancel.mutate(undefined)} />}
          {plan?.trouble && <Trouble says={plan.trouble} />}
          {plan && plan.left.length > 0 && (
            <Section title="Stays for the next batch">
              {plan.left.map((left) => (
                <p key={`${left.tag}-${left.says}`} className="border-b border-rule py-1 text-note">
                  <b className="font-semibold">{left.tag}</b> {left.says}
                </p>
              ))}
            </Section>
          )}
          {nesting && nesting.splits.length > 0 && (
            <Section title="Much empty film inside">
              {nesting.splits.map((one) => (
                <label key={one.piece} className="flex cursor-pointer items-start gap-3 border-b border-rule py-1.5">
                  <input
                    type="checkbox"
                    className="mt-1 h-5 w-5 shrink-0 accent-ink"
                    checked={split.includes(one.piece)}
                    onChange={() =>
                      setSplit((now) =>
                        now.includes(one.piece) ? now.filter((id) => id !== one.piece) : [...now, one.piece],
                      )
                    }
                  />
                  <span className="text-note">
                    Cut <b className="font-semibold">{one.tag}</b> {one.label} in {one.parts} parts: saves{' '}
                    {Math.round(one.saved)} cm² of film, takes {one.minutes} min more to put together.
                  </span>
                </label>
              ))}
            </Section>
          )}
          <Options film={film} boxes={boxes} onBoxes={setBoxes} stock={stock} onStock={setStock} />
        </div>
        <div className="flex flex-col gap-3 border-t border-rule p-4">
          <Trouble says={release.error?.message ?? cancel.error?.message} />
          {working && !plan?.figures ? (
            <p role="status" className="text-ink2">
              Laying out …
            </p>
          ) : working ? (
            <NextMove onClick={() => cancel.mutate(undefined)} disabled={cancel.isPending}>
              Take the best so far
            </NextMove>
          ) : (
            <NextMove
              onClick={() => plan && release.mutate(plan)}
              disabled={release.isPending || !plan || stale || (plan.figures?.placed ?? 0) === 0}
            >
              Release to the cutter
            </NextMove>
          )}
        </div>
      </aside>
    </div>
  );
}

function Progress({ plan, onCancel }: { plan: Plan; onCancel: () => void }) {
  return (
    <div className="mb-3">
      <div className="flex items-center justify-between gap-2 text-note">
        <span role="status">{plan.figures ? 'Looking for a better one …' : 'Laying out …'}</span>
        <Move className="text-sm" onClick={onCancel}>
          Stop
        </Move>
      </div>
      <ProgressBar label="Laying out" share={plan.progress} className="mt-1 h-2" />
    </div>
  );
}

function Options({
  film,
  boxes,
  onBoxes,
  stock,
  onStock,
}: {
  film: Film;
  boxes: Wanted['boxes'];
  onBoxes: (boxes: Wanted['boxes']) => void;
  stock: number | null;
  onStock: (stock: number | null) => void;
}) {
  const shown = useShown();
  const shelf = useQuery(stockQuery);
  const offers = (shelf.data?.items ?? []).filter((item) => item.film.id === film.id && item.count > 0);
  return (
    <div className="mt-3 flex flex-col gap-3">
      <Choice
        label="Weed boxes"
        value={boxes}
        onChange={(value) => onBoxes(value as Wanted['boxes'])}
        options={BOXES}
      />
      <SelectField
        label="Cut from"
        value={stock === null ? '' : String(stock)}
        onChange={(value) => onStock(value === '' ? null : Number(value))}
        options={[
          { value: '', label: 'offcuts first, then sheets' },
          ...offers.map((item) => ({
            value: String(item.id),
            label: `only ${item.number}, ${shown.size(item.size)}, bin ${item.bin}`,
          })),
        ]}
      />
    </div>
  );
}
