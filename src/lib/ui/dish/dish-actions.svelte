<script lang="ts">
  /** What can be done with a dish: plan it, change it, take it along, remove it with a way back. */
  import Pencil from '@lucide/svelte/icons/pencil';
  import Trash from '@lucide/svelte/icons/trash-2';
  import { toast } from 'svelte-sonner';
  import { deserialize } from '$app/forms';
  import { goto, invalidateAll } from '$app/navigation';
  import type { Dish } from '$core/dish';
  import { Menu } from '$lib/ui/controls';

  interface Props {
    dish: Dish;
    servings: number;
  }
  let { dish, servings }: Props = $props();

  async function post(action: string, fields: Record<string, string> = {}): Promise<boolean> {
    const body = new FormData();
    for (const [key, value] of Object.entries(fields)) body.set(key, value);
    const response = await fetch(action, { method: 'POST', body });
    const result = deserialize(await response.text());
    if (result.type === 'success') return true;
    const problem = result.type === 'failure' ? String(result.data?.problem) : null;
    toast.error(problem ?? 'The server can’t be reached. Try again.');
    return false;
  }
  async function restore(document: string): Promise<void> {
    if (await post('/dishes?/restore', { dish: document })) await invalidateAll();
  }
  async function remove(): Promise<void> {
    const document = JSON.stringify(dish);
    if (!(await post(`/dishes/${dish.id}?/remove`))) return;
    await goto('/dishes');
    toast.success(`${dish.name} is removed.`, {
      duration: 12_000,
      action: {
        label: 'Undo',
        onClick: () => void restore(document),
      },
    });
  }
</script>

<div class="mt-3 flex flex-wrap items-center gap-2 print:hidden">
  <form method="POST" action="/dishes/{dish.id}?/plan">
    <input type="hidden" name="servings" value={servings} />
    <button class="btn btn-strong">Plan a meal with it</button>
  </form>
  <a class="btn" href="/dishes/{dish.id}/edit"><Pencil size={17} aria-hidden="true" /> Change it</a>
  <Menu label="More" about="what else can be done with this dish">
    <a class="menu-item" href="/dishes/{dish.id}/card?servings={servings}">Print card</a>
    <a class="menu-item" href="/dishes/{dish.id}/recipe.txt?servings={servings}" download>Text</a>
    <a class="menu-item" href="/dishes/{dish.id}/recipe.json" download>JSON-LD</a>
    <button type="button" class="menu-item" onclick={remove}
      ><Trash size={17} aria-hidden="true" /> Remove</button
    >
  </Menu>
</div>
