<script lang="ts">
  import { tick } from 'svelte';
  import { tinykeys } from 'tinykeys';
  import { combineReadings, LINE_ORDER, type MeasurementId } from '$lib/core/body';
  import { db, dropReading, type LineState } from '$lib/data';
  import { keepLineText, passInLine, readInLine, setLineState, type LineStanding } from '$lib/data/days';
  import ChanceBar from '$lib/ui/bench/ChanceBar.svelte';
  import MeasureField from '$lib/ui/field/MeasureField.svelte';
  import { attempt } from '$lib/ui/shell/attempt';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { chosenOf } from '$lib/core/sizing';
  import { FAMILY_WORDS } from '$lib/words/checks';
  import { ageText } from '$lib/words/dates';
  import { MEASUREMENT_WORDS } from '$lib/words/measurements';
  import { reasonSentences, verdictLine, warningSentence } from '$lib/words/sizing';
  import DaySummary from './DaySummary.svelte';
  import LineList from './LineList.svelte';
  import { Line } from './line.svelte';

  /** A fitting day as it runs: one player after the other, a few numbers, the answer, next. */
  let { dayId }: { dayId: string } = $props();

  // The component is keyed by the day, so the line lives as long as it does.
  // svelte-ignore state_referenced_locally
  const line = new Line(dayId);

  const unit = $derived(line.settings.unit);
  const member = $derived(line.current);
  const player = $derived(member?.player ?? null);
  const fields = $derived(player ? LINE_ORDER[player.family] : []);
  const proposal = $derived(line.proposal);
  const chosen = $derived(proposal ? chosenOf(proposal) : undefined);
  const measured = $derived(line.members.filter(({ state }) => state !== 'waiting').length);
  /** Between sizes, and told by more than height: a try on the body settles it. */
  const toSecondLine = $derived(proposal?.betweenSizes ?? false);
  const over = $derived(line.ready && line.members.length > 0 && member === null);

  let active = $state<MeasurementId | null>(null);
  let texts = $state<Partial<Record<MeasurementId, string>>>({});
  const textOf = (kind: MeasurementId) =>
    texts[kind] ?? (member && line.waiting[0] === member ? (line.day?.typed[kind] ?? '') : '');

  const nameOf = (kind: MeasurementId) => MEASUREMENT_WORDS[kind].name.toLowerCase();
  const heightMm = $derived.by(() => {
    const values = line.readings.height;
    return values && values.length > 0 ? combineReadings('height', values).mm : null;
  });

  /** The first field of whoever comes next. */
  async function toFirstField() {
    await tick();
    setTimeout(() => document.getElementById(`measure-${fields[0] ?? 'height'}`)?.focus(), 0);
  }

  let shownFor: string | null = null;
  $effect(() => {
    const id = line.ready ? (player?.id ?? null) : null;
    if (id === shownFor) return;
    shownFor = id;
    texts = {};
    active = null;
    if (id) void toFirstField();
  });

  function type(kind: MeasurementId, text: string) {
    texts[kind] = text;
    void attempt(() => keepLineText(db, dayId, kind, text));
  }

  async function take(kind: MeasurementId, mm: number) {
    const who = player;
    if (!who) return;
    const typed = textOf(kind);
    texts[kind] = '';
    const written = await line.enter(kind, mm, () =>
      attempt(() => readInLine(db, dayId, who, kind, mm, nameOf(kind)))
    );
    if (!written) texts[kind] = typed;
  }

  function next(kind: MeasurementId) {
    const following = fields[fields.indexOf(kind) + 1];
    if (following) document.getElementById(`measure-${following}`)?.focus();
    else setTimeout(() => document.getElementById('pass')?.focus(), 0);
  }

  let passing = false;

  /** Sends the player on, to the second line or with the advised size, and goes to the next. */
  async function pass(toTrial: boolean) {
    const who = player;
    const said = proposal;
    if (!who || !said || passing) return;
    passing = true;
    const { advised } = said;
    const decision = { proposal: said, readings: line.readings, advised, size: advised, reason: null };
    const done = await attempt(() =>
      toTrial ? setLineState(db, dayId, who, 'trial') : passInLine(db, dayId, who, decision)
    );
    passing = false;
    if (done) line.chosen = null;
  }

  /** What is typed belongs to the player at hand: it is taken before another one comes. */
  function leaveField() {
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
  }

  async function leaveAs(state: LineState) {
    leaveField();
    const who = player;
    if (who && (await attempt(() => setLineState(db, dayId, who, state)))) line.chosen = null;
  }

  async function goTo({ player: to, state }: LineStanding) {
    leaveField();
    if (state !== 'waiting' && !(await attempt(() => setLineState(db, dayId, to, 'waiting')))) return;
    line.chosen = to.id;
  }

  function back() {
    const { members } = line;
    const at = member ? members.indexOf(member) : members.length;
    const before = members.slice(0, at).findLast(({ state }) => state !== 'absent');
    if (before) void goTo(before);
  }

  $effect(() =>
    tinykeys(window, {
      'Alt+KeyB': (event) => {
        event.preventDefault();
        back();
      },
      'Alt+KeyS': (event) => {
        event.preventDefault();
        void leaveAs('skipped');
      },
      'Alt+KeyA': (event) => {
        event.preventDefault();
        void leaveAs('absent');
      },
      'Alt+KeyT': (event) => {
        event.preventDefault();
        void leaveAs('trial');
      }
    })
  );
