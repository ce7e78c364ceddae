import { useQuery } from '@tanstack/react-query';
import { useId, useMemo, useState } from 'react';
import type { Film, Schemas } from '../../api/client';
import { stock } from '../../api/queries';
import { useKey } from '../../frame/keys';
import { Move, Trouble, useShown } from '../../parts/basics';
import { PlanDrawing } from './PlanDrawing';
import { useHand } from './useHand';
import type { Nesting, Plan } from './useNesting';

type Laid = Schemas['LaidView'];

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
  const nth = Math.min(at, Math.max(0, plan.sheets.length - 1));
  const hand = useHand(plan, nth, onChange);
  const sheet = plan.sheets[nth];
  const place = taken === null ? undefined : sheet?.places[taken];
  const busy = plan.state !== 'done' || hand.busy || stale;
  const take = (next: number | null) => {
    if (next !== taken) {
      hand.forget();
      setTaken(next);
    }
  };
  const turn = (by: number) => {
    if (place && taken !== null && !busy && !film.oneWay) {
      hand.put({ nth: taken, x: place.x, y: place.y, turn: (place.turn + by + 360) % 360 });
    }
  };
  const pin = () => {
    if (place && taken !== null && !busy) {
      hand.pin(taken, !place.pinned);
    }
  };
  useKey('r', () => turn(90));
  useKey('R', () => turn(-90));
  useKey('p', pin);
  useKey('z', hand.undo, plan.canUndo && !busy, true);
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
        <SheetTabs
          sheets={plan.sheets}
          current={nth}
          onOpen={(index) => {
            setAt(index);
            take(null);
          }}
        />
        <span className="ml-auto flex gap-2">
          {plan.canUndo && (
            <Move onClick={hand.undo} disabled={busy} title="Keys Ctrl Z">
              Undo
            </Move>
          )}
          {plan.sheets.some((one) => one.places.some((here) => here.pinned)) && (
            <Move onClick={() => hand.again(false)} disabled={busy} title="Lay out again what is not pinned">
              Around the pinned
            </Move>
          )}
          <Move onClick={() => hand.again(true)} disabled={busy} title="Half a minute more; never worse">
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
          onTake={take}
          onPut={hand.put}
          step={shown.units === 'metric' ? 1 : 25.4 / 16}
        />
      </div>
      <div className="flex min-h-14 flex-wrap items-center gap-3 border-t border-rule px-4 py-2" aria-live="polite">
        {hand.trouble ? (
          <Trouble says={hand.trouble.fields.place ?? hand.trouble.message} />
        ) : place ? (
          <InHand shape={byName.get(place.name)} place={place} />
        ) : (
          <span className="text-ink2">
            {shown.size(sheet.size)}, bin {sheet.stock.bin}, {Math.round(sheet.fill * 100)} % kept
            {sheet.boxes.length > 0 && `, ${sheet.boxes.length} weed ${sheet.boxes.length === 1 ? 'box' : 'boxes'}`}.{' '}
            {busy
              ? 'Pieces can be moved by hand once Yelbo is done, or stopped.'
              : 'Drag a piece, or move it with the arrow keys.'}
          </span>
        )}
        {place && (
          <span className="ml-auto flex gap-2">
            <Move onClick={() => turn(-90)} disabled={busy || film.oneWay} title="Keys Shift R">
              Turn left
            </Move>
            <Move onClick={() => turn(90)} disabled={busy || film.oneWay} title="Key R">
              Turn right
            </Move>
            <Move onClick={pin} disabled={busy} aria-pressed={place.pinned} title="Key P">
              {place.pinned ? 'Let go' : 'Pin'}
            </Move>
            <Elsewhere
              plan={plan}
              film={film}
              at={nth}
              busy={busy}
              onCarry={(to) => {
                hand.carry({ nth: taken ?? 0, ...to });
                setTaken(null);
              }}
            />
          </span>
        )}
      </div>
    </div>
  );
}

function SheetTabs({
  sheets,
  current,
  onOpen,
}: {
  sheets: Plan['sheets'];
  current: number;
  onOpen: (nth: number) => void;
}) {
  return (
    <div role="tablist" aria-label="Sheets" className="flex min-w-0 flex-wrap">
      {sheets.map((one, index) => (
        <button
          key={`${one.stock.id}-${String(index)}`}
          type="button"
          role="tab"
          aria-selected={index === current}
          title={`${one.stock.kind}, bin ${one.stock.bin}`}
          className={`on-ink -ml-px min-h-10 border border-ink2 px-3 text-note first:ml-0 ${index === current ? 'bg-ink text-paper' : 'bg-paper hover:bg-shade'}`}
          onClick={() => onOpen(index)}
        >
          {one.stock.number} <span className={sheets.length > 2 ? 'sr-only' : 'opacity-75'}>{one.stock.kind}</span>
        </button>
      ))}
    </div>
  );
}

/** Another sheet for the piece in hand: one of the plan, or one more from the shelf. */
function Elsewhere({
  plan,
  film,
  at,
  busy,
  onCarry,
}: {
  plan: Plan;
  film: Film;
  at: number;
  busy: boolean;
  onCarry: (to: { to?: number; stock?: number }) => void;
}) {
  const id = useId();
  const shelf = useQuery(stock).data?.items ?? [];
  const more = shelf.filter(
    (item) => item.film.id === film.id && item.count > plan.sheets.filter((sheet) => sheet.stock.id === item.id).length,
  );
  return (
    <>
      <label htmlFor={id} className="sr-only">
        To another sheet
      </label>
      <select
        id={id}
        className="input min-h-10 w-40"
        value=""
        disabled={busy}
        onChange={(event) => {
          const [where, which] = event.target.value.split(' ');
          onCarry(where === 'to' ? { to: Number(which) } : { stock: Number(which) });
        }}
      >
        <option value="">To another sheet …</option>
        {plan.sheets.map(
          (sheet, nth) =>
            nth !== at && (
              <option key={`${sheet.stock.id}-${String(nth)}`} value={`to ${nth}`}>
                {sheet.stock.number}, sheet {nth + 1}
              </option>
            ),
        )}
        {more.map((item) => (
          <option key={item.id} value={`stock ${item.id}`}>
            {item.number}, one more {item.kind}
          </option>
        ))}
      </select>
    </>
  );
}

function InHand({ shape, place }: { shape: Schemas['ShapeView'] | undefined; place: Laid }) {
  return (
    <span className="min-w-0 truncate">
      <b className="font-semibold">{shape?.tag}</b> {shape?.label}
      <span className="text-ink2">
        {' '}
        · {Math.round(place.x)}, {Math.round(place.y)} mm{place.turn !== 0 && `, turned ${place.turn}°`}
      </span>
    </span>
  );
}
