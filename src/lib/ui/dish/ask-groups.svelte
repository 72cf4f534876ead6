<script lang="ts">
  /** Foods that nobody knows: what they are is asked once and remembered for the household. */
  import { enhance } from '$app/forms';
  import { ASK_GROUPS } from '$core/food';

  interface Props {
    foods: readonly string[];
    /** The form action that remembers an answer. */
    action: string;
  }
  let { foods, action }: Props = $props();
</script>

{#if foods.length > 0}
  <section aria-labelledby="unknown-foods" class="banner banner-look">
    <h2 id="unknown-foods" class="font-bold">
      {foods.length === 1 ? `What is ${foods[0]}?` : `${foods.length} foods are not known`}
    </h2>
    <p class="text-[15px]">
      {foods.length === 1
        ? 'Until you say what it is, Olive Clock can’t say when it is safe, how long it keeps or who can eat it.'
        : 'Until you say what they are, Olive Clock can’t say when they are safe, how long they keep or who can eat them.'}
    </p>
    {#each foods as food, i (i)}
      <form method="POST" {action} use:enhance class="mt-3 flex flex-wrap items-end gap-2">
        <input type="hidden" name="food" value={food} />
        <label class="min-w-48 flex-1 text-[15px] font-semibold"
          >{food} is<select name="group" class="mt-1 field font-normal" required>
            <option value="">choose …</option>
            {#each ASK_GROUPS as group (group)}<option value={group}>{group}</option>{/each}
          </select></label
        >
        <button class="btn">Remember it</button>
      </form>
    {/each}
  </section>
{/if}
