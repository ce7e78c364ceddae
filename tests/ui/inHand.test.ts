import { describe, expect, it } from 'vitest';
import { filmAt, inHandAt, namedAt } from '../../ui/src/stations/useInHand';

const film = (piece: number, tag: string, station: string | null) => ({ piece, tag, station });
const things = [
  { id: 7, films: [film(11, 'Y-0412/1', 'weed'), film(12, 'Y-0412/2', 'batch')] },
  { id: 8, films: [film(13, 'Y-0412/3', 'apply'), film(14, 'Y-0412/4', null)] },
];

describe('where something in hand stands', () => {
  it('is the piece as long as films walk alone, and the thing from then on', () => {
    expect(
      things.flatMap((thing) => thing.films.map((one) => filmAt(thing, one))).map((at) => at && inHandAt(at)),
    ).toEqual(['/weed?piece=11', '/batch', '/apply?thing=8', null]);
  });

  it('is found by the tag on paper, however it is typed', () => {
    for (const typed of ['Y-0412/3', 'y412/3', '412/3', ' 0412/3 ']) {
      expect(namedAt(things, typed)).toEqual({ station: 'apply', piece: null, thing: 8 });
    }
    for (const typed of ['Y-0412', '412/', '412/9', 'heron', 'Y-0412/4']) {
      expect(namedAt(things, typed)).toBeNull();
    }
  });
});
