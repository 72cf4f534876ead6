<script lang="ts">
  /** The aisles in the order in which this household walks through its shop. */
  import { enhance } from '$app/forms';

  interface Props {
    aisles: readonly string[];
  }
  let { aisles }: Props = $props();

  function moved(at: number, by: number): string[] {
    const next = [...aisles];
    const [one] = next.splice(at, 1);
    if (one !== undefined) next.splice(at + by, 0, one);
    return next;
  }
</script>

<details class="mt-2 print:hidden">
  <summary class="min-h-9 cursor-pointer text-muted">Order of your shop</summary>
  <ol class="mt-1 max-w-sm">
    {#each aisles as aisle, i (aisle)}
      <li class="flex items-center justify-between gap-2 border-t border-line first:border-0">
        <span class="first-letter:uppercase">{aisle}</span>
        <span class="flex">
          {#each [[-1, 'Up', '↑'], [1, 'Down', '↓']] as const as [by, word, sign] (by)}
            <form
              method="POST"
              action="?/aisles"
              use:enhance={() =>
                ({ update }) =>
                  update({ reset: false })}
            >
              {#each moved(i, by) as name (name)}<input
                  type="hidden"
                  name="aisle"
                  value={name}
                />{/each}
              <button
                class="btn min-h-11 btn-quiet px-3"
                disabled={i + by < 0 || i + by >= aisles.length}
                aria-label="{word}: {aisle}">{sign}</button
              >
            </form>
          {/each}
        </span>
      </li>
    {/each}
  </ol>
</details>
