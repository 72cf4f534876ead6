/** Saves a changed dish from its page, with the way back. */
import { toast } from 'svelte-sonner';
import { deserialize } from '$app/forms';
import { invalidateAll } from '$app/navigation';
import type { Dish } from '$core/dish';

/**
 * @param told what is said once it is saved
 * @param back the dish as it was; null for a change that is itself an undo
 * @param onkept what else is to know of it, of an undo as well
 */
export async function writeDish(
  next: Dish,
  told: string,
  back: Dish | null,
  onkept: (dish: Dish) => void = () => {},
): Promise<void> {
  const body = new FormData();
  body.set('dish', JSON.stringify(next));
  body.set('why', told);
  const response = await fetch(`/dishes/${next.id}?/replace`, { method: 'POST', body });
  const result = deserialize(await response.text());
  if (result.type !== 'success') {
    const problem = result.type === 'failure' ? String(result.data?.problem) : null;
    toast.error(problem ?? 'Not saved: the server can’t be reached. Try again.');
    return;
  }
  onkept(next);
  await invalidateAll();
  toast.success(
    told,
    back
      ? {
          action: {
            label: 'Undo',
            onClick: () => void writeDish(back, 'As it was.', null, onkept),
          },
        }
      : {},
  );
}
