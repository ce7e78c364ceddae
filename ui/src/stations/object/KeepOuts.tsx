import type { Answers, KeepOut, Schemas } from '../../api/client';
import { Move, useShown } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';
import type { Change, Wrong } from './answers';

const NAMES: Record<string, string> = {
  x: 'From left to its middle',
  y: 'From top to its middle',
  width: 'Its width',
  height: 'Its height',
};

/** Parts that have to stay clear, each with the shop's own margin round it. */
export function KeepOuts({
  answers,
  set,
  wrong,
  known,
}: {
  answers: Answers;
  set: Change;
  wrong: Wrong;
  known: Schemas['KeepOutView'][];
}) {
  const shown = useShown();
  const change = (nth: number, part: Partial<KeepOut>) =>
    set({ keepOuts: answers.keepOuts.map((one, at) => (at === nth ? { ...one, ...part } : one)) });
  return (
    <fieldset>
      <legend className="label mb-1">Keep clear of</legend>
      {wrong('keepOuts') && <p className="mb-1 text-sm font-medium text-signal-ink">{wrong('keepOuts')}</p>}
      {answers.keepOuts.map((part, nth) => {
        const what = known.find((one) => one.what === part.what);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: rows have no name of their own and keep their order
          <div key={nth} className="mb-2 flex flex-wrap items-start gap-3 border-l-2 border-rule pl-3">
            <div className="w-52">
              <SelectField
                label="What"
                value={part.what}
                onChange={(value) => change(nth, { what: value })}
                hint={what && what.margin.mm > 0 ? `+ ${shown.one(what.margin)}` : undefined}
                options={known.map((one) => ({ value: one.what, label: one.label }))}
              />
            </div>
            {!['edge', 'lip'].includes(part.what) && (
              <div className="w-40">
                <TextField
                  label="Called"
                  value={part.name}
                  onChange={(name) => change(nth, { name })}
                  says={wrong(`keepOuts.${nth}.name`)}
                  placeholder={what?.label.toLowerCase()}
                />
              </div>
            )}
            {what?.measures.map((name) => (
              <div key={name} className="w-40">
                <TextField
                  label={
                    part.what === 'edge'
                      ? 'Width of the edge'
                      : part.what === 'hole' && name === 'width'
                        ? 'Across'
                        : (NAMES[name] ?? name)
                  }
                  value={part[name as keyof KeepOut]}
                  onChange={(value) => change(nth, { [name]: value })}
                  says={wrong(`keepOuts.${nth}.${name}`)}
                />
              </div>
            ))}
            <Move
              className="mt-6"
              aria-label={`Take away: ${part.name || (what?.label ?? part.what)}`}
              onClick={() => set({ keepOuts: answers.keepOuts.filter((_, at) => at !== nth) })}
            >
              ×
            </Move>
          </div>
        );
      })}
      <Move
        onClick={() =>
          set({ keepOuts: [...answers.keepOuts, { what: 'seam', x: '', y: '', width: '', height: '', name: '' }] })
        }
      >
        Add a seam, handle, hinge, hole …
      </Move>
    </fieldset>
  );
}
