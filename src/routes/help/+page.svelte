<script lang="ts">
  import { HELP_PARTS } from '$lib/ui/help/parts';
</script>

<svelte:head><title>Help · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Help</h1>
<p class="mt-1 max-w-prose text-muted">
  In the order of an evening. For the same with pictures, see <code>docs/guide.md</code> in the program’s
  folder.
</p>
<div class="mt-6 grid max-w-5xl gap-4 md:grid-cols-2">
  {#each HELP_PARTS as part (part.id)}
    <section id={part.id} aria-labelledby="{part.id}-title" class="card p-5">
      <h2 id="{part.id}-title" class="text-xl font-bold">
        <a class="underline-offset-4 hover:underline" href={part.href}>{part.title}</a>
      </h2>
      <ul class="mt-2 grid list-disc gap-1.5 pl-5">
        {#each part.lines as line, index (index)}<li>{line}</li>{/each}
      </ul>
    </section>
  {/each}
</div>
<section aria-labelledby="keys" class="mt-6 max-w-5xl card p-5">
  <h2 id="keys" class="text-xl font-bold">Keys</h2>
  <dl class="mt-2 grid grid-cols-[9rem_1fr] gap-y-1.5">
    <dt><kbd>Tab</kbd>, <kbd>Enter</kbd></dt>
    <dd>through everything; the first Tab offers to skip to the page</dd>
    <dt><kbd>/</kbd> or <kbd>Ctrl</kbd>+<kbd>K</kbd></dt>
    <dd>finds dishes, meals, bags, answers and help</dd>
    <dt><kbd>Ctrl</kbd>+<kbd>Z</kbd></dt>
    <dd>takes the last change of a meal back; with <kbd>Shift</kbd> does it again</dd>
    <dt><kbd>Enter</kbd> in a search</dt>
    <dd>takes the first that is found</dd>
  </dl>
</section>
