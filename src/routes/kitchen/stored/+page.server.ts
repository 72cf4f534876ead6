import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { backupFolder } from '$lib/server/backup';
import { currentTime } from '$lib/server/clock';
import { database, databaseUrl } from '$lib/server/database';
import { forgetSettings, removeStored, STORED_KINDS, whatIsStored } from '$lib/server/stored';
import type { Actions, PageServerLoad } from './$types';

const SURE = 'remove';

export const load: PageServerLoad = async () => {
  const url = databaseUrl();
  return {
    stored: await whatIsStored(await database(), backupFolder(url)),
    file: url.startsWith('file:') ? url.slice('file:'.length) : null,
  };
};

const kindSchema = z.enum(STORED_KINDS);

export const actions: Actions = {
  remove: async ({ request }) => {
    const kind = kindSchema.safeParse((await request.formData()).get('kind'));
    if (!kind.success) return fail(422, { problem: 'This kind is not known; reload the page.' });
    await removeStored(await database(), kind.data, backupFolder(databaseUrl()), currentTime());
    return { removed: kind.data };
  },
  removeAll: async ({ request }) => {
    if (
      String((await request.formData()).get('sure'))
        .trim()
        .toLowerCase() !== SURE
    )
      return fail(422, { problem: `Nothing was removed: write “${SURE}” in the field first.` });
    const [store, folder] = [await database(), backupFolder(databaseUrl())];
    // Settings first: the last kind writes the file anew, and nothing of them is left in it.
    await forgetSettings(store);
    for (const kind of STORED_KINDS) await removeStored(store, kind, folder, currentTime());
    return { removed: 'all' as const };
  },
};
