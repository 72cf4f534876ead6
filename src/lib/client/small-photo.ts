/** A photo as large as it is shown, and no larger: a phone's own has ten times the bytes. */

/** Longest edge, pixels: the widest place on a page at twice its density. */
const LONGEST = 1600;
const QUALITY = 0.85;

/**
 * Makes a photo smaller where that saves anything.
 *
 * @returns the smaller JPEG; the file itself where it is small already, or no image that a browser reads
 */
export async function smallPhoto(file: File): Promise<File> {
  const image = await createImageBitmap(file).catch(() => null);
  if (!image) return file;
  const scale = Math.min(1, LONGEST / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(image.width * scale);
  canvas.height = Math.round(image.height * scale);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  const blob = await new Promise<Blob | null>((resolve) =>
    canvas.toBlob(resolve, 'image/jpeg', QUALITY),
  );
  if (!blob || blob.size >= file.size) return file;
  return new File([blob], file.name, { type: blob.type });
}
