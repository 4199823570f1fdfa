<script lang="ts">
  import { pieceRound } from '$lib/core/photo';
  import { db } from '$lib/data';
  import { consentOf, stands } from '$lib/data/pictures/stands';
  import { keepPicture } from '$lib/data/pictures/kept';
  import { Action } from '$lib/ui/action.svelte';
  import { live } from '$lib/ui/live.svelte';
  import type { Measuring } from './measuring.svelte';
  import { smallJpeg } from './small-jpeg';

  /** Keeps the piece of a still that was measured, where a consent stands; else it is let go. */
  let {
    measuring,
    still,
    playerId,
    checkId
  }: { measuring: Measuring; still: ImageBitmap; playerId: string; checkId: string } = $props();

  const consent = live(
    () => consentOf(db, playerId),
    null,
    () => playerId
  );
  const keeping = new Action();
  /** The still and the angle that were kept: pressed again they are not kept twice. */
  let kept = $state.raw<readonly [ImageBitmap, string | null] | null>(null);
  const isKept = $derived(kept?.[0] === still && kept[1] === measuring.angle);

  const keep = () =>
    keeping.run(async () => {
      const { angle } = measuring;
      if (!angle || isKept) return;
      const shot = await smallJpeg(still, pieceRound(measuring.own, still.width, still.height));
      await keepPicture(db, { ...shot, playerId, checkId, angle });
      kept = [still, angle];
    });
</script>

{#if stands(consent.current)}
  <button
    type="button"
    class="btn act"
    data-act="keep-picture"
    disabled={keeping.busy || isKept}
    onclick={keep}>{isKept ? '✓ Picture kept until the term ends' : 'Keep the picture too'}</button
  >
{:else if consent.ready}
  <p class="soft">The picture is let go: <a href="/players/{playerId}">no consent is noted</a>.</p>
{/if}
