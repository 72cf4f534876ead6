<script lang="ts">
  /** Copies of the database: one a day, or now. */
  import { enhance } from '$app/forms';
  import type { Backup, BackupSetting } from '$lib/server/backup';
  import { formatDay, formatTime, type ClockStyle } from '$core/units';

  interface Props {
    /** Null where the database is no file on this machine. */
    folder: string | null;
    copies: readonly Backup[];
    setting: BackupSetting;
    style: ClockStyle;
    said: string | null;
    problem: string | null;
    onback: () => void;
  }
  let { folder, copies, setting, style, said, problem, onback }: Props = $props();
  const SHOWN = 12;
  const size = (bytes: number): string => `${(bytes / 1e6).toFixed(1)} MB`;
</script>

<section aria-labelledby="backups" class="mt-6 grid gap-4 card p-5 md:grid-cols-2">
  <div>
    <h2 id="backups" class="text-xl font-bold">Copies</h2>
    {#if folder}
      <p class="mt-1 text-muted">
        Everything, photos and evenings too, as one file in <code class="break-all">{folder}</code>.
        Those older than a week are thinned to one a week. If the program does not start:
        <code>npm run restore</code>.
      </p>
      <form method="POST" action="?/backUp" use:enhance class="mt-3">
        <button class="btn">Copy now</button>
      </form>
      <form
        method="POST"
        action="?/backupSetting"
        novalidate
        use:enhance={() =>
          ({ update }) =>
            update({ reset: false })}
        class="mt-3 flex flex-wrap items-end gap-3"
      >
        <label class="flex min-h-11 items-center gap-2"
          ><input type="checkbox" name="isDaily" class="tick" checked={setting.isDaily} />one each
          day</label
        >
        <label class="flex items-center gap-2 text-[15px] text-muted"
          >kept for, days<input
            class="field w-24 text-ink"
            type="number"
            name="keepDays"
            min="1"
            max="365"
            value={setting.keepDays}
          /></label
        >
        <button class="btn">Keep this</button>
      </form>
      {#if said}<p class="mt-2 font-semibold text-leaf-ink" role="status">{said}</p>{/if}
      {#if problem}<p class="mt-2 font-semibold text-pimento" role="alert">{problem}</p>{/if}
    {:else}
      <p class="mt-1 text-muted">The database is on another server; make its copies there.</p>
    {/if}
  </div>
  {#if folder}
    <ul>
      {#each copies.slice(0, SHOWN) as copy (copy.name)}
        {@const moment = `${formatDay(copy.at, style)}, ${formatTime(copy.at, style)}`}
        <li
          class="flex flex-wrap items-center justify-between gap-x-3 border-t border-line py-1.5 first:border-0"
        >
          <span>{moment} <span class="text-muted">{size(copy.bytes)}</span></span>
          <form
            method="POST"
            action="?/bringBack"
            use:enhance={({ cancel }) => {
              if (
                !confirm(
                  `This brings everything back as it was on ${moment}. What is here now is kept as a copy first. Go on?`,
                )
              )
                cancel();
              return async ({ result, update }) => {
                await update();
                if (result.type === 'success') onback();
              };
            }}
          >
            <input type="hidden" name="copy" value={copy.name} />
            <button class="btn btn-quiet"
              >Bring it back<span class="sr-only">: {moment}</span></button
            >
          </form>
        </li>
      {:else}
        <li class="text-muted">No copy yet.</li>
      {/each}
      {#if copies.length > SHOWN}
        <li class="border-t border-line py-1.5 text-muted">and {copies.length - SHOWN} older</li>
      {/if}
    </ul>
  {/if}
</section>
