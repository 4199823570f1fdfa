<script lang="ts">
  import type { Player } from '$lib/data';
  import { outcomeText, TOUCH_CAUTION } from '$lib/words/checks';
  import type { Bench } from './bench.svelte';

  /** The door to the looks with the new set-up, and what was seen in this fit. */
  let {
    bench,
    player,
    isNext,
    ondone
  }: { bench: Bench; player: Player; isNext: boolean; ondone: () => void } = $props();

  /** Pain in this fit stops every check until its note is closed. */
  const stopped = $derived(bench.pains.length > 0);
  const seen = $derived(
    bench.library.checks.flatMap((check) => {
      const result = bench.seen[check.id];
      return result ? [{ check, result }] : [];
    })
  );
</script>

{#if !bench.setup.fit}
  <p class="soft">The checks follow the decided size.</p>
{:else}
  {#if bench.setup.kept}<p>Set-up {bench.setup.kept.version} is kept.</p>{/if}
  <p class="soft">{TOUCH_CAUTION}</p>
  {#if stopped}<p class="stopped"><b>Stopped for pain.</b> Close its note to go on.</p>{/if}
  {#if seen.length > 0}
    <ul>
      {#each seen as { check, result } (check.id)}
        <li data-seen-check={check.id}>
          <b>{check.title}</b>
          <span class="soft"
            >{outcomeText(result.outcome)}{result.faults.length > 0
              ? `: ${check.faults
                  .filter(({ id }) => result.faults.includes(id))
                  .map(({ text }) => text.toLowerCase())
                  .join(', ')}`
              : ''}</span
          >
        </li>
      {/each}
    </ul>
  {/if}
  <p class="flex flex-wrap gap-3 mt-4">
    <a
      class="btn {isNext ? 'act-next' : 'act'}"
      data-act="to-looks"
      href="/lesson/{player.id}?category=hold&fit"
      >Look at the hold {#if isNext}<span class="key">↵</span>{/if}</a
    >
    <button type="button" class="btn act" data-act="to-card" onclick={ondone}>Make the card</button>
  </p>
{/if}

<style>
  .stopped {
    color: var(--stop);
    margin-top: 0.5rem;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.75rem;
    padding-block: 0.35rem;
    border-bottom: 1px solid var(--line);
  }
</style>
