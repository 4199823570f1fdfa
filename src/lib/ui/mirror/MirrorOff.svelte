<script lang="ts">
  import FilePick from '$lib/ui/files/FilePick.svelte';
  import { hasCamera } from './camera';
  import type { Mirror } from './mirror.svelte';

  /** What stands in the mirror while nothing is seen: why, and what does the same. */
  let {
    mirror,
    onlook,
    onfile,
    onpretend
  }: { mirror: Mirror; onlook: () => void; onfile: (file: File) => void; onpretend: () => void } = $props();
</script>

<div class="off">
  {#if mirror.starting}<p>Asking for the camera…</p>{/if}
  {#if mirror.refusal}<p role="alert">{mirror.refusal}</p>{/if}
  {#if !hasCamera()}
    <p>Browsers give the camera only to pages that come over https or from this computer itself.</p>
  {/if}
  <p class="row">
    {#if hasCamera()}
      <button type="button" class="btn act" disabled={mirror.starting} onclick={onlook}>Camera on</button>
    {/if}
    <FilePick label="A picture from a file…" accept="image/*" onpick={onfile} />
    <button type="button" class="btn act" data-act="made-up-camera" onclick={onpretend}
      >A made-up camera</button
    >
  </p>
  <p>What is seen stays on this device, and nothing of it is kept.</p>
</div>

<style>
  .off {
    position: absolute;
    inset: 0;
    display: grid;
    place-content: center;
    gap: 0.5rem;
    padding: 1.5rem;
    text-align: center;
  }
  .off :global(.btn) {
    background: var(--ground);
    color: var(--ink);
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    justify-content: center;
    gap: 0.5rem 0.75rem;
  }
</style>
