import type { Fit, Setting } from '../../api/client';
import { Move, Section } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import type { Drawing } from './useDrawing';

export const STEPS = ['thicken', 'fuse', 'fill', 'drop', 'bridge', 'smooth', 'reduce'] as const;

const FIELDS: [(typeof STEPS)[number], string, string][] = [
  ['thicken', 'Thicken by', 'each side'],
  ['fuse', 'Close gaps', 'up to'],
  ['fill', 'Fill insides', 'under'],
  ['drop', 'Drop parts', 'under'],
  ['bridge', 'Bridge insides', 'bars of'],
  ['smooth', 'Round corners', 'by'],
  ['reduce', 'Fewer corners', 'true to'],
];

/** What is done to the outlines for knife and hook, in this order; empty leaves a step out. */
export function MendPanel({
  drawing,
  change,
  says,
  fit,
  before,
  onBefore,
}: {
  drawing: Drawing;
  change: (part: Partial<Drawing>) => void;
  says: Record<string, string>;
  fit: Fit | undefined;
  /** Is the art before mending shown over it? */
  before: boolean;
  onBefore: (shown: boolean) => void;
}) {
  const { setting } = drawing;
  const set = (part: Partial<Setting>) => change({ setting: { ...setting, ...part } });
  const done = STEPS.some((step) => setting[step] !== '');
  return (
    <Section title="For knife and hook">
      <p className="mb-2 text-sm text-ink2">
        Changes the outlines, never the spelling. Cures set these; each can be set by hand.
      </p>
      <div className="grid grid-cols-2 gap-3">
        {FIELDS.map(([step, label, hint]) => (
          <TextField
            key={step}
            label={label}
            hint={hint}
            placeholder="not"
            value={setting[step]}
            onChange={(value) => set({ [step]: value })}
            says={says[step]}
          />
        ))}
      </div>
      {fit && (
        <table className="mt-3 w-full text-note">
          <thead>
            <tr className="text-left text-sm text-ink2">
              <td />
              <th className="font-normal">parts</th>
              <th className="font-normal">insides</th>
              <th className="font-normal">corners</th>
            </tr>
          </thead>
          <tbody>
            {fit.film.before && <Counted name="before" of={fit.film.before} />}
            <Counted name={fit.film.before ? 'after' : 'now'} of={fit.film} />
          </tbody>
        </table>
      )}
      {fit?.film.before && (
        <label className="mt-2 flex min-h-10 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="h-5 w-5 accent-ink"
            checked={before}
            onChange={(event) => onBefore(event.target.checked)}
          />
          <span>Show how it was, dashed</span>
        </label>
      )}
      {done && (
        <Move className="mt-3 w-full" onClick={() => set(Object.fromEntries(STEPS.map((step) => [step, ''])))}>
          As it was before mending
        </Move>
      )}
    </Section>
  );
}

function Counted({ name, of }: { name: string; of: { keeps: number; counters: number; corners: number } }) {
  return (
    <tr className="border-t border-rule">
      <th className="py-1 text-left font-normal text-ink2">{name}</th>
      <td>{of.keeps}</td>
      <td>{of.counters}</td>
      <td>{of.corners}</td>
    </tr>
  );
}
