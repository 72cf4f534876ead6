<script lang="ts" module>
  export interface ToldFigure {
    id: string;
    about: string;
    text: string;
    /** How sure, and from how many times. */
    from: string;
  }
</script>

<script lang="ts">
  /** What evenings have told, beside what the label or the household says. */
  interface Props {
    figures: readonly ToldFigure[];
  }
  let { figures }: Props = $props();
</script>

{#if figures.length > 0}
  <div class="rounded-lg bg-leaf-soft px-3 py-2 text-sm">
    <p class="font-semibold">Told by your evenings, and used in plans</p>
    <ul>
      {#each figures as { id, about, text, from } (id)}
        <li>
          {id.startsWith('pace.') ? `${about}: ` : ''}{text}
          <span class="text-muted">({from})</span>
        </li>
      {/each}
    </ul>
    <a class="font-semibold underline underline-offset-4" href="/log#taught"
      >The evenings, and setting it back</a
    >
  </div>
{/if}
