import { Box } from '../parts/dialog';

const KEYS: [string, string][] = [
  ['1 … 8', 'the stations'],
  ['N', 'new order'],
  ['/', 'find a docket'],
  ['[ ]', 'the docket before, the docket after'],
  ['Enter', 'the next move'],
  ['← ↑ → ↓', 'move the decal by a tick, with Shift by ten'],
  ['E, Shift E', 'on the drawing: the next element in hand, the one before'],
  ['X, D, Delete', 'pick it along, double it, take it out'],
  ['Page up, Page down', 'it lies further up, further down'],
  ['C', 'back to the middle'],
  ['+ − 0', 'a drawing larger, smaller, whole'],
  ['Alt with ← ↑ → ↓', 'move the view'],
  ['A', 'another item for the order'],
  ['S', 'at Size: the same again, with other words'],
  ['W', 'at Size: every face at a glance'],
  ['L', 'at Size: the shop’s designs'],
  [', .', 'the item before, the item after'],
  ['R', 'read a proof out, large'],
  ['R, Shift R, P', 'turn or pin the piece in hand at Batch'],
  ['Ctrl Z, Ctrl Y', 'undo and redo'],
  ['Esc', 'close what is open'],
  ['?', 'this list'],
];

export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Box open={open} onClose={onClose} title="Keys" what="They work wherever nobody is typing.">
      <dl>
        {KEYS.map(([key, does]) => (
          <div key={key} className="flex gap-4 border-b border-rule py-1.5">
            <dt className="w-36 font-medium">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Box>
  );
}
