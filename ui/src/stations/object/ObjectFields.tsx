import { RadioGroup } from 'radix-ui';
import { type ReactNode, useId, useState } from 'react';
import type { Answers } from '../../api/client';
import { useVocabulary } from '../../api/vocabulary';
import { Move } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import { SelectField, TextField } from '../../parts/fields';
import { useUnits } from '../../parts/units';
import type { Change, Wrong } from './answers';
import { KeepOuts } from './KeepOuts';
import { LaidPhoto } from './LaidPhoto';
import { PhotoTrace } from './PhotoTrace';

type Typed = { [K in keyof Answers]: Answers[K] extends string ? K : never }[keyof Answers];

/** What is measured of an object: the fields of its kind, and what has to stay clear. */
export function ObjectFields({
  answers,
  set,
  wrong,
  onPhoto,
}: {
  answers: Answers;
  set: Change;
  wrong: Wrong;
  /** Told which photo the outline was traced from. */
  onPhoto?: (photo: string) => void;
}) {
  const words = useVocabulary();
  const { units } = useUnits();
  const [tracing, setTracing] = useState(false);
  const kind = words.kinds.find((one) => one.kind === answers.surface);
  const unit = units === 'metric' ? 'mm' : 'in';
  const field = (name: Typed, label: string, hint?: string) => (
    <div key={name} className="col-span-2">
      <TextField
        label={label}
        hint={hint}
        value={answers[name]}
        onChange={(value) => set({ [name]: value })}
        says={wrong(name)}
      />
    </div>
  );
  return (
    <>
      <div className="col-span-3">
        <SelectField
          label="Its shape"
          value={answers.surface}
          onChange={(surface) => set({ surface, photo: '' })}
          says={wrong('surface')}
          options={words.kinds.map((one) => ({ value: one.kind, label: one.label }))}
        />
      </div>
      <div className="col-span-3">
        <SelectField
          label="Made of"
          value={answers.material}
          onChange={(material) => set({ material })}
          says={wrong('material')}
          options={[{ value: '', label: 'Not said' }, ...words.materials]}
        />
      </div>
      <ColourField colour={answers.colour} onChange={(colour) => set({ colour })} says={wrong('colour')}>
        <LaidPhoto answers={answers} set={set} says={wrong('photo')} />
      </ColourField>
      {words.materials.find((one) => one.value === answers.material)?.isPainted && (
        <div className="col-span-3">
          <TextField
            label="Painted last on"
            type="date"
            value={answers.paintedOn}
            onChange={(paintedOn) => set({ paintedOn })}
            says={wrong('paintedOn')}
          />
        </div>
      )}
      {words.materials.find((one) => one.value === answers.material)?.hasInside && (
        <div className="col-span-6">
          <Choice
            label="On which side of the glass"
            value={answers.side || 'outside'}
            onChange={(side) => set({ side })}
            says={wrong('side')}
            options={[
              { value: 'outside', label: 'Outside' },
              { value: 'inside', label: 'Inside, read from outside: cut mirrored' },
            ]}
          />
        </div>
      )}
      {answers.surface === 'outline' && (
        <div className="col-span-2">
          <div className="label mb-1">Outline</div>
          <Move className="w-full" onClick={() => setTracing(true)}>
            {answers.outline ? 'Traced · trace again' : 'From a photo or SVG …'}
          </Move>
          {wrong('outline') && <p className="mt-1 text-sm font-medium text-signal-ink">{wrong('outline')}</p>}
        </div>
      )}
      {kind?.lengths.map((length) =>
        field(length.name as Typed, length.label, length.needed ? unit : `${unit}, or empty`),
      )}
      {answers.surface === 'polygon' && field('sides', 'Sides', '6 for a hexagon')}
      {answers.surface === 'panes' && field('panes', 'How many panes')}
      {answers.surface === 'panel' && field('readFrom', 'Read from', 'metres')}
      {['cylinder', 'taper', 'ball'].includes(answers.surface) && field('seen', 'Seen from front', '120°, a wrap 360°')}
      {answers.surface === 'taper' && (
        <div className="col-span-4">
          <Choice
            label="Wide end"
            value={answers.wideEnd || 'top'}
            onChange={(wideEnd) => set({ wideEnd })}
            options={[
              { value: 'top', label: 'At the top' },
              { value: 'bottom', label: 'At the bottom' },
            ]}
          />
        </div>
      )}
      <div className="col-span-6">
        <Choice
          label="Room to the edge"
          value={answers.allowance || 'usual'}
          onChange={(allowance) => set({ allowance })}
          options={words.allowances}
        />
      </div>
      {['cylinder', 'taper'].includes(answers.surface) && !answers.keepOuts.some((kept) => kept.what === 'lip') && (
        <label className="col-span-6 flex min-h-11 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="h-5 w-5 accent-ink"
            checked={answers.lip === 'none'}
            onChange={(event) => set({ lip: event.target.checked ? 'none' : '' })}
          />
          <span>Nobody drinks from it. Of cups, mugs, glasses and bottles the lip is kept clear by itself.</span>
        </label>
      )}
      <div className="col-span-6">
        <KeepOuts answers={answers} set={set} wrong={wrong} known={words.keepOuts} />
      </div>
      {tracing && (
        <PhotoTrace
          onClose={() => setTracing(false)}
          onTraced={(outline, photo) => {
            set({ outline });
            onPhoto?.(photo);
            setTracing(false);
          }}
        />
      )}
    </>
  );
}

/** Colours objects are often of, to be taken at once. */
const USUAL = [
  ['#f2f2ee', 'white'],
  ['#16181a', 'black'],
  ['#1b2f57', 'navy'],
  ['#7a1f1d', 'dark red'],
  ['#24503a', 'green'],
  ['#8d6a45', 'wood'],
  ['#9aa3a5', 'grey'],
] as const;

/** The colour of the object: it is drawn so, and films are held against it. */
function ColourField({
  colour,
  onChange,
  says,
  children,
}: {
  colour: string;
  onChange: (colour: string) => void;
  says?: string;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <div className="col-span-6">
      <div id={id} className="label mb-1">
        Its colour
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <RadioGroup.Root value={colour} onValueChange={onChange} aria-labelledby={id} className="flex gap-1">
          <RadioGroup.Item
            value=""
            className="min-h-10 border border-ink2 bg-paper px-3 text-note data-[state=checked]:bg-ink data-[state=checked]:text-paper"
          >
            not said
          </RadioGroup.Item>
          {USUAL.map(([value, name]) => (
            <RadioGroup.Item
              key={value}
              value={value}
              aria-label={name}
              title={name}
              className="h-10 w-10 border-2 border-rule data-[state=checked]:border-ink data-[state=checked]:outline-2 data-[state=checked]:outline-offset-1 data-[state=checked]:outline-ink"
              style={{ background: value }}
            />
          ))}
        </RadioGroup.Root>
        <label className="flex min-h-10 items-center gap-2 text-note">
          another
          <input
            type="color"
            className="h-10 w-12 border border-ink2 bg-paper"
            value={colour || '#7f8d8b'}
            onChange={(event) => onChange(event.target.value)}
          />
        </label>
        {children}
      </div>
      {says && <p className="mt-1 text-sm font-medium text-signal-ink">{says}</p>}
    </div>
  );
}
