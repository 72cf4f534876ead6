import { json } from '@sveltejs/kit';
import { openingNow, stopOpening } from '$lib/server/opening';
import type { RequestHandler } from './$types';

/** How far a household file is that is being opened; null where there is none. */
export const GET: RequestHandler = () => json(openingNow());

/** Stops it, while nothing is replaced yet. */
export const DELETE: RequestHandler = () => json({ isStopped: stopOpening() });
