import { AxisBottom, AxisLeft, AxisRight } from '@visx/axis';
import { GridRows } from '@visx/grid';
import { scaleBand, scaleLinear } from '@visx/scale';
import { Bar, Circle, LinePath } from '@visx/shape';
import type { ReactNode } from 'react';
import { useRoom } from '../../drawing/scale';

const INK = 'var(--color-ink)';
const RULE = 'var(--color-rule)';
const MARGIN = { left: 44, top: 8, bottom: 26 };
/** px: bars are no wider; names on the axis below are that far apart at the least, and a letter of one is so wide. */
const WIDEST_BAR = 72;
const NAME = 72;
const LETTER = 7;
const LABEL = { fill: 'var(--color-ink2)', fontSize: 12, fontFamily: 'inherit' };

type Row = { name: string; values: readonly number[] };
/** What a bar is filled with from its foot up. */
type Fill = 'ink' | 'hatch';

/** A room to draw in: its axes in ink, hairlines across it. */
function Chart({ right, children }: { right: number; children: (width: number, height: number) => ReactNode }) {
  const room = useRoom();
  const width = room.width - MARGIN.left - right;
  const height = room.height - MARGIN.top - MARGIN.bottom;
  return (
    <div ref={room.ref} className="h-full">
      {width > 0 && height > 0 && (
        // biome-ignore lint/a11y/noSvgWithoutTitle: its figures stand beside it as a table
        <svg width={room.width} height={room.height}>
          <defs>
            <pattern id="bars" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <path d="M0 0V5" stroke={INK} strokeWidth="1" />
            </pattern>
          </defs>
          <g transform={`translate(${MARGIN.left} ${MARGIN.top})`}>{children(width, height)}</g>
        </svg>
      )}
    </div>
  );
}

/** Places of the names that have room on an axis so wide. */
const told = (names: string[], width: number) => {
  const longest = Math.max(NAME, ...names.map((name) => LETTER * name.length));
  const step = Math.max(1, Math.ceil((names.length * longest) / width));
  return names.map((_, nth) => String(nth)).filter((_, nth) => nth % step === 0);
};

/**
 * Bars side by side, each stacked of so many parts; a line over them, of a hundred, where there is one.
 */
export function Bars({
  rows,
  fills,
  whole = false,
  share,
}: {
  rows: readonly Row[];
  fills: readonly Fill[];
  /** Whether only whole figures are told. */
  whole?: boolean;
  share?: readonly number[];
}) {
  return (
    <Chart right={share ? 40 : 8}>
      {(width, height) => {
        const names = rows.map((_, nth) => String(nth));
        const x = scaleBand({ domain: names, range: [0, width], padding: 0.3 });
        const most = Math.max(...rows.map((row) => row.values.reduce((sum, one) => sum + one, 0)));
        const y = scaleLinear({ domain: [0, most > 0 ? most : 1], range: [height, 0], nice: true });
        const of100 = scaleLinear({ domain: [0, 100], range: [height, 0] });
        const wide = Math.min(WIDEST_BAR, x.bandwidth());
        const ticks = Math.min(whole ? most : 5, Math.floor(height / 34));
        const middle = (nth: number) => (x(String(nth)) ?? 0) + x.bandwidth() / 2;
        return (
          <>
            <GridRows scale={y} width={width} height={height} numTicks={ticks} stroke={RULE} strokeWidth={0.6} />
            {rows.map((row, nth) =>
              row.values.map((value, part) => {
                const below = row.values.slice(0, part).reduce((sum, one) => sum + one, 0);
                return (
                  <Bar
                    // biome-ignore lint/suspicious/noArrayIndexKey: its place is what it is
                    key={`${nth} ${part}`}
                    x={middle(nth) - wide / 2}
                    y={y(below + value)}
                    width={wide}
                    height={Math.max(0, y(below) - y(below + value))}
                    fill={fills[part] === 'hatch' ? 'url(#bars)' : INK}
                    stroke={INK}
                    strokeWidth={fills[part] === 'hatch' ? 0.8 : 0}
                  />
                );
              }),
            )}
            {share && (
              <>
                {[
                  ['var(--color-paper)', 4],
                  [INK, 1],
                ].map(([stroke, width]) => (
                  <LinePath
                    key={stroke}
                    data={share.map((one, nth) => [middle(nth), of100(one)] as const)}
                    x={([at]) => at}
                    y={([, at]) => at}
                    stroke={String(stroke)}
                    strokeWidth={width}
                  />
                ))}
                {share.map((one, nth) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: its place is what it is
                  <Circle key={nth} cx={middle(nth)} cy={of100(one)} r={3} fill="var(--color-paper)" stroke={INK} />
                ))}
                <AxisRight left={width} scale={of100} numTicks={ticks} stroke={INK} hideTicks tickLabelProps={LABEL} />
              </>
            )}
            <AxisLeft
              scale={y}
              numTicks={ticks}
              stroke={INK}
              hideTicks
              tickFormat={(of) => (whole && !Number.isInteger(Number(of)) ? '' : String(of))}
              tickLabelProps={{ ...LABEL, textAnchor: 'end', dx: -2, dy: 4 }}
            />
            <AxisBottom
              top={height}
              scale={x}
              tickValues={told(
                rows.map(({ name }) => name),
                width,
              )}
              tickFormat={(nth) => rows[Number(nth)]?.name ?? ''}
              stroke={INK}
              hideTicks
              tickLabelProps={{ ...LABEL, textAnchor: 'middle' }}
            />
          </>
        );
      }}
    </Chart>
  );
}

/** What was told across, what it took up; on the line both are one. */
export function Scattered({ points }: { points: readonly { told: number; took: number }[] }) {
  const told = Math.ceil(Math.max(1, ...points.map((one) => one.told)));
  const took = Math.ceil(Math.max(told, ...points.map((one) => one.took)));
  return (
    <Chart right={12}>
      {(width, height) => {
        const x = scaleLinear({ domain: [0, told], range: [0, width] });
        const y = scaleLinear({ domain: [0, took], range: [height, 0] });
        const ticks = Math.min(5, Math.floor(height / 34));
        return (
          <>
            <GridRows scale={y} width={width} height={height} numTicks={ticks} stroke={RULE} strokeWidth={0.6} />
            <path d={`M${x(0)} ${y(0)}L${x(told)} ${y(told)}`} stroke={INK} strokeDasharray="12 4 3 4" />
            {points.map((one, nth) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: pieces of work may be alike
              <Circle key={nth} cx={x(one.told)} cy={y(one.took)} r={4} fill="none" stroke={INK} />
            ))}
            <AxisLeft
              scale={y}
              numTicks={ticks}
              stroke={INK}
              hideTicks
              tickLabelProps={{ ...LABEL, textAnchor: 'end', dx: -2, dy: 4 }}
            />
            <AxisBottom top={height} scale={x} numTicks={6} stroke={INK} hideTicks tickLabelProps={LABEL} />
          </>
        );
      }}
    </Chart>
  );
}
