import { Dimension } from './Dimension';
import type { View } from './scale';

/** px: how wide a letter of a tag is. */
const LETTER = 6.4;

/** px: how wide a tag is drawn. */
export const tagWidth = (text: string) => text.length * LETTER + 9;

/** A piece's number at its left lower corner, as it lies on the bench. */
export function Tag({
  x,
  y,
  text,
  late,
  pinned = false,
}: {
  x: number;
  y: number;
  text: string;
  late: boolean;
  pinned?: boolean;
}) {
  return (
    <g>
      <rect
        x={x - 2}
        y={y - 20}
        width={tagWidth(text)}
        height={18}
        fill={late ? 'var(--color-signal)' : pinned ? 'var(--color-ink)' : 'var(--color-paper)'}
        stroke={late ? 'var(--color-signal)' : 'var(--color-ink2)'}
      />
      <text
        x={x + 2}
        y={y - 6}
        fontSize="13"
        fontFamily="Barlow Condensed"
        fontWeight="600"
        fill={late || pinned ? 'var(--color-white)' : 'var(--color-ink)'}
      >
        {text}
      </text>
    </g>
  );
}

/** How far down a sheet anything reaches. */
export function UsedLength({ view, high, length, text }: { view: View; high: number; length: number; text: string }) {
  const used = view.x + length * view.scale;
  const bottom = view.y + high * view.scale;
  return (
    <>
      <path
        d={`M${used} ${view.y - 10}V${bottom + 22}`}
        stroke="var(--color-ink2)"
        strokeDasharray="14 4 3 4"
        fill="none"
      />
      <Dimension from={view.x} to={used} at={bottom + 4} away={bottom + 30} text={text} />
    </>
  );
}
