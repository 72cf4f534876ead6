import { fail, redirect } from '@sveltejs/kit';
import { COOKIE, COOKIE_DAYS, enter } from '$lib/server/access';
import { deviceKind } from '$lib/server/devices';
import { database } from '$lib/server/database';
import type { Actions } from './$types';
import { currentTime } from '$lib/server/clock';

/** Only to a page of our own. */
function within(to: string | null): string {
  return to?.startsWith('/') && !to.startsWith('//') && !to.includes('\\') ? to : '/meals';
}

export const actions: Actions = {
  default: async ({ request, cookies, url, getClientAddress }) => {
    const form = await request.formData();
    const passcode = String(form.get('passcode') ?? '');
    const name = deviceKind(request.headers.get('user-agent') ?? '');
    const entered = await enter(
      await database(),
      passcode,
      getClientAddress(),
      currentTime(),
      name,
    );
    if (!entered.ok) {
      const [problem] = entered.problems;
      return fail(422, { problem: `${problem?.message}; ${problem?.remedy}.` });
    }
    cookies.set(COOKIE, entered.value, {
      path: '/',
      httpOnly: true,
      sameSite: 'lax',
      secure: url.protocol === 'https:',
      maxAge: COOKIE_DAYS * 86_400,
    });
    redirect(303, within(url.searchParams.get('to')));
  },
};
