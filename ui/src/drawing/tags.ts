/** px: how wide a letter of a tag is. */
const LETTER = 6.4;
/** px: how high a tag is drawn. */
export const TAG = 18;
/** px: between a tag and whatever else. */
const APART = 2;

/** px: how wide a tag is drawn. */
export const tagWidth = (text: string) => text.length * LETTER + 9;

/** Says what is inside a path; it draws nothing. */
export const pen = document.createElement('canvas').getContext('2d') as CanvasRenderingContext2D;

/** Round a path of absolute points. */
export function boxOf(path: string) {
  const numbers = path.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [0, 0];
  const xs = numbers.filter((_, nth) => nth % 2 === 0);
  const ys = numbers.filter((_, nth) => nth % 2 === 1);
  const least = (of: number[]) => of.reduce((one, other) => Math.min(one, other), Number.POSITIVE_INFINITY);
  const most = (of: number[]) => of.reduce((one, other) => Math.max(one, other), Number.NEGATIVE_INFINITY);
  return { left: least(xs), top: least(ys), right: most(xs), bottom: most(ys) };
}

export type Rect = { x: number; y: number; width: number; height: number };

/** Something with a number: where it lies in the picture, and what of that is covered. */
export type Tagged<T> = {
  of: T;
  /** What it may be called, the longest first. */
  texts: string[];
  box: Rect;
  /** Whether a spot of the picture is covered by it. */
  covers: (x: number, y: number) => boolean;
  /** The greater the sooner it is placed. */
  weight: number;
};

/** A tag where it is drawn, and the spot a line leads to where it lies apart from what it names. */
export type PlacedTag<T> = Tagged<T> & { text: string; x: number; y: number; to: { x: number; y: number } | null };

const overlap = (one: Rect, other: Rect) =>
  one.x < other.x + other.width + APART &&
  other.x < one.x + one.width + APART &&
  one.y < other.y + other.height + APART &&
  other.y < one.y + one.height + APART;

/** Spots of a tag that are looked at: closer together than any letter worth reading is wide. */
function* spots(at: Rect) {
  for (let row = 0; row <= 3; ++row) {
    for (let column = 0; column <= 8; ++column) {
      yield [at.x + (column * at.width) / 8, at.y + (row * at.height) / 3] as const;
    }
  }
}

/** Where a tag may lie by what it names: in its corners, in its middle, at its edges outside. */
function besides({ box }: { box: Rect }, width: number): { x: number; y: number }[] {
  const { x, y } = box;
  const right = x + box.width - width;
  const bottom = y + box.height - TAG;
  const middle = x + (box.width - width) / 2;
  const inside =
    width <= box.width
      ? [x, middle, right].flatMap((left) =>
          [bottom, y, y + (box.height - TAG) / 2].map((top) => ({ x: left, y: top })),
        )
      : [];
  const outside = [bottom + TAG + APART, y - TAG - APART].flatMap((top) =>
    [x, right].map((left) => ({ x: left, y: top })),
  );
  return [...inside, ...outside];
}

/**
 * Tags that lie over no film and not over each other: within what they name where there is room, else beside it, else in
 * the margin with a line to it. What there is no room for at all is left out.
 */
export function placeTags<T>(things: Tagged<T>[], picture: Rect, sheet: Rect): PlacedTag<T>[] {
  const placed: PlacedTag<T>[] = [];
  const taken: Rect[] = [];
  const isFree = (at: Rect) =>
    at.x >= picture.x &&
    at.y >= picture.y &&
    at.x + at.width <= picture.x + picture.width &&
    at.y + at.height <= picture.y + picture.height &&
    !taken.some((other) => overlap(at, other));
  const isBare = (at: Rect) => {
    const near = things.filter((one) => overlap(at, one.box));
    for (const [x, y] of spots(at)) {
      if (near.some((one) => one.covers(x, y))) {
        return false;
      }
    }
    return true;
  };
  const keep = (thing: Tagged<T>, text: string, at: { x: number; y: number }, to: PlacedTag<T>['to']) => {
    placed.push({ ...thing, text, ...at, to });
    taken.push({ ...at, width: tagWidth(text), height: TAG });
  };
  const waiting: Tagged<T>[] = [];
  for (const thing of [...things].sort((one, other) => other.weight - one.weight)) {
    const found = thing.texts.flatMap((text) =>
      besides(thing, tagWidth(text)).flatMap((at) => {
        const rect = { ...at, width: tagWidth(text), height: TAG };
        return isFree(rect) && isBare(rect) ? [{ text, at }] : [];
      }),
    )[0];
    if (found) {
      keep(thing, found.text, found.at, null);
    } else {
      waiting.push(thing);
    }
  }
  for (const thing of waiting) {
    const middle = { x: thing.box.x + thing.box.width / 2, y: thing.box.y + thing.box.height / 2 };
    const above = middle.y < sheet.y + sheet.height / 2;
    const rows = [1, 2].flatMap((row) => {
      const up = sheet.y - row * (TAG + APART) - 4;
      const down = sheet.y + sheet.height + (row - 1) * (TAG + APART) + 6;
      return above ? [up, down] : [down, up];
    });
    const found = thing.texts.flatMap((text) =>
      rows.flatMap((y) =>
        [0, -1, 1, -2, 2, -4, 4].flatMap((step) => {
          const x = middle.x - tagWidth(text) / 2 + 24 * step;
          return isFree({ x, y, width: tagWidth(text), height: TAG }) ? [{ text, at: { x, y } }] : [];
        }),
      ),
    )[0];
    if (found) {
      const edge = found.at.y < thing.box.y ? thing.box.y : thing.box.y + thing.box.height;
      keep(thing, found.text, found.at, { x: middle.x, y: edge });
    }
  }
  return placed;
}
