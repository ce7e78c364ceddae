import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, ask, type Fit, type Length, type Problem } from '../../api/client';
import { Section, useShown } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import type { Units } from '../../parts/units';
import type { Drawing } from './useDrawing';

/** Where the decal lies, typed from any edge, the middle or a part of the object. */
export function PlacePanel({
  docket,
  drawing,
  units,
  fit,
  change,
}: {
  docket: number;
  drawing: Drawing;
  units: Units;
  fit: Fit | undefined;
  change: (part: Partial<Drawing>) => void;
}) {
  const place = useMutation<{ left: Length; top: Length }, Problem, { from: string; distance: string }>({
    mutationFn: ({ from, distance }) => {
      const { roster: _, ...single } = drawing;
      return ask(api.POST('/api/place', { body: { docket, ...single, units, from, distance } }));
    },
    onSuccess: (put) => change({ left: `${put.left.mm}mm`, top: `${put.top.mm}mm` }),
  });
  if (!fit) {
    return null;
  }
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
    <Section title="Where it lies">
      <p className="mb-2 text-sm text-ink2">
        Type a distance and press Enter. Arrow keys on the drawing move by a tick.
      </p>
      <div className="grid grid-cols-2 gap-3">
        {field('left', 'From left edge', fit.left)}
        {field('right', 'From right edge', fit.right)}
        {field('top', 'From top edge', fit.top)}
        {field('bottom', 'From bottom edge', fit.bottom)}
        {field('across', 'Right of the middle', fit.across)}
        {field('down', 'Below the middle', fit.down)}
        {fit.features.map((feature, nth) => [
          field(`across/${nth}`, `Right of: ${feature.label}`, feature.across),
          field(`down/${nth}`, `Below: ${feature.label}`, feature.down),
        ])}
      </div>
    </Section>
  );
}

function Distance({
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
  const [typed, setTyped] = useState(settled);
  useEffect(() => setTyped(settled), [settled]);
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
