<script lang="ts">
  /** How other screens of the house come in, which of them did, and the link for one that only shows. */
  import { toast } from 'svelte-sonner';
  import { enhance } from '$app/forms';
  import type { Device } from '$lib/server/devices';
  import { formatDay, type ClockStyle } from '$core/units';
  import QrCode from '$lib/ui/storage/qr-code.svelte';

  interface Props {
    /** Address for a screen that only shows; null where no passcode is set. */
    link: string | null;
    /** Where a phone finds this; null where it answers this machine only. */
    address: string | null;
    devices: readonly Device[];
    /** The one that this page is on; null on the machine itself. */
    own: string | null;
    /** What could not be done with a device; null where nothing was wrong. */
    problem: string | null;
    style: ClockStyle;
  }
  let { link, address, devices, own, problem, style }: Props = $props();

  async function copy(): Promise<void> {
    try {
      await navigator.clipboard.writeText(link ?? '');
      toast.success('Copied.');
    } catch {
      toast.error('This browser can’t copy here: select the address and copy it yourself.');
    }
  }
</script>

<section aria-labelledby="network" class="mt-6 max-w-3xl card p-5">
  <h2 id="network" class="text-xl font-bold">Other screens in the house</h2>
  {#if link}
    {#if address}
      <div class="mt-2 flex flex-wrap items-center gap-4">
        <QrCode text={address} size={112} label="Address for a phone’s camera" />
        <p class="min-w-0 flex-1 basis-56">
          A phone finds it at <b class="break-all">{address}</b>: point its camera here, and give
          the passcode once.
        </p>
      </div>
    {:else}
      <p class="mt-1 text-muted">
        Over the network it opens with the passcode, once it is served there:
        <code>HOST=0.0.0.0 npm run preview -- --https</code>.
      </p>
    {/if}
    <h3 class="mt-4 font-bold">A screen on the wall</h3>
    <p class="text-muted">One that shows and changes nothing opens with this address:</p>
    <div class="mt-2 flex flex-wrap gap-2">
      <input
        class="field min-w-0 flex-1"
        readonly
        aria-label="Address for a screen that only shows"
        value={link}
      />
      <button type="button" class="btn" onclick={copy}>Copy</button>
    </div>
    <p class="mt-2 text-sm text-muted">
      It works until a new passcode is set, or everybody is logged out.
    </p>

    <h3 class="mt-4 font-bold">Devices that came in</h3>
    {#if problem}<p class="font-semibold text-pimento" role="alert">{problem}</p>{/if}
    {#if devices.length === 0}
      <p class="text-muted">None yet.</p>
    {:else}
      <ul data-testid="devices">
        {#each devices as device (device.id)}
          <li
            class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-2 first:border-0"
          >
            <form
              method="POST"
              action="?/nameDevice"
              use:enhance={() =>
                ({ update }) =>
                  update({ reset: false })}
              class="flex min-w-0 flex-1 basis-60 gap-2"
            >
              <input type="hidden" name="device" value={device.id} />
              <input
                class="field min-w-0 flex-1"
                name="name"
                required
                maxlength="60"
                value={device.name}
                aria-label="Name of the device"
              />
              <button class="btn btn-quiet">Rename</button>
            </form>
            <span class="text-[15px] text-muted">
              {device.role === 'look' ? 'only shows, ' : ''}seen {formatDay(
                device.seen,
                style,
              )}{device.id === own ? '; this one' : ''}
            </span>
            <form method="POST" action="?/logOut" use:enhance>
              <input type="hidden" name="device" value={device.id} />
              <button class="btn btn-quiet" aria-label="Log out: {device.name}">Log out</button>
            </form>
          </li>
        {/each}
      </ul>
      <form
        method="POST"
        action="?/logOutAll"
        use:enhance={({ cancel }) => {
          if (!confirm('Every device and every screen on a wall has to come in again. Go on?'))
            cancel();
        }}
        class="mt-2"
      >
        <button class="btn">Log out everywhere</button>
      </form>
    {/if}
  {:else}
    <p class="mt-1 text-muted">
      It can be reached from this machine only. To use it on the phone in the kitchen, set a
      passcode here, on the machine:
      <code>npm run passcode</code>, then serve it with
      <code>HOST=0.0.0.0 npm run preview -- --https</code>. The file <code>docs/network.md</code> says
      the rest.
    </p>
  {/if}
  <p class="mt-4">
    <a class="underline" href="/kitchen/stored">What is stored here, and how to remove it</a>
  </p>
</section>
