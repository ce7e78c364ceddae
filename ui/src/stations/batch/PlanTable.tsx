import { useMemo, useState } from 'react';
import { api, ask, type Film, type Schemas } from '../../api/client';
import { useChange } from '../../api/queries';
import { Move, Trouble, useShown } from '../../parts/basics';
import { PlanDrawing, type Put } from './PlanDrawing';
import type { Nesting, Plan } from './useNesting';

/** One plan as it lies: sheet after sheet, a piece in hand. */
export function PlanTable({
  plan,
  film,
  shapes,
  stale,
  onChange,
}: {
  plan: Plan;
  film: Film;
  shapes: Schemas['ShapeView'][];
  stale: boolean;
  onChange: (nesting: Nesting) => void;
}) {
  const shown = useShown();
  const [at, setAt] = useState(0);
  const [taken, setTaken] = useState<number | null>(null);
  const byName = useMemo(() => new Map(shapes.map((shape) => [shape.name, shape])), [shapes]);
  const path = { params: { path: { id: plan.id } } };
  const put = useChange(
    (to: Put) => ask(api.POST('/api/plans/{id}/put', { ...path, body: { version: plan.version, sheet: nth, ...to } })),
    onChange,
  );
  const pin = useChange(
    (pinned: boolean) =>
      ask(
        api.POST('/api/plans/{id}/pin', {
          ...path,
          body: { version: plan.version, sheet: nth, nth: taken ?? 0, pinned },
        }),
      ),
    onChange,
  );
  const undo = useChange(
    () => ask(api.POST('/api/plans/{id}/undo', { ...path, body: { version: plan.version } })),
    onChange,
  );
  const again = useChange(
    (longer: boolean) => ask(api.POST('/api/plans/{id}/again', { ...path, body: { version: plan.version, longer } })),
    onChange,
  );
  const nth = Math.min(at, Math.max(0, plan.sheets.length - 1));
  const sheet = plan.sheets[nth];
  const place = taken === null ? undefined : sheet?.places[taken];
  const shape = place && byName.get(place.name);
  const busy = plan.state !== 'done' || put.isPending || pin.isPending || undo.isPending || again.isPending || stale;
  const pinned = plan.sheets.some((one) => one.places.some((here) => here.pinned));
  const turn = (by: number) =>
    place && taken !== null && put.mutate({ nth: taken, x: place.x, y: place.y, turn: (place.turn + by + 360) % 360 });
  const trouble = put.error ?? pin.error ?? undo.error ?? again.error;
  if (!sheet) {
    return (
      <div className="h-full bg-paper p-8">
        <p role="status">
          {plan.state === 'done'
            ? 'Nothing lies on any sheet of this plan.'
            : plan.state === 'failed'
              ? 'This could not be laid out.'
              : 'Laying out …'}
        </p>
      </div>
    );
  }
  return (
    <div className="flex min-h-0 flex-col bg-paper">
      <div className="flex flex-wrap items-center gap-2 border-b border-rule px-4 py-2">
        <div role="tablist" aria-label="Sheets" className="flex min-w-0 flex-wrap">
          {plan.sheets.map((one, index) => (
            <button
              key={`${one.stock.id}-${String(index)}`}
              type="button"
              role="tab"
              aria-selected={index === nth}
              title={`${one.stock.kind}, bin ${one.stock.bin}`}
              className={`on-ink -ml-px min-h-10 border border-ink2 px-3 text-[15px] first:ml-0 ${index === nth ? 'bg-ink text-paper' : 'bg-paper hover:bg-shade'}`}
              onClick={() => {
                setAt(index);
                setTaken(null);
              }}
            >
              {one.stock.number}{' '}
              <span className={plan.sheets.length > 2 ? 'sr-only' : 'opacity-75'}>{one.stock.kind}</span>
            </button>
          ))}
        </div>
        <span className="ml-auto flex gap-2">
          {plan.canUndo && (
            <Move onClick={() => undo.mutate(undefined)} disabled={busy}>
              Undo
            </Move>
          )}
          {pinned && (
            <Move onClick={() => again.mutate(false)} disabled={busy} title="Lay out again what is not pinned">
              Around the pinned
            </Move>
          )}
          <Move onClick={() => again.mutate(true)} disabled={busy} title="Half a minute more; never worse">
            Think longer
          </Move>
        </span>
      </div>
      <div className="min-h-0 flex-1">
        <PlanDrawing
          sheet={sheet}
          shapes={byName}
          swatch={film.swatch}
          label={`Sheet ${sheet.stock.number} with ${sheet.places.length} pieces in place`}
          still={busy}
          taken={taken}
          onTake={setTaken}
          onPut={(to) => put.mutate(to)}
          step={shown.units === 'metric' ? 1 : 25.4 / 16}
        />
      </div>
      <div className="flex min-h-14 flex-wrap items-center gap-3 border-t border-rule px-4 py-2" aria-live="polite">
        {trouble ? (
          <Trouble says={trouble.fields.place ?? trouble.message} />
        ) : shape && place ? (
          <span className="min-w-0 truncate">
            <b className="font-semibold">{shape.tag}</b> {shape.label}
            <span className="text-ink2">
              {' '}
              · {Math.round(place.x)}, {Math.round(place.y)} mm{place.turn !== 0 && `, turned ${place.turn}°`}
            </span>
          </span>
        ) : (
          <span className="text-ink2">
            {shown.size(sheet.size)}, bin {sheet.stock.bin}, {Math.round(sheet.fill * 100)} % kept
            {sheet.boxes.length > 0 && `, ${sheet.boxes.length} weed ${sheet.boxes.length === 1 ? 'box' : 'boxes'}`}.{' '}
            {busy
              ? 'Pieces can be moved by hand once Yelbo is done, or stopped.'
              : 'Drag a piece, or move it with the arrow keys.'}
          </span>
        )}
        {shape && place && (
          <span className="ml-auto flex gap-2">
            <Move onClick={() => turn(-90)} disabled={busy || film.oneWay}>
              Turn left
            </Move>
            <Move onClick={() => turn(90)} disabled={busy || film.oneWay}>
              Turn right
            </Move>
            <Move onClick={() => pin.mutate(!place.pinned)} disabled={busy} aria-pressed={place.pinned}>
              {place.pinned ? 'Let go' : 'Pin'}
            </Move>
          </span>
        )}
      </div>
    </div>
  );
}
