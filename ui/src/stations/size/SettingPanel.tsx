import { useQuery } from '@tanstack/react-query';
import { api, ask, type Fit, type On, type Setting } from '../../api/client';
import { CALCULATED } from '../../api/keys';
import { useVocabulary } from '../../api/vocabulary';
import { Section, useShown } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { SelectField, TextField } from '../../parts/fields';
import { useSettled } from '../../parts/time';
import type { Units } from '../../parts/units';
import { LinesPanel } from './LinesPanel';
import type { Drawing } from './useDrawing';

/** Which of one line and lines under each other is meant is seen by the words. */
const BY_THE_WORDS = ['line', 'stack'];

/** How the words are set: arrangement, spacing, frame, and each word's case. */
export function SettingPanel({
  on,
  drawing,
  units,
  fit,
  change,
  says,
}: {
  on: On;
  drawing: Drawing;
  units: Units;
  fit: Fit | undefined;
  change: (part: Partial<Drawing>) => void;
  says: Record<string, string>;
}) {
  const { setting } = drawing;
  const vocabulary = useVocabulary();
  const shown = useShown();
  const set = (part: Partial<Setting>) => change({ setting: { ...setting, ...part }, left: '', top: '' });
  const figure = (name: keyof Setting, label: string, hint: string, placeholder: string) => (
    <TextField
      label={label}
      hint={hint}
      placeholder={placeholder}
      value={setting[name]}
      onChange={(value) => set({ [name]: value })}
      says={says[name]}
    />
  );
  const lines = drawing.words.split('\n').filter((line) => line.trim() !== '');
  const round = ['arc-up', 'arc-down', 'ring'].includes(setting.arrangement);
  return (
    <Section title="How they are set">
      <div className="flex flex-col gap-3">
        <SelectField
          label="Arrangement"
          value={setting.arrangement}
          onChange={(arrangement) => set({ arrangement, radius: '' })}
          says={says.arrangement}
          options={[
            { value: '', label: 'As the lines are' },
            ...vocabulary.arrangements.filter((one) => !BY_THE_WORDS.includes(one.value)),
          ]}
        />
        {setting.arrangement === 'monogram' && (
          <SelectField
            label="Order: write given, middle or second, family"
            value={setting.order || (vocabulary.monogramOrders[0]?.value ?? '')}
            onChange={(order) => set({ order })}
            options={vocabulary.monogramOrders}
          />
        )}
        {setting.arrangement === 'knockout' && (
          <SelectField
            label="Solid"
            value={setting.shape || vocabulary.usualShape}
            onChange={(shape) => set({ shape })}
            options={vocabulary.shapes}
          />
        )}
        {round &&
          figure(
            'radius',
            'Radius of the circle',
            units === 'metric' ? 'mm' : 'in',
            fit?.lettering.radius ? shown.one(fit.lettering.radius) : 'by the words',
          )}
        <SelectField
          label="Frame"
          value={setting.frame || 'none'}
          onChange={(frame) => set({ frame: frame === 'none' ? '' : frame })}
          options={vocabulary.frames}
        />
        <div className="grid grid-cols-2 gap-3">
          {figure('tracking', 'Tracking', '1/1000 em', '0')}
          {figure('condense', 'Condense', '%, up to 8', '0')}
          {figure('lineSpacing', 'Between lines', '% of height', '25')}
        </div>
        {drawing.words.includes('\n') && setting.arrangement === '' && (
          <Choice
            label="Lines start"
            value={setting.align || 'centre'}
            onChange={(align) => set({ align })}
            options={vocabulary.aligns}
          />
        )}
        {lines.length > 1 &&
          (setting.arrangement === '' || (setting.arrangement === 'knockout' && setting.shape !== 'band')) && (
            <LinesPanel lines={lines} setting={setting} fit={fit} set={set} says={says} />
          )}
        {(setting.condense !== '' || setting.stretchAsked === 'yes') && (
          <label className="flex min-h-10 cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              className="h-6 w-6 accent-ink"
              checked={setting.stretchAsked === 'yes'}
              onChange={(event) => set({ stretchAsked: event.target.checked ? 'yes' : '' })}
            />
            Further than the shop does: the customer asks for it
          </label>
        )}
        {fit && fit.lettering.condense !== 0 && (
          <p className="text-sm">
            {fit.lettering.condense > 0 ? 'Condensed' : 'Expanded'} by {Math.abs(fit.lettering.condense)} %: it is said
            on the proof.
          </p>
        )}
        <Cases on={on} drawing={drawing} units={units} change={change} />
      </div>
    </Section>
  );
}

/** Each word as typed and in its other cases, drawn: some faces read better in capitals, some do not. */
function Cases({
  on,
  drawing,
  units,
  change,
}: {
  on: On;
  drawing: Drawing;
  units: Units;
  change: (part: Partial<Drawing>) => void;
}) {
  const settled = useSettled({ words: drawing.words, face: drawing.face }, 250);
  const { data } = useQuery({
    queryKey: [CALCULATED, 'cases', on, settled],
    queryFn: ({ signal }) => ask(api.POST('/api/cases', { body: { ...on, ...settled, units }, signal })),
    retry: false,
  });
  const put = (line: number, nth: number, text: string) =>
    change({
      words: drawing.words
        .split('\n')
        .filter((one) => one.trim() !== '')
        .map((one, at) => {
          let word = -1;
          return at === line ? one.replace(/\S+/g, (old) => (++word === nth ? text : old)) : one;
        })
        .join('\n'),
    });
  return (
    <div>
      <div className="label mb-1">Case of each word</div>
      {data?.words.slice(0, 8).map((word) => (
        <div key={`${word.line}-${word.nth}`} className="mb-1.5 flex flex-wrap gap-1.5">
          {word.cases.map((one, nth) => (
            <button
              key={one.text}
              type="button"
              aria-pressed={nth === 0}
              aria-label={one.text}
              className={`bg-paper px-2 py-1 hover:bg-white ${nth === 0 ? 'border-2 border-ink' : 'border border-rule'}`}
              onClick={() => put(word.line, word.nth, one.text)}
            >
              <svg
                height="22"
                width={Math.min(120, (22 * one.size.width.mm) / one.size.height.mm)}
                viewBox={`0 0 ${one.size.width.mm} ${one.size.height.mm}`}
                aria-hidden="true"
              >
                <path d={one.path} fill="var(--color-ink)" />
              </svg>
            </button>
          ))}
        </div>
      ))}
    </div>
  );
}
