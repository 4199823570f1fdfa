<script lang="ts">
  import type { Snippet } from 'svelte';
  import { chosenOf } from '$lib/core/sizing';
  import { db, notePain, type Player } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import PainNotes from '$lib/ui/PainNotes.svelte';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { verdictLine } from '$lib/words/sizing';
  import type { Bench } from './bench.svelte';
  import type { ALL_STEPS, StepId } from './steps';

  /** Always in sight: the answer in a word, the steps, and the button that stops everything. */
  let {
    bench,
    player,
    steps,
    done,
    step,
    ongo,
    children
  }: {
    bench: Bench;
    player: Player;
    steps: readonly (typeof ALL_STEPS)[number][];
    done: Readonly<Record<StepId, boolean>>;
    /** The step that is on the screen. */
    step: StepId;
    ongo: (step: StepId) => Promise<void>;
    /** The main action of the step. */
    children?: Snippet;
  } = $props();

  const unit = $derived(bench.settings.unit);
  const chosen = $derived(bench.proposal ? chosenOf(bench.proposal) : undefined);

  const noting = new Action();
  const DURING = {
    measure: 'measuring',
    try: 'trial',
    decide: 'measuring',
    'set-up': 'set-up',
    check: 'check',
    card: 'check'
  } as const;
  const stopForPain = () => noting.run(() => notePain(db, player, DURING[step], bench.decided?.size ?? null));
</script>

<footer class="foot no-print">
  {#if bench.pains.length > 0}<div class="stopped">
      <PainNotes {player} pains={bench.pains} typed={bench.typed} />
    </div>{/if}
  <p class="now">
    {#if bench.standing}
      <b class="num">{bench.standing.size}</b>
      <span class="of">{bench.decided ? 'decided' : 'in use'}</span>
    {:else if bench.advice?.because === 'pain'}
      <span>No size is proposed while pain is open</span>
    {:else if bench.proposal && chosen}
      <b class="num {chosen.verdict}"
        >{bench.proposal.betweenSizes ? bench.proposal.between?.join(' or ') : chosen.size}</b
      >
      <span class="inline-flex items-center gap-[0.35rem]" class:sr-only={step === 'set-up'}>
        {#if !bench.proposal.betweenSizes}<VerdictMark verdict={chosen.verdict} />{/if}
        {bench.proposal.betweenSizes ? 'by the tape' : verdictLine(chosen, unit)}
      </span>
    {:else}
      <span class="soft">Nothing measured yet</span>
    {/if}
  </p>
  <nav aria-label="Steps">
    {#each steps as { id, name } (id)}
      <a
        href="#{id}"
        aria-current={id === step ? 'step' : undefined}
        class:done={done[id]}
        onclick={(event) => {
          event.preventDefault();
          void ongo(id);
        }}
        >{name}{#if done[id]}<span class="tick" aria-label="done">✓</span>{/if}</a
      >
    {/each}
  </nav>
  {@render children?.()}
  {#if bench.trial?.kind !== 'asking' && bench.pains.length === 0}
    <button
      type="button"
      class="btn act pain"
      aria-label="Pain, tingling or numbness"
      disabled={noting.busy}
      onclick={stopForPain}
      >Pain{#if step !== 'set-up'}<span class="wide">, tingling or numbness</span>{/if}</button
    >
  {/if}
</footer>

<style>
  .foot {
    position: sticky;
    bottom: 0;
    z-index: 10;
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 1rem;
    padding: 0 1.5rem;
    background: var(--ground);
    border-top: 1px solid var(--line-strong);
  }
  .stopped {
    flex-basis: 100%;
  }
  /* Whatever is said on their left, and whether there is a button on their right: the steps stay where they are. */
  .now {
    flex: 0 0 13rem;
    display: flex;
    align-items: center;
    gap: 0.6rem;
    line-height: 1.2;
  }
  .now b {
    font-size: 1.6rem;
    white-space: nowrap;
  }
  .foot nav {
    display: flex;
    flex-wrap: wrap;
    margin-right: auto;
  }
  .foot nav a {
    position: relative;
    display: inline-flex;
    align-items: center;
    min-height: 3rem;
    padding-inline: 0.75rem;
    border-bottom: 3px solid transparent;
  }
  .foot nav a[aria-current] {
    border-bottom-color: var(--next);
    font-weight: 700;
  }
  .pain {
    gap: 0;
    border: 2px solid var(--stop);
    color: var(--stop);
    font-weight: 650;
    margin-block: 0.25rem;
  }
  .tick {
    position: absolute;
    top: 0.1rem;
    right: 0.05rem;
    color: var(--fits);
    font-size: 0.85rem;
    font-weight: 700;
  }
  @media (max-width: 900px) {
    .foot {
      padding-inline: 1rem;
      column-gap: 0.25rem;
    }
    .now {
      flex: 0 0 auto;
      min-width: 4.5rem;
    }
    .now span:not(.of),
    .wide {
      display: none;
    }
    .foot nav a {
      padding-inline: 0.4rem;
    }
  }
  /* Two lines and no more: the steps above, what can be done below. */
  @media (max-width: 640px) {
    .foot {
      flex-wrap: nowrap;
      display: grid;
      grid-template-columns: auto minmax(0, 1fr) auto;
      padding-inline: 0.5rem;
      box-shadow: 0 0.5rem 0 var(--ground);
    }
    .stopped,
    .foot nav {
      grid-column: 1 / -1;
      grid-row: 1;
    }
    .stopped ~ nav {
      grid-row: 2;
    }
    .foot nav {
      flex-wrap: nowrap;
      justify-content: space-between;
      margin: 0;
    }
    .foot > :global(.btn) {
      white-space: normal;
      line-height: 1.15;
    }
    .now {
      min-width: 0;
    }
    .now .of {
      display: none;
    }
    .foot nav a {
      flex-direction: column;
      justify-content: center;
      gap: 0;
      padding-inline: 0.15rem;
      min-height: 2.75rem;
      font-size: 0.85rem;
      line-height: 1;
    }
    .now b {
      font-size: 1.3rem;
    }
    .pain {
      grid-column: 3;
      margin-block: 0;
    }
  }
</style>
