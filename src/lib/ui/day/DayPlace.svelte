<script lang="ts">
  import { tick } from 'svelte';
  import { tinykeys } from 'tinykeys';
  import { LINE_ORDER, type MeasurementId } from '$lib/core/body';
  import { db, dropReading, groupOf, type DayState } from '$lib/data';
  import { passInQueue, readInQueue, setDayState, type DayMember } from '$lib/data/days';
  import { Action } from '$lib/ui/action.svelte';
  import ChanceBar from '$lib/ui/bench/ChanceBar.svelte';
  import MeasureField from '$lib/ui/field/MeasureField.svelte';
  import PainNotes from '$lib/ui/PainNotes.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import Part from '$lib/ui/shell/Part.svelte';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { chosenOf } from '$lib/core/sizing';
  import { FAMILY_WORDS } from '$lib/words/families';
  import { ageText } from '$lib/words/dates';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import { reasonSentences, verdictLine, warningSentence } from '$lib/words/sizing';
  import DaySummary from './DaySummary.svelte';
  import QueueList from './QueueList.svelte';
  import { DayQueue } from './queue.svelte';

  /** A fitting day as it runs: one player after the other, a few numbers, the answer, next. */
  let { dayId }: { dayId: string } = $props();

  // The component is keyed by the day, so the queue lives as long as it does.
  // svelte-ignore state_referenced_locally
  const queue = new DayQueue(dayId);

  const unit = $derived(queue.settings.unit);
  const member = $derived(queue.current);
  const player = $derived(member?.player ?? null);
  const fields = $derived(player ? LINE_ORDER[player.family] : []);
  const proposal = $derived(queue.proposal);
  const chosen = $derived(proposal ? chosenOf(proposal) : undefined);
  const advised = $derived(queue.advice?.size ?? null);
  const measured = $derived(queue.members.filter(({ state }) => state !== 'waiting').length);
  /** Between sizes a try on the body settles it; and without an advised size the bench says why. */
  const toSecondLine = $derived(proposal !== null && (proposal.betweenSizes || advised === null));
  const over = $derived(queue.ready && queue.members.length > 0 && member === null);

  let active = $state<MeasurementId | null>(null);
  let place: HTMLElement | undefined = $state();
  const fieldOf = (kind: string) => place?.querySelector<HTMLElement>(`[data-measure="${kind}"]`);
  const acting = new Action();

  const nameOf = (kind: MeasurementId) => MEASUREMENT_WORDS[kind].name.toLowerCase();

  /** The first field of whoever comes next. */
  async function toFirstField() {
    await tick();
    setTimeout(() => fieldOf(fields[0] ?? 'height')?.focus(), 0);
  }

  let shownFor: string | null = null;
  $effect(() => {
    const id = queue.ready && queue.typed?.ready ? (player?.id ?? null) : null;
    if (id === shownFor) return;
    shownFor = id;
    active = null;
    if (id) void toFirstField();
  });

  function next(kind: MeasurementId) {
    const following = fields[fields.indexOf(kind) + 1];
    if (following) fieldOf(following)?.focus();
    else setTimeout(() => place?.querySelector<HTMLElement>('[data-act="pass"]')?.focus(), 0);
  }

  /** Sends the player on, to the second line or with the advised size, and goes to the next. */
  async function pass(toTrial: boolean) {
    const who = player;
    const size = advised;
    const after = queue.decidedId;
    if (!who || !proposal || (!toTrial && size === null)) return;
    const done = await acting.run(() =>
      toTrial || size === null
        ? setDayState(db, dayId, who, 'trial')
        : passInQueue(db, dayId, who, { size, reason: null, after })
    );
    if (done) queue.chosen = null;
  }

  /** What is typed belongs to the player at hand: it is taken before another one comes. */
  function leaveField() {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  }

  async function leaveAs(state: DayState) {
    leaveField();
    const who = player;
    if (who && (await acting.run(() => setDayState(db, dayId, who, state)))) queue.chosen = null;
  }

  async function goTo({ player: to, state }: DayMember) {
    leaveField();
    if (state !== 'waiting' && !(await acting.run(() => setDayState(db, dayId, to, 'waiting')))) return;
    queue.chosen = to.id;
  }

  function back() {
    const { before } = queue;
    if (before) void goTo(before);
  }

  /** A key that is held counts once. */
  const once = (act: () => void) => (event: KeyboardEvent) => {
    event.preventDefault();
    if (!event.repeat) act();
  };
  $effect(() =>
    tinykeys(window, {
      'Alt+KeyB': once(back),
      'Alt+KeyS': once(() => void leaveAs('skipped')),
      'Alt+KeyA': once(() => void leaveAs('absent')),
      'Alt+KeyT': once(() => void leaveAs('trial'))
    })
  );
