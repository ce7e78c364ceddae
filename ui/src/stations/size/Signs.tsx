import { useVocabulary } from '../../api/vocabulary';
import { SelectField } from '../../parts/fields';
import type { Drawing } from './useDrawing';

/** Where signs come from that the face lacks: asked as soon as one is lacking. */
export function Signs({
  drawing,
  change,
  says,
}: {
  drawing: Drawing;
  change: (part: Partial<Drawing>) => void;
  says: Record<string, string>;
}) {
  const { faces } = useVocabulary();
  const { signs } = drawing.setting;
  const lacks = (says.words ?? says.roster ?? '').includes('signs it lacks');
  return lacks || signs !== '' ? (
    <div className="mt-2">
      <SelectField
        label="Signs this face lacks"
        value={signs}
        onChange={(face) => change({ setting: { ...drawing.setting, signs: face } })}
        says={says.signs}
        options={[
          { value: '', label: 'Not set' },
          ...faces.map((face) => ({ value: face.slug, label: `From ${face.name}` })),
        ]}
      />
    </div>
  ) : null;
}