</script>

{#if !line.ready}
  <p class="p-6 soft">Opening the line…</p>
{:else if !line.day}
  <section class="p-6 grid gap-3">
    <h1>This fitting day is not here</h1>
    <p><a class="btn act" href="/day">All fitting days</a></p>
  </section>
{:else}
  <div class="day">
    <header>
      <div>
        <h1>{line.day.name}</h1>
        <p class="soft">
          {measured} of {line.members.length} seen{line.secondLine.length > 0
            ? `, ${line.secondLine.length} for a trial`
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
      aria-valuemax={line.members.length}
      aria-valuenow={measured}
    >
      <span style:width="{(100 * measured) / Math.max(1, line.members.length)}%"></span>
    </div>

    <div class="columns">
      {#if player && member}
        <section class="now" aria-labelledby="who">
          <div class="who">
            <h2 id="who">{player.name}</h2>
            <p class="soft">
              {[
                FAMILY_WORDS[player.family].toLowerCase(),
                ageText(player.birthMonth, line.today),
                player.group
              ]
                .filter((part) => part)
                .join(' · ')}
            </p>
          </div>
          <div class="work">
            <div class="fields">
              {#each fields as kind (player.id + kind)}
                {@const measurement = line.newest[kind]}
                <MeasureField
                  {kind}
                  {unit}
                  text={textOf(kind)}
                  {measurement}
                  fresh={line.isFresh(kind)}
                  heightMm={kind === 'height' ? null : heightMm}
                  estimateMm={null}
                  active={active === kind}
                  onactive={() => (active = kind)}
                  ontext={(text) => type(kind, text)}
                  onreading={(mm) => take(kind, mm)}
                  ondrop={(index) =>
                    measurement && attempt(() => dropReading(db, player, measurement, index, nameOf(kind)))}
                  onnext={() => next(kind)}
                />
              {/each}
            </div>
            <div class="said" aria-live="polite">
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
            </div>
          </div>
          <div class="actions">
            <button
              id="pass"
              type="button"
              class="btn act-next text-lg"
              disabled={!proposal}
              onclick={() => pass(toSecondLine)}
            >
              {proposal ? (toSecondLine ? 'To the second line' : `Take the ${proposal.advised}`) : 'Take it'},
              next
              <span class="key">↵</span>
            </button>
            {#if proposal && toSecondLine}
              <button type="button" class="btn act" onclick={() => pass(false)}
                >Take the {proposal.advised} without a trial</button
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
        <DaySummary {line} />
      {:else}
        <p class="soft">Nobody is in this line yet. Put the first one in on the right.</p>
      {/if}
      <LineList {line} current={player?.id ?? null} ongo={goTo} />
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
  #pass {
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
