import type { StockItem } from '../../api/client';

/** Film drawn to one scale for all, so that a large offcut looks large; rolls are cut short. */
export function Outline({ item, most = 92, by = 7 }: { item: StockItem; most?: number; by?: number }) {
  const height = Math.min(item.size.height.mm, most * by);
  return (
    <svg
      width={item.size.width.mm / by}
      height={height / by}
      viewBox={`0 0 ${item.size.width.mm} ${height}`}
      aria-hidden="true"
      overflow={item.kind === 'roll' ? 'hidden' : 'visible'}
      className="shrink-0"
    >
      <path
        d={item.outline}
        fill={item.film.swatch}
        stroke="var(--color-edge)"
        strokeWidth="1.2"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
