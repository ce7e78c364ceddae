import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type On, type Schemas } from '../../api/client';
import { CALCULATED } from '../../api/keys';
import { Move, Section, useShown } from '../../parts/basics';
import { SelectField } from '../../parts/fields';
import { useSettled } from '../../parts/time';
import type { Units } from '../../parts/units';
import type { Drawing } from './useDrawing';

/** What of the check is about cutting. */
const CUT = new Set(['thin-stroke', 'small-island', 'small-counter', 'tight-gap']);

/** The customer's own words in every face, what can be cut first, with what the check says of the one chosen. */
export function useSamples(on: On, drawing: Drawing, units: Units, check: Schemas['CheckView'] | undefined) {
  const { words, roster, setting, film } = drawing;
  const settled = useSettled({ words, roster, setting, film }, 180);
  const query = useQuery({
    queryKey: [CALCULATED, 'samples', on, settled],
    queryFn: ({ signal }) => ask(api.POST('/api/samples', { body: { ...on, ...settled, face: '', units }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
    enabled: words.trim() !== '' || roster.trim() !== '',
  });
  const stop = check?.snags.find((snag) => snag.severity === 'stop' && CUT.has(snag.code));
  const samples = query.data?.samples.map((sample) =>
    stop && sample.face === drawing.face && sample.canBeCut
      ? { ...sample, canBeCut: false, says: 'a part too small to cut: see its snags' }
      : sample,
  );
  return {
    samples,
    isFetching: query.isFetching,
    able: samples?.filter((sample) => sample.canBeCut).length ?? 0,
    styles: [...new Set((samples ?? []).flatMap((sample) => sample.style.split(', ')))].sort(),
  };
}

/** All faces in a list, at the scale of the object. */
export function Samples({
  drawing,
  object,
  from,
  onChoose,
  onWall,
}: {
  drawing: Drawing;
  /** Width of the object laid flat, mm. */
  object: number;
  from: ReturnType<typeof useSamples>;
  onChoose: (face: string) => void;
  /** Asked for all of them at a glance. */
  onWall: () => void;
}) {
  const [style, setStyle] = useState('');
  const { samples, isFetching, able, styles } = from;
  const listed = samples?.filter((sample) => style === '' || sample.style.split(', ').includes(style));
  return (
    <Section title="In every face, the largest that fits">
      <Move className="mb-2 w-full" onClick={onWall} keys="W">
        All at a glance, on the object
      </Move>
      <div className="mb-2">
        <SelectField
          label="Style"
          value={style}
          onChange={setStyle}
          options={[{ value: '', label: 'All styles' }, ...styles.map((one) => ({ value: one, label: one }))]}
        />
      </div>
      {samples && (
        <p className="mb-2 text-sm text-ink2" role="status">
          {able} of {samples.length} can be cut in this film{isFetching ? ' · setting the words …' : ''}
        </p>
      )}
      {samples === undefined && <p className="text-ink2">Setting the words …</p>}
      <ul className="flex flex-col gap-2" aria-label="Faces">
        {listed?.map((sample) => (
          <li key={sample.face}>
            <Sample
              sample={sample}
              object={object}
              chosen={sample.face === drawing.face}
              onChoose={() => onChoose(sample.face)}
            />
          </li>
        ))}
      </ul>
    </Section>
  );
}

function Sample({
  sample,
  object,
  chosen,
  onChoose,
}: {
  sample: Schemas['SampleView'];
  object: number;
  chosen: boolean;
  onChoose: () => void;
}) {
  const shown = useShown();
  const wide = sample.size ? Math.max(sample.size.width.mm, Math.min(object, 3 * sample.size.width.mm)) : 0;
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      className={`w-full bg-paper px-3 py-2 text-left hover:bg-white ${chosen ? 'border-2 border-ink' : 'border border-rule'}`}
    >
      {sample.path && sample.size && (
        <svg
          className="max-h-16 w-full"
          viewBox={`${(sample.size.width.mm - wide) / 2} 0 ${wide} ${sample.size.height.mm}`}
          preserveAspectRatio="xMidYMid meet"
          aria-hidden="true"
        >
          <path d={sample.path} fill={sample.canBeCut ? 'var(--color-ink)' : 'var(--color-faint)'} />
        </svg>
      )}
      <span className="mt-1 block text-sm">
        <b className="font-semibold">{sample.name}</b>
        {sample.largest && <span> · {shown.one(sample.largest)}</span>}
        <span className={sample.canBeCut ? 'text-ink2' : 'font-medium text-signal-ink'}> · {sample.says}</span>
      </span>
    </button>
  );
}
