/** The code on a label, from a picture of it or from what its QR says. */

/** A picture is made smaller than this before it is looked at, px. */
const LARGEST = 1200;

/**
 * The four letters, whatever address stands before them: a label printed under an old address stays good.
 *
 * @example codeIn('http://192.0.2.7:4700/s/MARU') // 'MARU'
 */
export function codeIn(text: string): string | null {
  const match = /(?:^|\/s\/)([A-HJ-NP-Z]{4})\/?$/i.exec(text.trim());
  return match?.[1]?.toUpperCase() ?? null;
}

/**
 * Reads the QR on a photographed label.
 *
 * @returns its code; null where there is none to be seen
 */
export async function readLabel(picture: Blob): Promise<string | null> {
  const [{ default: jsQR }, bitmap] = await Promise.all([
    import('jsqr'),
    createImageBitmap(picture),
  ]);
  const scale = Math.min(1, LARGEST / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  const context = canvas.getContext('2d');
  if (!context) return null;
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  const found = jsQR(data, width, height);
  return found ? codeIn(found.data) : null;
}
