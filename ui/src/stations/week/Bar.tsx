import { clock, minuteOf, type Run } from './axis';

export function Bar({
  run,
  tag,
  ticks,
  x,
  y,
  width,
  height,
  late,
  chosen,
  moved,
  hand,
}: {
  run: Run;
  tag: string;
  /** Where one step of it ends and the next begins. */
  ticks: number[];
  x: number;
  y: number;
  width: number;
  height: number;
  late: boolean;
  chosen: boolean;
  moved: boolean;
  hand: object;
}) {
  const label = tag.replace(/^\D+/, '');
  const says = run.entries.map((entry) => entry.says).join(', ');
  // The number stands apart, so that what is read on the bar is part of its name.
  const told = `${tag.replace('-', ' ')}, ${says}, ${clock(minuteOf(run.from))} to ${clock(minuteOf(run.to))}${late ? ', late' : ''}${run.pinned ? ', put there' : ''}`;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a bar of a drawing, moved by pointer or keys
    <g
      role="button"
      tabIndex={0}
      aria-label={told}
      aria-pressed={chosen}
      className="cursor-grab touch-none outline-offset-2"
      {...hand}
    >
      <title>{told}</title>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={chosen || moved ? 'var(--color-ink)' : 'var(--color-white)'}
        stroke="var(--color-ink)"
        strokeWidth="1.2"
        strokeDasharray={moved ? '4 3' : undefined}
      />
      {ticks.map((tick) => (
        <path
          key={tick}
          d={`M${x + tick} ${y}v6M${x + tick} ${y + height - 6}v6`}
          stroke={chosen || moved ? 'var(--color-paper)' : 'var(--color-ink)'}
        />
      ))}
      {late && <rect x={x} y={y} width={width} height={5} fill="var(--color-signal)" />}
      {run.pinned && (
        <path d={`M${x + 1} ${y + height - 1}h8l-8 -8z`} fill={chosen ? 'var(--color-paper)' : 'var(--color-ink)'} />
      )}
      {width > 12 && (
        // What is read on it is the beginning of what it is called, letter for letter.
        <text
          transform={
            width > 38
              ? `translate(${x + 5} ${y + 22})`
              : `translate(${x + width / 2 + 4.5} ${y + height - 6}) rotate(-90)`
          }
          fontSize="13"
          fill={chosen || moved ? 'var(--color-paper)' : 'var(--color-ink)'}
        >
          <tspan className="font-label">
            {label}
            {width > 70 && ', '}
          </tspan>
          {width > 70 && (
            <tspan x="0" dy="16" fontSize="12">
              {wholeWords(says, Math.floor(width / 7))}
            </tspan>
          )}
        </text>
      )}
    </g>
  );
}

/** As many words as there is room for. */
const wholeWords = (text: string, most: number) =>
  text.length <= most ? text : text.slice(0, most + 1).replace(/[,\s]*\S*$/, '');
