<script lang="ts">
  import { backupFileName } from '$lib/data/files/names';
  import { download } from '$lib/ui/download';

  /** Shown when a screen fails: what is stored is untouched, and can be taken along. */
  let { error, path }: { error: unknown; path: string } = $props();

  /** The record of the player whom the screen was about: there everything else about this player works. */
  const record = $derived(/^\/(?:fit|card)\/([^/]+)/.exec(path)?.[1] ?? null);

  let said = $state('');

  async function save() {
    try {
      const { DeskAside } = await import('$lib/workers/desk');
      const desk = new DeskAside();
      const now = new Date();
      const { bytes } = await desk
        .write({ kind: 'backup' }, '', now, () => undefined)
        .finally(() => desk.end());
      download(backupFileName(now), 'application/json', bytes);
      said = 'The backup is in your downloads.';
    } catch {
      said =
        'The browser’s storage does not answer, so no backup could be made. Close other tabs of Jarvel and reload.';
    }
  }
</script>

<section role="alert">
  <h1>This screen stopped working</h1>
  <p>What you saved is untouched. Save a backup if you like, then reload and go on where you stopped.</p>
  <p class="soft text-sm">{error instanceof Error ? error.message : String(error)}</p>
  <p class="flex flex-wrap gap-3">
    <button type="button" class="btn act-next" onclick={save}>Save a backup</button>
    <button type="button" class="btn act" onclick={() => location.reload()}>Reload</button>
    {#if record}<a class="btn act" href="/players/{record}" data-sveltekit-reload>To the record</a>{/if}
    <a class="btn act" href="/" data-sveltekit-reload>To the start</a>
  </p>
  <p role="status">{said}</p>
</section>

<style>
  section {
    padding: 2rem 1.5rem;
    max-width: 40rem;
    display: grid;
    gap: 0.75rem;
  }
  h1 {
    font-size: 1.5rem;
    font-weight: 700;
  }
</style>
