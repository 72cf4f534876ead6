<script lang="ts">
  import type { PageProps } from './$types';

  let { form }: PageProps = $props();
</script>

<svelte:head><title>Passcode · Olive Clock</title></svelte:head>

<h1 class="text-4xl font-extrabold tracking-tight">Who is there?</h1>
<p class="mt-1 max-w-prose text-muted">
  On the network, this household opens with its passcode. It was set on the machine where Olive
  Clock runs.
</p>
<form method="POST" class="mt-6 grid max-w-md gap-3">
  <div>
    <label for="passcode" class="label">Passcode</label>
    <input
      id="passcode"
      name="passcode"
      type="password"
      autocomplete="current-password"
      class="field text-2xl"
      required
      aria-describedby={form?.problem ? 'problem' : undefined}
    />
  </div>
  {#if form?.problem}<p id="problem" role="alert" class="font-semibold text-pimento">
      {form.problem}
    </p>{/if}
  <div><button class="btn min-h-14 btn-strong px-6 text-lg">Come in</button></div>
</form>
