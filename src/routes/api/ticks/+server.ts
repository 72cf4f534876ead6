import { json } from '@sveltejs/kit';
import { z } from 'zod';
import { currentTime } from '$lib/server/clock';
import { database } from '$lib/server/database';
import { saveTicks } from '$lib/server/tick-store';
import type { RequestHandler } from './$types';

const bodySchema = z.object({
  list: z.string().max(4000),
  ticks: z
    .array(
      z.object({
        key: z.string().min(1).max(200),
        isDone: z.boolean(),
        at: z.int().min(0),
      }),
    )
    .max(2000),
});

/** Takes in what one phone has ticked and says how the list stands for all. */
export const POST: RequestHandler = async ({ request }) => {
  const text = await request.text();
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return json({ message: 'The ticks could not be read. Reload the page.' }, { status: 400 });
  }
  const body = bodySchema.safeParse(data);
  if (!body.success) {
    const [issue] = body.error.issues;
    return json(
      { message: `Not kept: ${issue?.path.join('.')}: ${issue?.message}.` },
      { status: 422 },
    );
  }
  const now = currentTime();
  const ticks = await saveTicks(await database(), body.data.list, body.data.ticks, now);
  return json({ ticks, now });
};
