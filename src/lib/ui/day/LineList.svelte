<script lang="ts">
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { db, EMPTY_PLAYER, type LineState } from '$lib/data';
  import { joinLine } from '$lib/data/days';
  import { NAME_LENGTH } from '$lib/data/player-schema';
  import { attempt } from '$lib/ui/shell/attempt';
  import { FAMILY_WORDS } from '$lib/words/checks';
  import { LINE_STATE_WORDS } from '$lib/words/days';
  import type { LineStanding } from '$lib/data/days';
  import type { Line } from './line.svelte';

  /** The line in its order, with where each player stands; a tap goes to one. Trials wait in a second line. */
  let { line, current, ongo }: { line: Line; current: string | null; ongo: (member: LineStanding) => void } =
    $props();

  let name = $state('');
  let picked = $state<Family | null>(null);
  /** Stays as it was picked; until then that of the last in line. */
  const family = $derived(picked ?? line.members.at(-1)?.player.family ?? 'violin');
  const group = $derived(line.members.at(-1)?.player.group ?? '');

  async function join(event: SubmitEvent) {
    event.preventDefault();
    const form = { ...EMPTY_PLAYER, name: name.trim(), family, group };
    if (line.day && (await attempt(() => joinLine(db, line.day?.id ?? '', form)))) name = '';
  }

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
    <form onsubmit={join}>
      <label>
        <span class="text-sm soft">Somebody else</span>
        <input
          class="field"
          autocomplete="off"
          maxlength={NAME_LENGTH}
          bind:value={name}
          placeholder="Name or initials"
        />
      </label>
      <label>
        <span class="text-sm soft">plays</span>
        <select
          class="field"
          value={family}
          onchange={(event) => (picked = FAMILIES.find((one) => one === event.currentTarget.value) ?? null)}
        >
          {#each FAMILIES as one (one)}<option value={one}>{FAMILY_WORDS[one]}</option>{/each}
        </select>
      </label>
      <button type="submit" class="btn act" disabled={name.trim() === ''}>Put in line</button>
    </form>
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
  form {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0.4rem;
    align-items: end;
    margin-top: 0.75rem;
  }
  form button {
    grid-column: 1 / -1;
  }
  li button {
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
  li button[aria-current] {
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
