import { useRef } from 'react';
import type { Schemas } from '../../api/client';
import { Hatches } from '../../drawing/Hatch';
import { useRoom } from '../../drawing/scale';
import { Axis, dayOf, type Entry, lanes, minuteOf, runs } from './axis';
import { Bar } from './Bar';
import { dayName, HAND, HEAD, LANE, MACHINE, NAMES, nameOf, type Put, type Week } from './boardParts';
import { useHand } from './useBarDrag';

/**
 * Days across, hands and machine down: steps as bars, what dries, rests or is waited for as hatched tails beneath, now as
 * a line. A bar is put elsewhere by dragging it, or by the arrow keys and Enter.
 */
export function WeekBoard({
  week,
  days,
  chosen,
  onChoose,
  onPut,
}: {
  week: Week;
  days: number;
  chosen: Entry | null;
  onChoose: (entry: Entry) => void;
  onPut: (puts: Put[]) => void;
}) {
  const { ref, width } = useRoom();
  // A day that is over is not shown.
  const over = (one: Schemas['WeekDayView']) =>
    week.now !== null &&
    one.date === dayOf(week.now) &&
    one.open.every((stretch) => stretch.to <= minuteOf(week.now ?? ''));
  const open = week.days.filter((one) => one.open.length > 0 && !over(one)).slice(0, days);
  const axis = new Axis(open, Math.max(100, width - NAMES - 12));
  const last = open.at(-1)?.date ?? '';
  const shown = week.entries.filter((entry) => dayOf(entry.from) <= last);
  const waits = week.entries
    .filter((entry) => entry.until > entry.to && entry.station !== 'send' && dayOf(entry.to) <= last)
    .sort((a, b) => a.to.localeCompare(b.to));
  const lane = lanes(
    waits,
    (one) => axis.x(one.to),
    (one) => Math.max(axis.x(one.until), axis.x(one.to) + 34),
  );
  const machineTop = HEAD + week.hands.length * HAND;
  const waitsTop = machineTop + MACHINE;
  const height = waitsTop + 26 + LANE * Math.max(1, ...lane.map((nth) => nth + 1));
  const late = new Set(week.orders.filter((order) => order.late > 0).map((order) => order.docket));
  const tag = new Map(week.orders.map((order) => [order.docket, order.tag]));
  const svg = useRef<SVGSVGElement>(null);
  const hand = useHand(week, axis, svg, onChoose, onPut);
  const now = week.now ? axis.x(week.now) : 0;
  return (
    <div ref={ref} className="h-full w-full contain-size overflow-x-hidden overflow-y-auto bg-paper">
      {width > 0 && (
        // biome-ignore lint/a11y/useSemanticElements: a drawing with things to move in it
        <svg ref={svg} width={width} height={height} role="group" aria-label="The plan, days across and hands down">
          <Hatches />
          <g transform={`translate(${NAMES} 0)`}>
            {open.map((one, nth) => (
              <DayColumn key={one.date} day={one} nth={nth} axis={axis} bottom={waitsTop} height={height} />
            ))}
          </g>
          {week.hands.map((one, nth) => (
            <g key={one.id}>
              <path d={`M0 ${HEAD + nth * HAND}H${width}`} stroke="var(--color-rule)" />
              <text x={12} y={HEAD + nth * HAND + 24} className="font-label" fontSize="19" fontWeight="600">
                {one.name}
              </text>
              {open.map((date, at) =>
                one.away.includes(date.date) ? (
                  <text
                    key={date.date}
                    x={NAMES + axis.at(at, axis.opens) + 8}
                    y={HEAD + nth * HAND + HAND / 2}
                    fill="var(--color-ink2)"
                  >
                    away
                  </text>
                ) : null,
              )}
            </g>
          ))}
          <path d={`M0 ${machineTop}H${width}M0 ${waitsTop}H${width}`} stroke="var(--color-rule)" />
          <text x={12} y={machineTop + 27} className="font-label" fontSize="17" fontWeight="600">
            The cutter
          </text>
          <text x={12} y={waitsTop + 21} className="font-label" fontSize="17" fontWeight="600">
            Waits
          </text>
          <g transform={`translate(${NAMES} 0)`}>
            {shown
              .filter((entry) => entry.machine)
              .map((entry) => (
                <rect
                  key={`${entry.docket}-${entry.key}`}
                  x={axis.x(entry.from)}
                  y={machineTop + 10}
                  width={Math.max(2, axis.x(entry.to) - axis.x(entry.from))}
                  height={MACHINE - 20}
                  fill="var(--color-ink2)"
                />
              ))}
            {waits.map((entry, nth) => {
              const from = axis.x(entry.to);
              const top = waitsTop + 8 + (lane[nth] ?? 0) * LANE;
              const wide = Math.max(3, axis.x(entry.until) - from);
              return (
                <g key={`${entry.docket}-${entry.key}`}>
                  <rect
                    x={from}
                    y={top}
                    width={wide}
                    height={LANE - 4}
                    fill="url(#kept-clear)"
                    stroke="var(--color-ink2)"
                    strokeWidth="0.8"
                  />
                  {wide > 40 && (
                    <text
                      x={from + 5}
                      y={top + 10}
                      fontSize="11"
                      className="font-label"
                      stroke="var(--color-paper)"
                      strokeWidth="4"
                      paintOrder="stroke"
                    >
                      {tag.get(entry.docket)}
                    </text>
                  )}
                </g>
              );
            })}
            {runs(shown).map((run) => {
              const moved = hand.moved && nameOf(hand.moved.run) === nameOf(run) ? hand.moved : null;
              const row = week.hands.findIndex((one) => one.id === (moved?.hand ?? run.hand));
              return (
                <Bar
                  key={nameOf(run)}
                  run={run}
                  tag={tag.get(run.docket) ?? ''}
                  x={axis.x(moved?.from ?? run.from)}
                  ticks={run.entries.slice(1).map((entry) => axis.x(entry.from) - axis.x(run.from))}
                  y={HEAD + row * HAND + 34}
                  width={Math.max(4, axis.x(run.to) - axis.x(run.from))}
                  height={HAND - 44}
                  late={late.has(run.docket)}
                  chosen={chosen?.docket === run.docket}
                  moved={moved !== null}
                  hand={hand.of(run)}
                />
              );
            })}
            {week.now && (
              <g>
                <path d={`M${now} ${HEAD - 12}V${height}`} stroke="var(--color-signal)" strokeWidth="2" />
                <text x={now + 4} y={HEAD - 3} fontSize="12" fill="var(--color-signal-ink)" className="font-label">
                  now
                </text>
              </g>
            )}
          </g>
        </svg>
      )}
    </div>
  );
}

