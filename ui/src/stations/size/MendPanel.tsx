import type { Setting } from '../../api/client';
import { Move, Section } from '../../parts/basics';
import { TextField } from '../../parts/fields';
import type { Drawing } from './useDrawing';

export const STEPS = ['thicken', 'fuse', 'fill', 'drop', 'smooth', 'reduce'] as const;

const FIELDS: [(typeof STEPS)[number], string, string][] = [
  ['thicken', 'Thicken by', 'each side'],
  ['fuse', 'Close gaps', 'up to'],
  ['fill', 'Fill insides', 'under'],
  ['drop', 'Drop parts', 'under'],
  ['smooth', 'Round corners', 'by'],
  ['reduce', 'Fewer corners', 'true to'],
];

/** What is done to the outlines for knife and hook, in this order; empty leaves a step out. */
export function MendPanel({
  drawing,
  change,
  says,
  figures,
}: {
  drawing: Drawing;
  change: (part: Partial<Drawing>) => void;
  says: Record<string, string>;
  figures?: string;
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
      {figures && <p className="mt-2 text-sm text-ink2">{figures}</p>}
      {done && (
        <Move className="mt-3 w-full" onClick={() => set(Object.fromEntries(STEPS.map((step) => [step, ''])))}>
          As it was before mending
        </Move>
      )}
    </Section>
  );
}
