import { Dialog } from 'radix-ui';
import { type KeyboardEvent, useRef, useState } from 'react';
import type { Item, Schemas } from '../../api/client';
import { GroundPicture } from '../../drawing/pictures';
import { Move, Scroll, useShown } from '../../parts/basics';
import { Choice } from '../../parts/choice';
import type { useSamples } from './Samples';

type Sample = Schemas['SampleView'];

/** Every face at a glance: the customer's words on this object, one beside the other, arrows to try and Enter to take. */
export function Wall({
  from,
  object,
  face,
  swatch,
  onTake,
  onClose,
}: {
  from: ReturnType<typeof useSamples>;
  object: Item['object'];
  /** The one chosen now. */
  face: string;
  swatch: string;
  onTake: (face: string) => void;
  onClose: () => void;
}) {
  const [style, setStyle] = useState('');
  const [all, setAll] = useState('able');
  const grid = useRef<HTMLDivElement>(null);
  const shown = (from.samples ?? []).filter(
    (sample) =>
      (style === '' || sample.style.split(', ').includes(style)) &&
      (all === 'all' || sample.canBeCut || sample.face === face),
  );
  /** By how far each is to be seen from the others: up and down by the row as it is laid out. */
  const step = (event: KeyboardEvent) => {
    const cells = [...(grid.current?.querySelectorAll<HTMLButtonElement>('button') ?? [])];
    const here = cells.indexOf(document.activeElement as HTMLButtonElement);
    const across = cells.filter((cell) => cell.offsetTop === cells[0]?.offsetTop).length || 1;
    const by = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -across, ArrowDown: across }[event.key];
    const next = by === undefined || here < 0 ? undefined : cells[here + by];
    if (next) {
      event.preventDefault();
      next.focus();
    }
  };
  const first = shown.find((sample) => sample.face === face) ?? shown[0];
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/25" />
        <Dialog.Content
          className="fixed inset-3 z-30 flex flex-col border-2 border-ink bg-ground outline-none"
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            grid.current?.querySelector<HTMLButtonElement>('[data-first]')?.focus();
          }}
        >
          <div className="flex items-end gap-6 border-b border-rule px-5 py-2">
            <div className="mr-auto">
              <Dialog.Title className="title">Every face on {object?.name ?? 'the object'}</Dialog.Title>
              <Dialog.Description className="text-note text-ink2" aria-live="polite">
                {from.able} of {from.samples?.length ?? 0} can be cut in this film. Arrows to look, Enter to take.
              </Dialog.Description>
            </div>
            <div className="w-72">
              <Choice
                label="Show"
                value={all}
                onChange={setAll}
                options={[
                  { value: 'able', label: 'What can be cut' },
                  { value: 'all', label: 'All' },
                ]}
              />
            </div>
            <Move onClick={onClose} keys="Esc">
              Close
            </Move>
          </div>
          <div className="flex flex-wrap gap-1 border-b border-rule px-5 py-2">
            {['', ...from.styles].map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={style === one}
                className={`min-h-8 border px-3 text-note ${style === one ? 'border-ink bg-ink text-paper' : 'border-rule bg-paper hover:bg-shade'}`}
                onClick={() => setStyle(one)}
              >
                {one || 'all styles'}
              </button>
            ))}
          </div>
          <Scroll label="Faces" className="min-h-0 flex-1 p-3">
            {/* biome-ignore lint/a11y/noStaticElementInteractions: arrows move between the buttons within */}
            <div ref={grid} className="grid grid-cols-5 gap-2 max-lg:grid-cols-4" onKeyDown={step}>
              {shown.map((sample) => (
                <Cell
                  key={sample.face}
                  sample={sample}
                  object={object}
                  swatch={swatch}
                  chosen={sample.face === face}
                  first={sample === first}
                  onTake={() => onTake(sample.face)}
                />
              ))}
            </div>
            {shown.length === 0 && <p className="p-6 text-ink2">Nothing of this style can be cut at this size.</p>}
          </Scroll>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Cell({
  sample,
  object,
  swatch,
  chosen,
  first,
  onTake,
}: {
  sample: Sample;
  object: Item['object'];
  swatch: string;
  chosen: boolean;
  first: boolean;
  onTake: () => void;
}) {
  const shown = useShown();
  const wide = object?.size.width.mm ?? sample.size?.width.mm ?? 1;
  const high = object?.size.height.mm ?? sample.size?.height.mm ?? 1;
  // Of a long wall as much is shown as lies round the words.
  const across = Math.min(wide, Math.max((sample.size?.width.mm ?? wide) * 1.25, high * 1.9));
  const left = (wide - across) / 2;
  return (
    <button
      type="button"
      aria-pressed={chosen}
      data-first={first ? '' : undefined}
      onClick={onTake}
      className={`flex flex-col bg-paper p-2 text-left hover:bg-white focus-visible:outline-4 ${chosen ? 'border-2 border-ink' : 'border border-rule'}`}
    >
      <svg className="h-24 w-full" viewBox={`${left} 0 ${across} ${high}`} aria-hidden="true">
        {object && <GroundPicture ground={object} outline={object.outline} size={{ width: wide, height: high }} />}
        {object && (
          <path
            d={object.outline}
            fillRule="evenodd"
            fill={object.colour || object.photo ? 'none' : 'var(--color-white)'}
            stroke="var(--color-ink2)"
            vectorEffect="non-scaling-stroke"
          />
        )}
        {sample.path && sample.size && (
          <path
            transform={`translate(${(wide - sample.size.width.mm) / 2} ${(high - sample.size.height.mm) / 2})`}
            d={sample.path}
            fill={sample.canBeCut ? swatch : 'var(--color-faint)'}
            stroke="var(--color-ink)"
            strokeWidth="0.5"
            vectorEffect="non-scaling-stroke"
          />
        )}
      </svg>
      <span className="mt-1 block truncate text-sm">
        <b className="font-semibold">{sample.name}</b>
        {sample.largest && <span> · {shown.one(sample.largest)}</span>}
      </span>
      <span className={`block truncate text-sm ${sample.canBeCut ? 'text-ink2' : 'font-medium text-signal-ink'}`}>
        {sample.says}
      </span>
    </button>
  );
}