</script>

{#if !queue.ready}
  <p class="p-6 soft">Opening the line…</p>
{:else if !queue.day}
  <section class="p-6 grid gap-3">
    <h1>This fitting day is not here</h1>
    <p><a class="btn act" href="/day">All fitting days</a></p>
  </section>
{:else}
  <div class="day" bind:this={place}>
    <header>
      <div>
        <h1>{queue.day.name}</h1>
        <p class="soft">
          {measured} of {queue.members.length} seen{queue.secondLine.length > 0
            ? `, ${queue.secondLine.length} for a trial`
            : ''}
        </p>
      </div>
      <a class="btn act no-print" href="/day">All fitting days</a>
    </header>
    <div
      class="progress no-print"
      role="progressbar"
      aria-label="Players seen"
      aria-valuemin="0"
      aria-valuemax={queue.members.length}
      aria-valuenow={measured}
    >
      <span style:width="{(100 * measured) / Math.max(1, queue.members.length)}%"></span>
    </div>

    <div class="columns">
      {#if player && member}
        <section class="now" aria-labelledby="who">
          <div class="who">
            <h2 id="who">{player.name}</h2>
            <p class="soft">
              {[
                FAMILY_WORDS[player.family].toLowerCase(),
                ageText(player.birthMonth, queue.today),
                groupOf(queue.groups, player)
              ]
                .filter((part) => part)
                .join(' · ')}
            </p>
          </div>
          <PainNotes {player} pains={queue.pains} />
          <div class="work">
            <div class="fields">
              {#if queue.typed}{@const typed = queue.typed}{#each fields as kind (player.id + kind)}
                  {@const measurement = queue.newest[kind]}
                  <MeasureField
                    {kind}
                    {unit}
                    {typed}
                    {measurement}
                    fresh={queue.isFresh(kind)}
                    heightMm={kind === 'height' ? null : queue.heightMm}
                    isBeyondAge={(mm) => kind === 'height' && queue.isBeyondAge(player, mm)}
                    estimateMm={null}
                    active={active === kind}
                    onactive={() => (active = kind)}
                    onreading={(mm) => readInQueue(db, player, kind, mm, nameOf(kind))}
                    ondrop={(reading) =>
                      measurement &&
                      attempt(() => dropReading(db, player, measurement, reading, nameOf(kind)))}
                    onnext={() => next(kind)}
                  />
                {/each}{/if}
            </div>
            <div class="said" aria-live="polite">
              <Part name="The answer">
                {#if proposal && chosen}
                  {#if proposal.between}
                    <p class="between num">{proposal.between[0]}<span> or </span>{proposal.between[1]}</p>
                    <p class="verdict">between sizes: a try on the body settles it</p>
                  {:else}
                    <p class="big num {chosen.verdict}">{chosen.size}</p>
                    <p class="verdict {chosen.verdict}">
                      <VerdictMark verdict={chosen.verdict} size={16} />
                      {verdictLine(chosen, unit)}
                    </p>
                  {/if}
                  <ChanceBar candidates={proposal.candidates} />
                  <p class="soft">{reasonSentences(proposal, unit)[0]}</p>
                  {#each proposal.warnings as warning, index (index)}
                    <p class="warning">{warningSentence(warning, unit)}</p>
                  {/each}
                {:else}
                  <p class="big num nothing" aria-hidden="true">?</p>
                  <p class="soft">The first number gives a first answer.</p>
                {/if}
              </Part>
            </div>
          </div>
          <div class="actions">
            <button
              type="button"
              class="btn act-next pass text-lg"
              data-act="pass"
              disabled={!proposal || acting.busy}
              onclick={() => pass(toSecondLine)}
            >
              {proposal ? (toSecondLine ? 'To the second line' : `Take the ${advised}`) : 'Take it'}, next
              <span class="key">↵</span>
            </button>
            {#if proposal && toSecondLine && advised}
              <button type="button" class="btn act" onclick={() => pass(false)}
                >Take the {advised} without a trial</button
              >
            {/if}
            <span class="aside">
              <button type="button" class="btn act" onclick={back}>Back <span class="key">Alt B</span></button
              >
              <button type="button" class="btn act" onclick={() => leaveAs('skipped')}
                >Skip <span class="key">Alt S</span></button
              >
              <button type="button" class="btn act" onclick={() => leaveAs('absent')}
                >Absent <span class="key">Alt A</span></button
              >
              {#if !toSecondLine}
                <button type="button" class="btn act" onclick={() => leaveAs('trial')}
                  >Second line <span class="key">Alt T</span></button
                >
              {/if}
            </span>
          </div>
        </section>
      {:else if over}
        <DaySummary {queue} />
      {:else}
        <p class="soft">Nobody is in this line yet. Put the first one in on the right.</p>
      {/if}
      <QueueList {queue} current={player?.id ?? null} ongo={goTo} />
    </div>
  </div>
{/if}

<style>
  .day {
    padding: 0.25rem 1.5rem 2rem;
    max-width: 84rem;
    display: grid;
    gap: 0.75rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: start;
    gap: 0.5rem 1rem;
  }
  .progress {
    height: 6px;
    border-radius: 3px;
    background: var(--line);
    overflow: hidden;
  }
  .progress span {
    display: block;
    height: 100%;
    background: var(--fits);
    transition: width 0.2s;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 17rem;
    gap: 1.5rem 2.5rem;
    align-items: start;
  }
  .now {
    display: grid;
    gap: 1rem;
  }
  .who {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 1rem;
  }
  .who h2 {
    font-size: 2.2rem;
    font-weight: 750;
    letter-spacing: -0.01em;
    overflow-wrap: anywhere;
  }
  .work {
    display: grid;
    grid-template-columns: 19rem minmax(0, 1fr);
    gap: 1rem 2.5rem;
    min-height: 19rem;
  }
  .big {
    font-size: 6.5rem;
    line-height: 1;
    font-weight: 750;
    letter-spacing: -0.03em;
    white-space: nowrap;
  }
  .between {
    font-size: 4rem;
    line-height: 1.2;
    font-weight: 750;
    white-space: nowrap;
  }
  .between span {
    margin-inline: 0.5rem;
    font:
      400 1.25rem 'Atkinson Hyperlegible Next Variable',
      sans-serif;
    color: var(--ink-soft);
  }
  .nothing {
    color: var(--line-strong);
  }
  .verdict {
    display: flex;
    align-items: center;
    gap: 0.4rem;
    font-weight: 600;
    font-size: 1.1rem;
    margin-bottom: 0.75rem;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
  .actions {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: center;
  }
  .pass {
    min-height: 3.5rem;
  }
  .aside {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin-left: auto;
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .aside {
      margin-left: 0;
    }
  }
  @media (max-width: 760px) {
    .day {
      padding-inline: 1rem;
    }
    .work {
      grid-template-columns: minmax(0, 1fr);
    }
    .said {
      order: -1;
    }
    .aside .key {
      display: none;
    }
  }
</style>
