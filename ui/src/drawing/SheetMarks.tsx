import { Dimension } from './Dimension';
import type { View } from './scale';
import { TAG, tagWidth } from './tags';

/** A piece's number, with a line to it where it lies apart. */
export function Tag({
  x,
  y,
  text,
  to,
  late,
  pinned = false,
}: {
  x: number;
  y: number;
  text: string;
  to: { x: number; y: number } | null;
  late: boolean;
  pinned?: boolean;
}) {
  const width = tagWidth(text);
  return (
    <g pointerEvents="none">
      {to && (
        <path
          d={`M${x + width / 2} ${to.y < y ? y : y + TAG}L${to.x} ${to.y}`}
          stroke="var(--color-ink2)"
          strokeWidth="1"
          fill="none"
        />
      )}
      <rect
        x={x}
        y={y}
        width={width}
        height={TAG}
        fill={late ? 'var(--color-signal)' : pinned ? 'var(--color-ink)' : 'var(--color-paper)'}
        stroke={late ? 'var(--color-signal)' : 'var(--color-ink2)'}
      />
      <text
        x={x + 4}
        y={y + 14}
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

/** How far down a sheet anything reaches, below the tags that lie under it. */
export function UsedLength({
  view,
  high,
  length,
  text,
  tags,
}: {
  view: View;
  high: number;
  length: number;
  text: string;
  tags: { y: number }[];
}) {
  const used = view.x + length * view.scale;
  const bottom = view.y + high * view.scale;
  const away = Math.max(bottom + 30, ...tags.map((tag) => tag.y + TAG + 12));
  return (
    <>
      <path
        d={`M${used} ${view.y - 10}V${away - 8}`}
        stroke="var(--color-ink2)"
        strokeDasharray="14 4 3 4"
        fill="none"
      />
      <Dimension from={view.x} to={used} at={bottom + 4} away={away} text={text} />
    </>
  );
}
