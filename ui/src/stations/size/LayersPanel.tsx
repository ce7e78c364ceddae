import type { Film, Fit, Length, Setting } from '../../api/client';
import { Move, Section, useShown } from '../../parts/basics';
import { SelectField, TextField } from '../../parts/fields';
import type { Drawing } from './useDrawing';

/** What lies underneath the letters: rims of other films, all in one register. */
export function LayersPanel({
  drawing,
  films,
  layers,
  suggested,
  change,
  says,
}: {
  drawing: Drawing;
  films: Film[];
  /** As they are drawn, the letters first; none of a set. */
  layers: Fit['film']['layers'];
  suggested: Length | undefined;
  change: (part: Partial<Drawing>) => void;
  says: Record<string, string>;
}) {
  const { setting } = drawing;
  const shown = useShown();
  const set = (part: Partial<Setting>) => change({ setting: { ...setting, ...part } });
  const names = [
    { value: '', label: 'Choose a film' },
    ...films
      .filter((film) => String(film.id) !== drawing.film)
      .map((film) => ({ value: String(film.id), label: film.name })),
  ];
  const sizeOf = (nth: number) => {
    const drawn = layers[nth];
    return drawn && layers.length > 1 ? (
      <p className="-mt-2 text-sm text-ink2">
        {shown.size(drawn.size)}, {drawn.area} cm²
      </p>
    ) : null;
  };
  const layer = (width: 'offset' | 'base', film: 'offsetFilm' | 'baseFilm', title: string) => (
    <div className="grid grid-cols-[110px_1fr] items-start gap-3">
      <TextField
        label={title}
        placeholder="none"
        value={setting[width]}
        onChange={(value) => set({ [width]: value })}
        says={says[width]}
      />
      <SelectField
        label="of"
        value={setting[film]}
        onChange={(value) => set({ [film]: value })}
        says={says[film]}
        options={names}
      />
    </div>
  );
  return (
    <Section title="Films">
      <div className="flex flex-col gap-3">
        <SelectField
          label="The letters are of"
          value={drawing.film}
          onChange={(film) => change({ film })}
          options={films.map((film) => ({ value: String(film.id), label: film.name }))}
        />
        {sizeOf(0)}
        <p className="text-sm text-ink2">
          An even rim round the letters in another film lets a pale or patterned one be read on a dark object.
        </p>
        {layer('offset', 'offsetFilm', 'Rim')}
        {sizeOf(layers.findIndex((each) => each.role === 'offset'))}
        {suggested && setting.offset === '' && (
          <Move
            onClick={() =>
              set({
                offset: `${suggested.mm}mm`,
                offsetFilm:
                  setting.offsetFilm || String(films.find((film) => String(film.id) !== drawing.film)?.id ?? ''),
              })
            }
          >
            Take the usual rim, {shown.one(suggested)}
          </Move>
        )}
        {setting.offset !== '' && layer('base', 'baseFilm', 'Rim below')}
        {sizeOf(layers.findIndex((each) => each.role === 'base'))}
        {setting.offset !== '' && (
          <Move onClick={() => set({ offset: '', offsetFilm: '', base: '', baseFilm: '' })}>No layers underneath</Move>
        )}
      </div>
    </Section>
  );
}
