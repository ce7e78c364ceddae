import type { Units } from '../parts/units';
import type { View } from './scale';

const METRIC = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000];
const IMPERIAL = [1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 3, 6, 12, 24, 48].map((inches) => inches * 25.4);

function steps(scale: number, units: Units) {
  const all = units === 'metric' ? METRIC : IMPERIAL;
  const least = 5;
  const small = all.find((step) => step * scale >= least) ?? (all.at(-1) as number);
  const large = all.find((step) => step * scale >= 62 && Math.abs(step / small - Math.round(step / small)) < 1e-6);
  return { small, large: large ?? small * 10 };
}

const label = (mm: number, units: Units) =>
  units === 'metric' ? String(Math.round(mm)) : String(Math.round((mm / 25.4) * 100) / 100);

/** A ruler along the top and one down the left of a drawing, at its scale, zero at the object's corner. */
export function Rulers({
  view,
  width,
  height,
  units,
  thick = 26,
}: {
  view: View;
  width: number;
  height: number;
  units: Units;
  thick?: number;
}) {
  const { small, large } = steps(view.scale, units);
  const marks = (from: number, to: number) => {
    const list: { at: number; mm: number; long: boolean }[] = [];
    for (let nth = Math.ceil(from / small); nth * small <= to; nth++) {
      const mm = nth * small;
      list.push({ at: mm * view.scale, mm, long: Math.abs(mm / large - Math.round(mm / large)) < 1e-6 });
    }
    return list;
  };
  const across = marks((thick - view.x) / view.scale, (width - view.x) / view.scale);
  const down = marks((thick - view.y) / view.scale, (height - view.y) / view.scale);
  return (
    <g stroke="var(--color-ink2)" fontSize="12" fontFamily="Barlow Condensed">
      <rect x="0" y="0" width={width} height={thick} fill="var(--color-ground)" stroke="none" />
      <rect x="0" y="0" width={thick} height={height} fill="var(--color-ground)" stroke="none" />
      <path d={`M${thick} ${thick}H${width}M${thick} ${thick}V${height}`} stroke="var(--color-rule)" />
      <path d={across.map((mark) => `M${view.x + mark.at} ${thick}v${mark.long ? -16 : -7}`).join('')} />
      <path d={down.map((mark) => `M${thick} ${view.y + mark.at}h${mark.long ? -16 : -7}`).join('')} />
      {across
        .filter((mark) => mark.long)
        .map((mark) => (
          <text key={mark.mm} x={view.x + mark.at + 3} y={11} fill="var(--color-ink)" stroke="none">
            {label(mark.mm, units)}
          </text>
        ))}
      {down
        .filter((mark) => mark.long)
        .map((mark) => (
          <text
            key={mark.mm}
            transform={`translate(10 ${view.y + mark.at - 3}) rotate(-90)`}
            fill="var(--color-ink)"
            stroke="none"
          >
            {label(mark.mm, units)}
          </text>
        ))}
      <rect x="0" y="0" width={thick} height={thick} fill="var(--color-ground)" stroke="none" />
      <text x={4} y={17} fill="var(--color-ink2)" stroke="none">
        {units === 'metric' ? 'mm' : 'in'}
      </text>
    </g>
  );
}

/** A bar of a round length, to be checked with a real ruler on paper. */
export function ScaleBar({ scale, x, y }: { scale: number; x: number; y: number }) {
  const mm = [10, 20, 50, 100, 200, 500].find((length) => length * scale >= 110) ?? 1000;
  const long = mm * scale;
  return (
    <g transform={`translate(${x} ${y})`} stroke="var(--color-ink)">
      <path
        d={`M0 0H${long}${Array.from({ length: 11 }, (_, nth) => `M${(long * nth) / 10} 0v${nth % 5 === 0 ? -9 : -5}`).join('')}`}
        fill="none"
      />
      <text x={0} y={16} fontSize="13" stroke="none" fill="var(--color-ink2)">
        0
      </text>
      <text x={long} y={16} fontSize="13" stroke="none" fill="var(--color-ink2)" textAnchor="middle">
        {mm} mm
      </text>
    </g>
  );
}
