import type { Fit, Setting } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { useShown } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';

/** What each line has of its own: its face, its height; or all set to one width. */
export function LinesPanel({
  lines,
  setting,
  fit,
  set,
  says,
}: {
  lines: string[];
  setting: Setting;
  fit: Fit | undefined;
  set: (part: Partial<Setting>) => void;
  says: Record<string, string>;
}) {
  const { faces } = useVocabulary();
  const shown = useShown();
  const justify = setting.justify === 'yes';
  const put = (name: 'lineFaces' | 'lineHeights', nth: number, value: string) => {
    const each = lines.map((_, at) => (at === nth ? value : (setting[name].split('|')[at] ?? '')));
    set({ [name]: each.some((one) => one !== '') ? each.join('|') : '' });
  };
  return (
    <fieldset>
      <legend className="label mb-1">Each line by itself</legend>
      <ol className="flex flex-col gap-2">
        {lines.map((line, nth) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a line is where it stands, whatever it says
          <li key={nth} className="grid grid-cols-[1fr_84px] items-end gap-2">
            <SelectField
              label={line.length > 16 ? `${line.slice(0, 15)}…` : line}
              value={setting.lineFaces.split('|')[nth] ?? ''}
              onChange={(face) => put('lineFaces', nth, face)}
              options={[
                { value: '', label: 'The face chosen' },
                ...faces.map((face) => ({ value: face.slug, label: face.name })),
              ]}
            />
            {justify ? (
              <p className="pb-2 text-right text-note" title="Letter height of this line">
                {fit?.lettering.lineHeights[nth] ? shown.one(fit.lettering.lineHeights[nth]) : ''}
              </p>
            ) : (
              <TextField
                label={`Line ${nth + 1}`}
                hint="%"
                placeholder="100"
                value={setting.lineHeights.split('|')[nth] ?? ''}
                onChange={(height) => put('lineHeights', nth, height)}
              />
            )}
          </li>
        ))}
      </ol>
      {says.lineHeights && <p className="mt-1 text-sm font-medium text-signal-ink">{says.lineHeights}</p>}
      <label className="mt-2 flex min-h-10 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="h-5 w-5 accent-ink"
          checked={justify}
          onChange={(event) => set({ justify: event.target.checked ? 'yes' : '' })}
        />
        <span>All lines one width</span>
      </label>
    </fieldset>
  );
}
