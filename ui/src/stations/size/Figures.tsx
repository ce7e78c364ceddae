import type { Fit, Schemas } from '../../api/client';
import { useShown } from '../../parts/basics';
import { inMinutes } from '../../parts/duration';
import { TextField } from '../../parts/fields';
import { motifOf } from './MotifPanel';
import type { Drawing } from './useDrawing';

/** The figures under the drawing: what was typed, and what the core answered. */
export function Figures({
  fit,
  set,
  weeding,
  drawing,
  change,
  says,
}: {
  fit: Fit | undefined;
  set: Schemas['SetView'] | undefined;
  weeding: number | undefined;
  drawing: Drawing;
  change: (part: Partial<Drawing>) => void;
  says?: string;
}) {
  const shown = useShown();
  const isOwn = set !== undefined && set.highest.mm > set.capHeight.mm;
  const motif = motifOf(drawing);
  const isDrawn = drawing.art !== null || motif !== null;
  const smallest = set?.members[set.deciding];
  return (
    <div className="flex shrink-0 flex-wrap items-start gap-x-7 gap-y-2 border-t border-rule bg-ground px-4 py-3">
      {!(set && drawing.setting.setSize) && motif?.kind !== 'pattern' && (
        <div className="w-[120px]">
          <TextField
            label={isDrawn ? 'Height over all' : 'Letter height'}
            placeholder="the largest"
            value={drawing.capHeight}
            onChange={(capHeight) => change({ capHeight })}
            says={says}
          />
        </div>
      )}
      {fit && (
        <>
          <Figure
            name={isDrawn ? 'Height' : 'Letters'}
            first={shown.one(fit.lettering.capHeight)}
            second={
              fit.lettering.lineHeights.length > 0
                ? `lines ${fit.lettering.lineHeights.map((height) => shown.bare(height)).join(' · ')}`
                : shown.other(fit.lettering.capHeight)
            }
          />
          <Figure name="Over all" first={shown.size(fit.place.size)} second={shown.otherSize(fit.place.size)} />
          <Figure
            name="From left, from top"
            first={`${shown.bare(fit.place.left)}, ${shown.one(fit.place.top)}`}
            second={
              fit.bent && fit.droop
                ? `droop ${shown.one(fit.droop)}, bent`
                : fit.strain !== null
                  ? `strain ${fit.strain} %`
                  : `clearance ${shown.one(fit.surface.clearance)}`
            }
          />
          <Figure
            name="Film"
            first={`${fit.film.area} cm²`}
            second={`${fit.film.layers.length > 1 ? `${fit.film.layers.map((layer) => layer.area).join(' + ')}, ` : ''}${weeding === undefined ? 'checking …' : `${inMinutes(weeding)} to weed`}`}
          />
        </>
      )}
      {set && (
        <>
          <Figure
            name={isOwn ? 'Letters, each' : 'Letters, all'}
            first={isOwn ? `${shown.bare(set.capHeight)} to ${shown.one(set.highest)}` : shown.one(set.capHeight)}
            second={shown.other(set.capHeight)}
          />
          <Figure
            name={isOwn ? 'Smallest' : 'Decided by'}
            first={smallest?.lines.join(' ') ?? ''}
            second={smallest ? shown.size(smallest.size) : ''}
          />
          <Figure
            name={isOwn ? 'Decals, each its own' : 'Decals, one height'}
            first={String(set.members.length)}
            second={weeding === undefined ? 'checking …' : `${inMinutes(weeding)} to weed`}
          />
        </>
      )}
    </div>
  );
}

function Figure({ name, first, second }: { name: string; first: string; second: string }) {
  return (
    <div className="max-w-60 min-w-0">
      <div className="label whitespace-nowrap">{name}</div>
      <div className="truncate font-label text-mark leading-8 font-semibold whitespace-nowrap" title={first}>
        {first}
      </div>
      <div className="text-sm whitespace-nowrap text-ink2">{second}</div>
    </div>
  );
}
