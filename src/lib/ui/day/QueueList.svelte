<script lang="ts">
  import { FAMILIES, type Family } from '$lib/core/instruments';
  import { db, EMPTY_PLAYER, groupOf, type DayState } from '$lib/data';
  import { Action } from '$lib/ui/action.svelte';
  import { joinQueue } from '$lib/data/commands/days';
  import { NAME_LENGTH } from '$lib/data/schema/player';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { DAY_STATE_WORDS } from '$lib/words/days';
  import type { DayMember } from '$lib/data/questions/day-members';
  import type { DayQueue } from './queue.svelte';
  import SoFar from './SoFar.svelte';

  /** The line in its order, with where each player stands; a tap goes to one. Trials wait in a second queue. */
  let {
    queue,
    current,
    over,
    ongo
  }: {
    queue: DayQueue;
    current: string | null;
    /** Everybody was seen: the summary stands beside. */
    over: boolean;
    ongo: (member: DayMember) => void;
  } = $props();

  let name = $state('');
  let picked = $state<Family | null>(null);
  /** Stays as it was picked; until then that of the last in queue. */
  const family = $derived(picked ?? queue.members.at(-1)?.player.family ?? 'violin');
  const last = $derived(queue.members.at(-1)?.player);
  const group = $derived(last ? groupOf(queue.groups, last) : '');
  const joining = new Action();

  async function join(event: SubmitEvent) {
    event.preventDefault();
    const form = { ...EMPTY_PLAYER, name: name.trim(), family, group };
    const { day } = queue;
    if (day && (await joining.run(() => joinQueue(db, day.id, form)))) name = '';
  }

  const MARKS: Readonly<Record<DayState, string>> = {
    waiting: '',
    passed: '✓',
    trial: '⇄',
    skipped: '↷',
    absent: '–'
  };
</script>

<aside class="lists no-print">
  {#if queue.secondLine.length > 0}
    <section aria-labelledby="second-line">
      <h2 id="second-line">Second line, for a trial</h2>
      <ul>
        {#each queue.secondLine as { player } (player.id)}
          <li class="trial">
            <a class="btn act" href="/fit/{player.id}#try">Try on {player.name}</a>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if queue.day && queue.members.length > 0 && !over}<SoFar {queue} />{/if}
  <section aria-labelledby="the-line">
    <h2 id="the-line">The line</h2>
    <ol>
      {#each queue.members as member (member.player.id)}
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
                >{member.state === 'waiting' ? '' : DAY_STATE_WORDS[member.state]}</span
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
    max-height: min(26rem, 48vh);
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
