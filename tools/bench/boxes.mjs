// The best a well-kept bounding-box packer finds with many settings. Reads {width, height, gap, edge, boxes: [[w, h]]}
// in mm on standard input, writes the film it takes: used lengths of all sheets, mm.
import { MaxRectsPacker, PACKING_LOGIC } from 'maxrects-packer/dist/maxrects-packer.mjs';

let text = '';
for await (const chunk of process.stdin) text += chunk;
const { width, height, gap, edge, boxes } = JSON.parse(text);

// One fixed sequence, so that two runs agree.
let state = 20261125;
const random = () => {
  state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
  return state / 2 ** 32;
};
const shuffled = (list) => {
  const copy = [...list];
  for (let at = copy.length - 1; at > 0; at--) {
    const other = Math.floor(random() * (at + 1));
    [copy[at], copy[other]] = [copy[other], copy[at]];
  }
  return copy;
};
const by = (size) => [...boxes].sort((a, b) => size(b) - size(a));
const orders = [
  by(([w, h]) => w * h),
  by(([w]) => w),
  by(([, h]) => h),
  by(([w, h]) => Math.max(w, h)),
  by(([w, h]) => w + h),
  by(([w, h]) => Math.min(w, h)),
  ...Array.from({ length: 6 }, () => shuffled(boxes)),
];

let best = null;
let settings = 0;
for (const logic of [PACKING_LOGIC.MAX_AREA, PACKING_LOGIC.MAX_EDGE, PACKING_LOGIC.FILL_WIDTH]) {
  for (const allowRotation of [true, false]) {
    for (const order of orders) {
      for (const sorted of [true, false]) {
        settings++;
        const packer = new MaxRectsPacker(width, height, gap, {
          smart: false,
          pot: false,
          square: false,
          allowRotation,
          border: edge,
          logic,
        });
        const rects = order.map(([w, h]) => ({ width: w, height: h, x: 0, y: 0, data: {} }));
        if (sorted) packer.addArray(rects);
        else for (const rect of rects) packer.add(rect);
        const lengths = packer.bins.map((bin) => Math.max(...bin.rects.map((rect) => rect.y + rect.height)));
        const film = lengths.reduce((sum, length) => sum + length, 0);
        if (best === null || film < best.film) best = { film, sheets: lengths.length };
      }
    }
  }
}
process.stdout.write(`${JSON.stringify({ ...best, settings })}\n`);
