<script lang="ts">
  import type { LineState } from '$lib/data';
  import { LINE_STATE_WORDS } from '$lib/words/days';
  import type { LineStanding } from '$lib/data/days';
  import type { Line } from './line.svelte';

  /** The line in its order, with where each player stands; a tap goes to one. Trials wait in a second line. */
  let { line, current, ongo }: { line: Line; current: string | null; ongo: (member: LineStanding) => void } =
    $props();

  const MARKS: Readonly<Record<LineState, string>> = {
    waiting: '',
    passed: '✓',
    trial: '⇄',
    skipped: '↷',
    absent: '–'
  };
</script>

<aside class="lists no-print">
  {#if line.secondLine.length > 0}
    <section aria-labelledby="second-line">
      <h2 id="second-line">Second line, for a trial</h2>
      <ul>
        {#each line.secondLine as { player } (player.id)}
          <li class="trial">
            <a class="btn act" href="/fit/{player.id}">Try on {player.name}</a>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <section aria-labelledby="the-line">
    <h2 id="the-line">The line</h2>
    <ol>
      {#each line.members as member (member.player.id)}
        <li>
          <button
            type="button"
            aria-current={member.player.id === current ? 'true' : undefined}
            onclick={() => ongo(member)}
          >
            <span class="name">{member.player.name}</span>
            <span class="state {member.state}">
              {#if member.size}<b class="num">{member.size}</b>{:else if member.state !== 'waiting'}<span
                  aria-hidden="true">{MARKS[member.state]}</span
                >{/if}
              <span class={member.size ? 'sr-only' : ''}
                >{member.state === 'waiting' ? '' : LINE_STATE_WORDS[member.state]}</span
              >
            </span>
          </button>
        </li>
      {/each}
    </ol>
  </section>
</aside>

<style>
  .lists {
    display: grid;
    gap: 1rem;
  }
  h2 {
    font-size: 1rem !important;
    margin-bottom: 0.25rem;
  }
  .trial a {
    width: 100%;
    justify-content: flex-start;
    white-space: normal;
    text-align: left;
    margin-bottom: 0.35rem;
  }
  ol {
    max-height: 26rem;
    overflow-y: auto;
    border-top: 1px solid var(--line);
  }
  button {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 0.5rem;
    width: 100%;
    min-height: 2.75rem;
    padding-inline: 0.5rem;
    text-align: left;
    border-bottom: 1px solid var(--line);
    border-left: 3px solid transparent;
  }
  button[aria-current] {
    border-left-color: var(--next);
    font-weight: 650;
  }
  .name {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .state {
    display: inline-flex;
    gap: 0.35rem;
    color: var(--ink-soft);
    font-size: 0.9rem;
    font-weight: 400;
    white-space: nowrap;
  }
  .state b {
    color: var(--fits);
    font-size: 1.05rem;
  }
</style>
