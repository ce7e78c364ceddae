/** A dimension: extension lines from the thing, arrowheads, the figure on the line. Pixels. */
export function Dimension({
  from,
  to,
  at,
  away,
  text,
  upright = false,
}: {
  from: number;
  to: number;
  /** Where the extension lines begin, across the dimension line. */
  at: number;
  /** Where the dimension line runs. */
  away: number;
  text: string;
  upright?: boolean;
}) {
  const past = away + Math.sign(away - at) * 6;
  const p = (along: number, across: number) => (upright ? `${across} ${along}` : `${along} ${across}`);
  const arrow = (tip: number, way: number) =>
    `M${p(tip, away)}L${p(tip + way * 9, away - 3)}L${p(tip + way * 9, away + 3)}Z`;
  const wide = text.length * 8.2 + 12;
  const middle = (from + to) / 2;
  const roomy = to - from > 30;
  return (
    <g>
      <path
        d={`M${p(from, at)}L${p(from, past)}M${p(to, at)}L${p(to, past)}M${p(from, away)}L${p(to, away)}`}
        fill="none"
        stroke="var(--color-ink2)"
      />
      <path d={arrow(from, roomy ? 1 : -1) + arrow(to, roomy ? -1 : 1)} fill="var(--color-ink)" />
      <rect
        x={(upright ? away : middle) - wide / 2}
        y={(upright ? middle : away) - 12}
        width={wide}
        height={24}
        fill="var(--color-paper)"
      />
      <text
        x={upright ? away : middle}
        y={(upright ? middle : away) + 5.5}
        textAnchor="middle"
        fontSize="16"
        fontWeight="500"
        fill="var(--color-ink)"
      >
        {text}
      </text>
    </g>
  );
}
