import type { Page } from '@playwright/test';

/** A made-up photo of an object on a ground, drawn by the page: good, or bad in one way. */
export async function photo(page: Page, kind: 'plain' | 'cropped' | 'chequered'): Promise<Buffer> {
  const base64 = await page.evaluate(async (how) => {
    const canvas = new OffscreenCanvas(900, 600);
    const sheet = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D;
    sheet.fillStyle = '#ece8e0';
    sheet.fillRect(0, 0, 900, 600);
    if (how === 'chequered') {
      sheet.fillStyle = '#42506a';
      for (let x = 0; x < 900; x += 60) {
        for (let y = 0; y < 600; y += 60) {
          sheet.fillRect(x, y, 30, 30);
        }
      }
    }
    sheet.fillStyle = '#783c28';
    sheet.translate(how === 'cropped' ? -300 : 0, 0);
    sheet.beginPath();
    sheet.ellipse(450, 330, 260, 150, 0.2, 0, 7);
    sheet.ellipse(640, 200, 90, 80, 0, 0, 7);
    sheet.fill();
    const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer());
    let text = '';
    for (const byte of bytes) {
      text += String.fromCharCode(byte);
    }
    return btoa(text);
  }, kind);
  return Buffer.from(base64, 'base64');
}
