<script lang="ts">
  import { answered, looksFor } from '$lib/core/trial';
  import { changeTrialAnswer, db, type Player, type Trial } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import Toggles from '$lib/ui/Toggles.svelte';
  import type { Bench } from './bench.svelte';

  /** All that was answered in a trial; until the size is decided each can be changed. */
  let { bench, player, tried }: { bench: Bench; player: Player; tried: Trial } = $props();

  const rows = $derived(answered(looksFor(player.family), tried.answers));
  const open = $derived(bench.decided === null && tried.verdict !== 'stopped');
  let changing = $state<string | null>(null);
  const acting = new Action();

  async function change(look: string, choice: string) {
    if (await acting.run(() => changeTrialAnswer(db, player, tried, { look, choice }))) changing = null;
  }
</script>

<ul>
  {#each rows as { look, choice } (look.id)}
    <li data-answered={look.id}>
      <span class="soft">{look.title}</span>
      {#if changing === look.id}
        <Toggles
          label={look.title}
          as="answer"
          look="framed"
          options={look.choices
            .filter(({ speaksFor }) => speaksFor !== 'reseat')
            .map(({ id, text }) => ({ value: id, text }))}
          picked={[choice.id]}
          onpick={(id) => void change(look.id, id)}
        />
      {:else}
        <b>{choice.text}</b>
        {#if open}<button
            type="button"
            class="act-quiet"
            aria-label="Change: {look.title}"
            onclick={() => (changing = look.id)}>Change</button
          >{/if}
      {/if}
    </li>
  {/each}
</ul>

<style>
  ul {
    columns: 2 22rem;
    font-size: 0.95rem;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 0.6rem;
    min-height: 2.75rem;
    break-inside: avoid;
  }
</style>
