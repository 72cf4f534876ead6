import { fail } from '@sveltejs/kit';
import type { Household } from '$core/exchange';
import { kitchenSchema } from '$core/kitchen';
import { sayEvidence, sayFigure } from '$core/learn';
import { describeProblem, type Fault } from '$core/reason';
import { logOutAll, screenToken } from '$lib/server/access';
import {
  backUp,
  backupFolder,
  backupSettingSchema,
  listBackups,
  readBackupSetting,
  saveBackupSetting,
} from '$lib/server/backup';
import { openInstead, readCopy } from '$lib/server/bring-back';
import { database, databaseUrl } from '$lib/server/database';
import { listDevices, logOut, nameDevice } from '$lib/server/devices';
import { errorsByField, readDocument, UNREADABLE } from '$lib/server/form';
import { areTooManyPhotos, LARGEST_FILE_BYTES } from '$lib/server/household-store';
import { mealsToTry } from '$lib/server/kitchen-trial';
import { readKitchen, saveKitchen } from '$lib/server/kitchen-store';
import { freshFigures } from '$lib/server/learned-store';
import { addressFor } from '$lib/server/names';
import { openFile } from '$lib/server/opening';
import { weighPhotos } from '$lib/server/photo-store';
import type { Actions, PageServerLoad } from './$types';
import { currentTime } from '$lib/server/clock';

const inOneLine = (problem: Fault): string => `${describeProblem(problem)}.`;
const countOf = ({ dishes, meals }: Household): string =>
  `${dishes.length} dishes and ${meals.length} meals are here now.`;

export const load: PageServerLoad = async ({ url, locals }) => {
  const store = await database();
  const [kitchen, triable, token, devices, setting, photos, figures] = await Promise.all([
    readKitchen(store),
    mealsToTry(store),
    screenToken(store),
    listDevices(store),
    readBackupSetting(store),
    weighPhotos(store),
    freshFigures(store, currentTime()),
  ]);
  const folder = backupFolder(databaseUrl());
  const address = addressFor(url);
  return {
    kitchen,
    told: figures
      .filter((f) => f.kind === 'power' || f.kind === 'loss' || f.kind === 'pace')
      .map((f) => ({ id: f.id, about: f.about, text: sayFigure(f), from: sayEvidence(f) })),
    mealsToTry: triable,
    devices,
    own: locals.device ?? null,
    address,
    // From another device “localhost” would be that device itself.
    screenLink: token && `${address ?? url.origin}/access/screen/${token}`,
    photos: { ...photos, areTooMany: areTooManyPhotos(photos) },
    backups: { folder, setting, copies: folder ? listBackups(folder) : [] },
  };
};

export const actions: Actions = {
  backUp: async () => {
    const folder = backupFolder(databaseUrl());
    if (!folder) return fail(409, { backupProblem: 'The database is on another server.' });
    const made = await backUp(await database(), folder, currentTime());
    if (made.ok) return { backedUp: `${made.value.name} is written.` };
    const [problem] = made.problems;
    return fail(507, { backupProblem: `${problem?.message}; ${problem?.remedy}.` });
  },
  backupSetting: async ({ request }) => {
    const form = await request.formData();
    const setting = backupSettingSchema.safeParse({
      isDaily: form.has('isDaily'),
      keepDays: Number(form.get('keepDays') || Number.NaN),
    });
    if (!setting.success)
      return fail(422, { backupProblem: `Days: ${setting.error.issues[0]?.message}.` });
    await saveBackupSetting(await database(), setting.data);
    return { backedUp: 'Kept.' };
  },
  nameDevice: async ({ request }) => {
    const form = await request.formData();
    const [id, name] = [String(form.get('device')), String(form.get('name') ?? '')];
    if (!(await nameDevice(await database(), id, name)))
      return fail(404, { deviceProblem: 'This device was logged out meanwhile.' });
    return { named: true };
  },
  logOut: async ({ request }) => {
    await logOut(await database(), String((await request.formData()).get('device')));
    return { loggedOut: true };
  },
  logOutAll: async () => {
    await logOutAll(await database());
    return { loggedOut: true };
  },
  save: async ({ request }) => {
    const document = await readDocument(request, 'kitchen');
    if (document === undefined) return fail(400, { errors: { kitchen: UNREADABLE } });
    const kitchen = kitchenSchema.safeParse(document);
    if (!kitchen.success) return fail(422, { errors: errorsByField(kitchen.error) });
    await saveKitchen(await database(), kitchen.data);
    return { saved: true };
  },
  open: async ({ request }) => {
    const file = (await request.formData()).get('file');
    if (!(file instanceof File) || file.size === 0)
      return fail(422, { fileProblems: ['No file was chosen; choose a household file first.'] });
    if (file.size > LARGEST_FILE_BYTES)
      return fail(422, {
        fileProblems: [
          'The file is larger than 400 MB; a household file never is. Choose another.',
        ],
      });
    const folder = backupFolder(databaseUrl());
    const opened = await openFile(await database(), folder, file, currentTime());
    if (!opened.ok) return fail(422, { fileProblems: opened.problems.slice(0, 8).map(inOneLine) });
    return { opened: countOf(opened.value.household), before: opened.value.before };
  },
  bringBack: async ({ request }) => {
    const folder = backupFolder(databaseUrl());
    if (!folder) return fail(409, { backupProblem: 'The database is on another server.' });
    const copy = await readCopy(folder, String((await request.formData()).get('copy')));
    if (!copy.ok) return fail(422, { backupProblem: copy.problems.map(inOneLine).join(' ') });
    const opened = await openInstead(await database(), folder, copy.value, currentTime());
    if (!opened.ok) return fail(507, { backupProblem: opened.problems.map(inOneLine).join(' ') });
    return { backedUp: countOf(copy.value) };
  },
};
