import { expect, test as base, type Page } from '@playwright/test';

/** Waits until a page of the program answers: what is tapped while its scripts still come is lost. */
export async function ready(page: Page): Promise<void> {
  if ((await page.locator('#main').count()) === 0) return;
  await expect(page.locator('html')).toHaveAttribute('data-ready', 'yes');
}

/** Pages that answer once they are opened or loaded again. */
export const test = base.extend({
  context: async ({ context }, use) => {
    context.on('page', (page) => {
      const [open, again] = [page.goto.bind(page), page.reload.bind(page)];
      page.goto = async (...given) => {
        const response = await open(...given);
        await ready(page);
        return response;
      };
      page.reload = async (...given) => {
        const response = await again(...given);
        await ready(page);
        return response;
      };
    });
    await use(context);
  },
});
export { expect };
