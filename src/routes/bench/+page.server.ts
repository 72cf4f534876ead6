/** The old address of the quick answers leads on. */
import { redirect } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => redirect(308, `/answers${url.search}`);