function DayColumn({
  day: { date, open },
  nth,
  axis,
  bottom,
  height,
}: {
  day: Schemas['WeekDayView'];
  nth: number;
  axis: Axis;
  bottom: number;
  height: number;
}) {
  const edges = [axis.opens, ...open.flatMap((one) => [one.from, one.to]), axis.closes];
  const closed = edges.flatMap((from, at) => {
    const to = edges[at + 1];
    return at % 2 === 0 && to !== undefined && to > from ? [[from, to] as const] : [];
  });
  const hours = [];
  for (let hour = Math.ceil(axis.opens / 60); hour * 60 < axis.closes; hour += axis.dayWidth > 400 ? 1 : 3) {
    hours.push(hour);
  }
  return (
    <g>
      <text x={axis.at(nth, axis.opens) + 6} y={20} className="font-label" fontSize="18" fontWeight="600">
        {dayName(date)}
      </text>
      {hours.map((hour) => (
        <g key={hour}>
          <path d={`M${axis.at(nth, hour * 60)} ${HEAD - 6}V${HEAD}`} stroke="var(--color-ink2)" />
          {axis.dayWidth > 200 && (
            <text x={axis.at(nth, hour * 60) + 3} y={HEAD - 6} fontSize="12" fill="var(--color-ink2)">
              {hour}
            </text>
          )}
        </g>
      ))}
      {closed.map(([from, to]) => (
        <rect
          key={from}
          x={axis.at(nth, from)}
          y={HEAD}
          width={axis.at(nth, to) - axis.at(nth, from)}
          height={bottom - HEAD}
          fill="url(#keep-out)"
        />
      ))}
      <path d={`M${axis.at(nth, axis.opens)} 6V${height}`} stroke="var(--color-ink)" strokeWidth={nth === 0 ? 2 : 1} />
    </g>
  );
}
