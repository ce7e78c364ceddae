import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

type Face = { slug: string; file: string; fontSize: number; words: { text: string; path: string }[] };

/** At 200 px cap height the core's outlines and the browser's own overlap at this share at the least. */
const OVERLAP = 0.995;
/** Samples to the pixel each way: the shapes are compared, not how softly their edges are drawn. */
const FINE = 4;
/** Pixels of paper round a word. */
const AROUND = 10;

test('the core’s outlines agree with the browser’s own rendering, every face, awkward words', async ({ page }) => {
  test.setTimeout(240_000);
  const faces: Face[] = JSON.parse(
    execFileSync('php', ['tests/browser/outlines/outlines.php'], {
      maxBuffer: 1 << 28,
      stdio: ['ignore', 'pipe', 'ignore'],
    }).toString(),
  );
  expect(faces.length).toBeGreaterThanOrEqual(24);
  await page.goto('about:blank');
  const worst: { word: string; overlap: number }[] = [];
  for (const face of faces) {
    expect(face.words.length).toBeGreaterThanOrEqual(7);
    const overlaps = await page.evaluate(
      async ({ face, font, fine, around }) => {
        const bytes = Uint8Array.from(atob(font), (letter) => letter.charCodeAt(0));
        document.fonts.add(await new FontFace(face.slug, bytes.buffer).load());
        return face.words.map(({ text, path }) => {
          const canvas = new OffscreenCanvas(1, 1);
          const measure = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D;
          const style = (context: OffscreenCanvasRenderingContext2D) => {
            context.font = `${face.fontSize}px "${face.slug}"`;
            context.fontKerning = 'normal';
            context.textRendering = 'geometricPrecision';
            context.textAlign = 'left';
          };
          style(measure);
          const size = measure.measureText(text);
          const left = Math.ceil(Math.max(0, size.actualBoundingBoxLeft)) + around;
          const up = Math.ceil(size.actualBoundingBoxAscent) + around;
          const width = left + Math.ceil(size.actualBoundingBoxRight) + around;
          const height = up + Math.ceil(size.actualBoundingBoxDescent) + around;
          const drawn = (draw: (context: OffscreenCanvasRenderingContext2D) => void) => {
            const sheet = new OffscreenCanvas(width * fine, height * fine).getContext('2d', {
              willReadFrequently: true,
            }) as OffscreenCanvasRenderingContext2D;
            style(sheet);
            sheet.scale(fine, fine);
            draw(sheet);
            return sheet.getImageData(0, 0, width * fine, height * fine).data;
          };
          const browser = drawn((sheet) => sheet.fillText(text, left, up));
          const core = drawn((sheet) => {
            sheet.translate(left, up);
            sheet.fill(new Path2D(path));
          });
          let both = 0;
          let either = 0;
          for (let at = 3; at < core.length; at += 4) {
            const a = browser[at] ?? 0;
            const b = core[at] ?? 0;
            both += Math.min(a, b);
            either += Math.max(a, b);
          }
          return { text, overlap: either === 0 ? 0 : both / either };
        });
      },
      { face, font: readFileSync(face.file).toString('base64'), fine: FINE, around: AROUND },
    );
    for (const { text, overlap } of overlaps) {
      worst.push({ word: `${face.slug}: ${text}`, overlap });
    }
  }
  worst.sort((a, b) => a.overlap - b.overlap);
  console.log(`${worst.length} words; the least overlap is ${worst[0]?.overlap.toFixed(5)}, ${worst[0]?.word}`);
  expect(worst.filter((one) => one.overlap < OVERLAP)).toEqual([]);
});
