import type { Schemas } from '../../api/client';
import { useRoom } from '../../drawing/scale';

const DRAWN: Record<string, { fill: string; stroke: string; width: number; dash?: string }> = {
  object: { fill: 'var(--color-paper)', stroke: 'var(--color-ink)', width: 1.6 },
  tape: { fill: 'var(--color-shade)', stroke: 'var(--color-ink2)', width: 1 },
  line: { fill: 'none', stroke: 'var(--color-ink)', width: 1.4, dash: '12 4 3 4' },
  figure: { fill: 'none', stroke: 'var(--color-ink)', width: 1.4 },
  way: { fill: 'none', stroke: 'var(--color-signal)', width: 3 },
  cut: { fill: 'none', stroke: 'var(--color-signal)', width: 2.4, dash: '7 5' },
};
const MARGIN = 14;

/** A step to scale: tape, object and art as they lie, where the hand goes, and the figures it is placed by. */
export function StepPicture({ art, drawing }: { art: Schemas['StepFilmsView']; drawing: Schemas['StepDrawingView'] }) {
  const { ref, width, height } = useRoom();
  const { frame } = drawing;
  const scale = Math.max(0, Math.min((width - 2 * MARGIN) / frame.width, (height - 2 * MARGIN) / frame.height));
  const x = (width - scale * frame.width) / 2 - scale * frame.left;
  const y = (height - scale * frame.height) / 2 - scale * frame.top;
  const under = drawing.marks.filter((mark) => mark.role === 'object' || mark.role === 'tape');
  const over = drawing.marks.filter((mark) => mark.role !== 'object' && mark.role !== 'tape');
  const marks = (some: typeof drawing.marks) =>
    some.map((mark) => {
      const as = DRAWN[mark.role];
      const drawn = { d: mark.path, vectorEffect: 'non-scaling-stroke', fill: as?.fill };
      return (
        <g key={`${mark.role} ${mark.path}`}>
          {/* Lines lie over letters of any colour: a light one under each lifts it off them. */}
          {as?.fill === 'none' && <path {...drawn} stroke="var(--color-paper)" strokeWidth={as.width + 3} />}
          <path {...drawn} stroke={as?.stroke} strokeWidth={as?.width} strokeDasharray={as?.dash} />
        </g>
      );
    });
  return (
    <div ref={ref} className="relative h-full w-full contain-size overflow-hidden">
      {width > 0 && scale > 0 && (
        <svg width={width} height={height} aria-hidden="true">
          <g transform={`translate(${x} ${y}) scale(${scale})`}>
            {marks(under)}
            <g transform={`translate(${drawing.art.x - art.from.x} ${drawing.art.y - art.from.y})`}>
              {art.films.map((film) => (
                <path
                  key={film.path}
                  d={film.path}
                  fill={film.swatch}
                  stroke="var(--color-ink)"
                  strokeWidth="0.8"
                  vectorEffect="non-scaling-stroke"
                />
              ))}
            </g>
            {marks(over)}
          </g>
          {drawing.texts.map((text) => (
            <text
              key={`${text.text} ${text.x}`}
              x={x + scale * text.x}
              y={y + scale * text.y}
              textAnchor="middle"
              dominantBaseline="central"
              fontSize="22"
              fontWeight="600"
              fill="var(--color-ink)"
              stroke="var(--color-paper)"
              strokeWidth="6"
              paintOrder="stroke"
              className="font-label"
            >
              {text.text}
            </text>
          ))}
        </svg>
      )}
    </div>
  );
}
