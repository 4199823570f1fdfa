<script lang="ts">
  import { goto } from '$app/navigation';
  import { tick } from 'svelte';
  import { LINE_ORDER, type MeasurementId } from '$lib/core/body';
  import { db, dropReading, groupOf, type DayState } from '$lib/data';
  import { passInQueue, readInQueue, setDayState } from '$lib/data/commands/days';
  import type { DayMember } from '$lib/data/questions/day-members';
  import { Action } from '$lib/ui/action.svelte';
  import MeasureField from '$lib/ui/field/MeasureField.svelte';
  import { MeasuringOrder } from '$lib/ui/field/measuring-order';
  import { focusSoon } from '$lib/ui/focus';
  import PainNotes from '$lib/ui/PainNotes.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import Part from '$lib/ui/shell/Part.svelte';
  import { shortcuts } from '$lib/ui/shortcuts';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import DayAnswer from './DayAnswer.svelte';
  import DayHead from './DayHead.svelte';
  import DayWho from './DayWho.svelte';
  import DaySummary from './DaySummary.svelte';
  import QueueList from './QueueList.svelte';
  import { DayQueue } from './queue.svelte';
  import TapeWords from './TapeWords.svelte';

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
  const advised = $derived(queue.advice?.size ?? null);
  /** Between sizes a try on the body settles it; and without an advised size the bench says why. */
  const toSecondLine = $derived(proposal !== null && (proposal.betweenSizes || advised === null));
  const over = $derived(queue.ready && queue.members.length > 0 && member === null);

  let active = $state<MeasurementId | null>(null);
  let place: HTMLElement | undefined = $state();
  const fieldOf = (kind: string) => place?.querySelector<HTMLElement>(`[data-measure="${kind}"]`);
  const acting = new Action();

  const nameOf = (kind: MeasurementId) => MEASUREMENT_WORDS[kind].name.toLowerCase();

  let shownFor: string | null = null;
  $effect(() => {
    const id = queue.ready && queue.typed?.ready ? (player?.id ?? null) : null;
    if (id === shownFor) return;
    shownFor = id;
    active = null;
    toPass = false;
    read = [];
    const first = fields[0] ?? 'height';
    if (id) void tick().then(() => focusSoon(() => fieldOf(first)));
  });

  const order = new MeasuringOrder(() => (toPass = true));
  $effect.pre(() => {
    order.kinds = fields;
  });

  /** All is typed: the main button has the focus as soon as all that was read is in the answer. */
  let toPass = $state(false);
  let read = $state<readonly MeasurementId[]>([]);
  $effect(() => {
    if (!toPass || !proposal || acting.busy || !read.every((kind) => queue.isFresh(kind))) return;
    toPass = false;
    focusSoon(() => place?.querySelector<HTMLElement>('[data-act="pass"]'));
  });

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

  /** Tried here and now instead of in the second line; the trial leads back. */
  async function tryNow() {
    leaveField();
    const who = player;
    if (!who) return;
    await acting.run(async () => {
      await setDayState(db, dayId, who, 'trial');
      await goto(`/fit/${who.id}?now#try`);
    });
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
    shortcuts(window, {
      'Alt+b': once(back),
      'Alt+s': once(() => void leaveAs('skipped')),
      'Alt+a': once(() => void leaveAs('absent')),
      'Alt+t': once(() => void leaveAs('trial'))
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
  <div class="place" style:--wide="84rem" style:--between="0.75rem" bind:this={place}>
    <DayHead {queue} />

    <div class="columns">
      {#if player && member}
        <section class="grid gap-4 no-print" aria-labelledby="who">
          <DayWho {player} group={groupOf(queue.groups, player)} today={queue.today} />
          {#if queue.typed}<PainNotes {player} pains={queue.pains} typed={queue.typed} />{/if}
          <div class="work">
            <div class="fields">
              {#if queue.typed}{@const typed = queue.typed}{#each fields as kind (player.id + kind)}
                  {@const measurement = queue.newest[kind]}
                  <MeasureField
                    bind:this={order.at[kind]}
                    {order}
                    {kind}
                    {unit}
                    {typed}
                    {measurement}
                    fresh={queue.isFresh(kind)}
                    heightMm={kind === 'height' ? null : queue.heightMm}
                    isBeyondAge={(mm) => kind === 'height' && queue.isBeyondAge(player, mm)}
                    estimateMm={null}
                    active={active === kind}
                    onactive={() => {
                      active = kind;
                      toPass = false;
                    }}
                    onreading={async (mm, now) => {
                      // The player may be deleted in another tab while the field is left.
                      const who = member?.player;
                      if (!who) return;
                      read = [...read, kind];
                      await readInQueue(db, who, kind, mm, nameOf(kind), now);
                    }}
                    ondrop={(reading) =>
                      measurement &&
                      attempt(() => dropReading(db, player, measurement, reading, nameOf(kind)))}
                  />
                {/each}
                <TapeWords {queue} {player} onread={() => (toPass = true)} />{/if}
            </div>
            <div class="said" aria-live="polite">
              <Part name="The answer">
                <DayAnswer {proposal} advice={queue.advice} {unit} />
              </Part>
            </div>
          </div>
          <div class="flex flex-wrap gap-3 items-center">
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
            {#if proposal && toSecondLine}
              <button type="button" class="btn act" data-act="try-now" disabled={acting.busy} onclick={tryNow}
                >Try it on now</button
              >
            {/if}
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
          <p class="soft text-sm leaves">
            Skipped and absent stay in the list without a size; a tap on a name brings them back.
          </p>
        </section>
        <div class="on-paper"><DaySummary {queue} /></div>
      {:else if over}
        <DaySummary {queue} />
      {:else}
        <p class="soft">Nobody is in this line yet. Put the first one in on the right.</p>
      {/if}
      <QueueList {queue} current={player?.id ?? null} {over} ongo={goTo} />
    </div>
  </div>
{/if}

<style>
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 17rem;
    gap: 1.5rem 2.5rem;
    align-items: start;
  }
  .work {
    display: grid;
    grid-template-columns: 19rem minmax(0, 1fr);
    gap: 1rem 2.5rem;
    min-height: 19rem;
  }
  .pass {
    min-height: 3.5rem;
  }
  .on-paper {
    display: none;
  }
  .leaves {
    text-align: right;
  }
  @media print {
    .on-paper {
      display: block;
    }
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
    .place {
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
