<script lang="ts">
  import { db } from '$lib/data';
  import { dropAllPictures, picturesKept } from '$lib/data/pictures/kept';
  import { Action } from '$lib/ui/action.svelte';
  import { live } from '$lib/ui/live.svelte';

  /** How many pictures of players this device keeps, and all of them away. */
  const kept = live(() => picturesKept(db), { count: 0, players: 0, bytes: 0 });
  const dropping = new Action();
  let asking = $state(false);

  const { count, players, bytes } = $derived(kept.current);
  const size = $derived(
    bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} KB` : `${(bytes / 1_000_000).toFixed(1)} MB`
  );
  const drop = () =>
    dropping.run(async () => {
      await dropAllPictures(db);
      asking = false;
    });
</script>

<section aria-labelledby="pictures" data-pictures={count}>
  <h2 id="pictures">Pictures of players</h2>
  {#if count === 0}
    <p>
      None is kept. A still that is measured is let go; with a guardian’s consent, noted on the child’s page,
      it may stay on this device until the term ends.
    </p>
  {:else}
    <p>
      {count} of {players}
      {players === 1 ? 'player' : 'players'}, {size}, on this device alone: no backup and no hand-over has
      them.
    </p>
    <p class="row">
      {#if asking}
        This can’t be undone.
        <button type="button" class="btn act" data-act="drop-pictures" disabled={dropping.busy} onclick={drop}
          >Remove {count === 1 ? 'it' : `all ${count}`} for good</button
        >
        <button type="button" class="btn act" onclick={() => (asking = false)}>Leave them</button>
      {:else}
        <button type="button" class="btn act" data-act="ask-drop-pictures" onclick={() => (asking = true)}
          >Remove all…</button
        >
      {/if}
    </p>
  {/if}
</section>

<style>
  .row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem 0.75rem;
  }
</style>
