/** The old address of the freezer leads on. */
import { redirect } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ params, url }) =>
  redirect(308, `/freezer${params.rest ? `/${params.rest}` : ''}${url.search}`);
