import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, ask, type Fit, type Length, type On, type Problem, type Schemas } from '../../api/client';
import { Move, Section, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import type { Units } from '../../parts/units';
import { BoxPanel } from './BoxPanel';
import type { Drawing } from './useDrawing';

/** Distances and sizes that were typed and are being worked out. */
export const PLACING = ['placing'];

/** Where the decal lies, typed from any edge, the middle or a part of the object. */
export function PlacePanel({
  on,
  drawing,
  units,
  fit,
  elsewhere,
  onBall,
  change,
}: {
  on: On;
  drawing: Drawing;
  units: Units;
  fit: Fit | undefined;
  elsewhere: Schemas['ElsewhereView'] | null | undefined;
  onBall: Schemas['OnBallView'] | null | undefined;
  change: (part: Partial<Drawing>) => void;
}) {
  const shown = useShown();
  // One after the other, each on what the one before left: two distances typed in a row both hold.
  const latest = useRef(drawing);
  latest.current = drawing;
  const take = (part: Partial<Drawing>) => {
    latest.current = { ...latest.current, ...part };
    change(part);
  };
  const place = useMutation<{ left: Length; top: Length }, Problem, { from: string; distance: string }>({
    mutationKey: PLACING,
    scope: { id: 'placing' },
    mutationFn: ({ from, distance }) => {
      const { roster: _, ...single } = latest.current;
      return ask(api.POST('/api/place', { body: { ...on, ...single, units, from, distance } }));
    },
    onSuccess: (put) => take({ left: `${put.left.mm}mm`, top: `${put.top.mm}mm` }),
  });
  const size = useMutation<{ capHeight: Length }, Problem, { of: 'width' | 'height'; size: string }>({
    mutationKey: PLACING,
    scope: { id: 'placing' },
    mutationFn: ({ of, size: typed }) => {
      const { roster: _, ...single } = latest.current;
      return ask(api.POST('/api/size', { body: { ...on, ...single, units, of, size: typed } }));
    },
    onSuccess: ({ capHeight }) => take({ capHeight: `${capHeight.mm}mm` }),
  });
  if (!fit) {
    return null;
  }
  const sized = (of: 'width' | 'height', label: string, now: Length) => (
    <Distance
      label={label}
      now={now}
      onType={(typed) => size.mutate({ of, size: typed })}
      says={size.variables?.of === of ? (size.error?.fields.size ?? size.error?.message) : undefined}
    />
  );
  const pairs = fit.place.features.flatMap((one, first) =>
    fit.place.features.slice(first + 1).map((other, nth) => ({ first, second: first + 1 + nth, one, other })),
  );
  const field = (from: string, label: string, now: Length) => (
    <Distance
      key={from}
      label={label}
      now={now}
      onType={(distance) => place.mutate({ from, distance })}
      says={place.variables?.from === from ? (place.error?.fields.distance ?? place.error?.message) : undefined}
    />
  );
  return (
    <Section title="How large, and where it lies">
      {elsewhere && (
        <Move
          className="mb-3 w-full text-left"
          onClick={() =>
            change({
              capHeight: `${elsewhere.capHeight.mm}mm`,
              left: `${elsewhere.left.mm}mm`,
              top: `${elsewhere.top.mm}mm`,
            })
          }
        >
          Off the middle it could be {elsewhere.more} % larger: letters of {shown.one(elsewhere.capHeight)}
        </Move>
      )}
      {onBall && (
        <div className="mb-3 flex flex-col gap-2">
          <Move className="text-left" onClick={() => change({ capHeight: `${onBall.flat.mm}mm` })}>
            Lies flat: letters up to {shown.one(onBall.flat)}
          </Move>
          {onBall.snips.mm > onBall.flat.mm && (
            <Move className="text-left" onClick={() => change({ capHeight: `${onBall.snips.mm}mm` })}>
              With snips between the letters: up to {shown.one(onBall.snips)}
            </Move>
          )}
          <p className="text-sm text-ink2">Larger ones crease on this ball: split the decal.</p>
        </div>
      )}
      <div className="mb-3 grid grid-cols-2 gap-3">
        {sized('width', 'Width over all', fit.place.size.width)}
        {sized('height', 'Height over all', fit.place.size.height)}
      </div>
      <BoxPanel on={on} drawing={drawing} units={units} change={change} />
      <p className="mb-2 text-sm text-ink2">
        Type a distance and press Enter. Arrow keys on the drawing move by a tick.
      </p>
      {pairs.length > 0 && pairs.length < 7 && (
        <div className="mb-3 flex flex-col gap-2">
          {pairs.map(({ first, second, one, other }) => (
            <Move
              key={`${first}-${second}`}
              className="text-left"
              onClick={() => place.mutate({ from: `between/${first}/${second}`, distance: '0' })}
            >
              In the middle between: {one.label} and {other.label}
            </Move>
          ))}
        </div>
      )}
      <div className="grid grid-cols-2 gap-3">
        {field('left', 'From left edge', fit.place.left)}
        {field('right', 'From right edge', fit.place.right)}
        {field('top', 'From top edge', fit.place.top)}
        {field('bottom', 'From bottom edge', fit.place.bottom)}
        {field('across', 'Right of the middle', fit.place.across)}
        {field('down', 'Below the middle', fit.place.down)}
        {fit.place.features.map((feature, nth) => [
          field(`across/${nth}`, `Right of: ${feature.label}`, feature.across),
          field(`down/${nth}`, `Below: ${feature.label}`, feature.down),
        ])}
      </div>
    </Section>
  );
}

/** A distance as it is; another one is typed and taken with Enter. */
export function Distance({
  label,
  now,
  says,
  onType,
}: {
  label: string;
  now: Length;
  says?: string;
  onType: (distance: string) => void;
}) {
  const shown = useShown();
  const settled = shown.one(now);
  // What was typed holds for the place it was typed at.
  const [last, setLast] = useState({ at: settled, typed: settled });
  const typed = last.at === settled ? last.typed : settled;
  const setTyped = (value: string) => setLast({ at: settled, typed: value });
  const take = () => typed !== settled && onType(typed);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <TextField label={label} value={typed} onChange={setTyped} says={says} onBlur={take} />
    </form>
  );
}
