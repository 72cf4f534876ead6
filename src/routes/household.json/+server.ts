import { database } from '$lib/server/database';
import { areTooManyPhotos } from '$lib/server/household-store';
import { householdText } from '$lib/server/household-read';
import { weighPhotos } from '$lib/server/photo-store';
import type { RequestHandler } from './$types';

/** Small documents go together. */
const PIECE_LETTERS = 64_000;

/** Everything in one file; `?photos=no` leaves the photos out. */
export const GET: RequestHandler = async ({ url, request }) => {
  const store = await database();
  const withPhotos = url.searchParams.get('photos') !== 'no';
  if (withPhotos && areTooManyPhotos(await weighPhotos(store)))
    return new Response(
      'The photos are more than one file carries. Save it without them (/household.json?photos=no); copies of the database hold them.',
      { status: 409 },
    );
  const whole = inPieces(householdText(store, withPhotos));
  // Packed here and not by the server in front: that one would not wait for whoever reads slowly.
  const isPacked = /\bgzip\b/.test(request.headers.get('accept-encoding') ?? '');
  return new Response(isPacked ? whole.pipeThrough(new CompressionStream('gzip')) : whole, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': 'attachment; filename="olive-clock-household.json"',
      vary: 'accept-encoding',
      ...(isPacked && { 'content-encoding': 'gzip' }),
    },
  });
};

/** Texts one after the other as bytes, read no faster than they are taken. */
function inPieces(text: AsyncGenerator<string>): ReadableStream<Uint8Array<ArrayBuffer>> {
  const bytes = new TextEncoder();
  return new ReadableStream({
    async pull(controller) {
      let piece = '';
      while (piece.length < PIECE_LETTERS) {
        const { value, done } = await text.next();
        if (done) {
          if (piece !== '') controller.enqueue(bytes.encode(piece));
          controller.close();
          return;
        }
        piece += value;
      }
      controller.enqueue(bytes.encode(piece));
    },
    async cancel() {
      await text.return(undefined);
    },
  });
}
