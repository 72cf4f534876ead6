import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { readingSchema } from '$core/run';
import { database } from '$lib/server/database';
import { takeReadings } from '$lib/server/practice';
import type { RequestHandler } from './$types';

const bodySchema = z.object({ readings: z.array(readingSchema).min(1).max(100) });

/** What a connected cooker measures, see docs/cooker-link.md. */
export const POST: RequestHandler = async ({ request, params }) => {
  const body = bodySchema.safeParse(await request.json().catch(() => null));
  if (!body.success) {
    const [issue] = body.error.issues;
    return json(
      {
        message: `${issue?.path.join('.') || 'body'}: ${issue?.message}; see docs/cooker-link.md.`,
      },
      { status: 422 },
    );
  }
  const taken = await takeReadings(await database(), params.id, body.data.readings);
  if (taken.ok) return json({ events: taken.value });
  const { message, remedy } = taken.problems[0] ?? { message: '', remedy: '' };
  return json({ message: `${message}; ${remedy}.` }, { status: 409 });
};
