<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { isShoulderFamily } from '$lib/core/instruments';
  import { changesBetween } from '$lib/core/setup';
  import type { Player } from '$lib/data';
  import { focusSoon, untilSo } from '$lib/ui/focus';
  import { FAMILY_WORDS } from '$lib/words/checks';
  import { ageText, dayText } from '$lib/words/dates';
  import { FIT_ORDER } from '$lib/core/body';
  import VerdictMark from '$lib/ui/VerdictMark.svelte';
  import { verdictLine } from '$lib/words/sizing';
  import Answer from './Answer.svelte';
  import type { Bench } from './bench.svelte';
  import CardStep from './CardStep.svelte';
  import CheckStep from './CheckStep.svelte';
  import DecideStep from './DecideStep.svelte';
  import Finish from './Finish.svelte';
  import FamilyFigure from './FamilyFigure.svelte';
  import MeasureStep from './MeasureStep.svelte';
  import SetupStep from './SetupStep.svelte';
  import Step from './Step.svelte';
  import TryStep from './TryStep.svelte';

  /**
   * The whole fit of one player on one bench, in the order of work. Set-up, hold checks and card are there for
   * violin and viola.
   */
  let { bench, player }: { bench: Bench; player: Player } = $props();

  const unit = $derived(bench.settings.unit);
  const facts = $derived(
    [
      FAMILY_WORDS[player.family].toLowerCase(),
      ageText(player.birthMonth, bench.today),
      bench.before ? `on a ${bench.before.size} since ${dayText(bench.before.day)}` : 'no size yet'
    ].filter((fact) => fact !== null)
  );
  const chosen = $derived(bench.proposal?.candidates.find(({ size }) => size === bench.proposal?.proposal));

  const ALL_STEPS = [
    { id: 'measure', name: 'Measure' },
    { id: 'try', name: 'Try on' },
    { id: 'decide', name: 'Decide' },
    { id: 'set-up', name: 'Set up' },
    { id: 'check', name: 'Check' },
    { id: 'card', name: 'Card' }
  ] as const;
  type StepId = (typeof ALL_STEPS)[number]['id'];
  const onShoulder = $derived(isShoulderFamily(player.family));
  const STEPS = $derived(onShoulder ? ALL_STEPS : ALL_STEPS.slice(0, 3));
  const fields = $derived(FIT_ORDER[player.family]);

  const done: Readonly<Record<StepId, boolean>> = $derived({
    measure: bench.proposal !== null,
    try: bench.tried !== null || bench.decided !== null,
    decide: bench.decided !== null,
    'set-up': bench.kept !== null && !bench.setupChanged,
    check: Object.keys(bench.seen).length > 0,
    card: false
  });
  const nextStep: StepId = $derived(
    STEPS.find(({ id }) => !done[id] && id !== 'try')?.id ?? (onShoulder ? 'card' : 'decide')
  );

  /** Where the focus lands when a step is gone to, the first that is there. */
  const ENTRY: Readonly<Record<StepId, readonly string[]>> = $derived({
    measure: fields.map((id) => `measure-${id}`),
    try: ['trial-look', 'begin-trial'],
    decide: ['accept-size'],
    'set-up': ['keep-setup'],
    check: ['hold-comes-to-player'],
    card: ['print-card']
  });

  /** The first length that is still to be measured. */
  const firstWaiting = () => fields.find((id) => bench.valueOf(id) === null);

  async function goTo(step: StepId) {
    await tick();
    const waiting = step === 'measure' ? firstWaiting() : undefined;
    const ids = waiting ? [`measure-${waiting}`] : ENTRY[step];
    const target = ids.map((id) => document.getElementById(id)).find((element) => element !== null);
    document.getElementById(step)?.scrollIntoView({ block: 'start' });
    const focusable = target?.matches('li') ? target.querySelector<HTMLElement>('input') : target;
    (focusable ?? document.getElementById(`${step}-title`))?.focus({ preventScroll: step !== 'measure' });
  }

  async function goOnTo(step: StepId, isThere: () => boolean) {
    await untilSo(isThere);
    await goTo(step);
  }

  const sinceLast = $derived(
    bench.kept && bench.earlierSetup ? changesBetween(bench.earlierSetup.rest, bench.kept.rest).length : 0
  );

  onMount(() => {
    if (nextStep === 'measure' || nextStep === 'decide')
      focusSoon(() => document.getElementById(`measure-${firstWaiting() ?? 'height'}`));
    else setTimeout(() => void goTo(nextStep), 0);
  });
</script>

<div class="bench" data-next={nextStep}>
  <header class="who">
    <h1>{player.name}</h1>
    <p class="soft">{facts.join(' · ')}</p>
    <p class="links"><a href="/players/{player.id}">History</a></p>
  </header>

  <section id="measure" aria-labelledby="measure-title" class="measure">
    <h2 id="measure-title" class="sr-only" tabindex="-1">Measure</h2>
    <div class="list"><MeasureStep {bench} {player} ondone={() => goTo('decide')} /></div>
    <div class="drawing">
      <FamilyFigure
        family={player.family}
        proposal={bench.proposal}
        {unit}
        chosen={bench.decided?.size ?? bench.draft.overrideSize}
        onmeasure={(id) => document.getElementById(`measure-${id}`)?.focus()}
      />
    </div>
    <div class="answer-place"><Answer {bench} {player} /></div>
  </section>

  <Step id="try" title="Try on" note="The trial on the body outranks the tape.">
    <TryStep {bench} {player} ondone={() => goTo('decide')} />
  </Step>
  <Step id="decide" title="Decide" note="The decision is yours.">
    <DecideStep
      {bench}
      {player}
      ondone={() => (onShoulder ? goOnTo('set-up', () => bench.decided !== null) : undefined)}
    />
    {#if bench.decided && !onShoulder}<p class="finish"><Finish {player} primary /></p>{/if}
  </Step>
  {#if onShoulder}
    <Step
      id="set-up"
      title="Set up"
      note={sinceLast > 0
        ? `${sinceLast} changes since the last set-up`
        : 'Stance first, then the support, then look again.'}
    >
      <SetupStep
        {bench}
        {player}
        ondone={() => goOnTo('check', () => bench.kept !== null && !bench.setupChanged)}
      />
    </Step>
    <Step id="check" title="Check the hold" note="From the body outward.">
      <CheckStep {bench} {player} ondone={() => goTo('card')} />
    </Step>
    <Step id="card" title="Card" note="A6, to take home.">
      <CardStep {bench} {player} />
    </Step>
  {/if}
</div>

<footer class="foot no-print">
  <p class="now">
    {#if bench.decided}
      <b class="num">{bench.decided.size}</b> decided
    {:else if bench.proposal && chosen}
      <b class="num {chosen.verdict}"
        >{bench.proposal.betweenSizes ? bench.proposal.between?.join(' or ') : chosen.size}</b
      >
      <span class="line">
        {#if !bench.proposal.betweenSizes}<VerdictMark verdict={chosen.verdict} />{/if}
        {bench.proposal.betweenSizes
          ? `take the ${bench.advice?.size ?? bench.proposal.advised}`
          : verdictLine(chosen, unit)}
      </span>
    {:else}
      <span class="soft">Nothing measured yet</span>
    {/if}
  </p>
  <nav aria-label="Steps">
    {#each STEPS as { id, name } (id)}
      <a
        href="#{id}"
        aria-current={id === nextStep ? 'step' : undefined}
        class:done={done[id]}
        onclick={(event) => {
          event.preventDefault();
          void goTo(id);
        }}
        >{name}{#if done[id]}<span class="tick" aria-label="done">✓</span>{/if}</a
      >
    {/each}
  </nav>
</footer>

<style>
  .bench {
    padding: 0.25rem 1.5rem 1rem;
    max-width: 90rem;
  }
  .who {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 1rem;
    padding-bottom: 0.25rem;
  }
  h1 {
    font-size: 1.6rem;
    font-weight: 750;
    letter-spacing: -0.01em;
    overflow-wrap: anywhere;
  }
  .links {
    margin-left: auto;
  }
  .links a {
    text-decoration: underline;
    text-underline-offset: 0.2em;
    display: inline-flex;
    align-items: center;
    min-height: 2.75rem;
  }
  .measure {
    display: grid;
    grid-template-columns: 17.5rem minmax(0, 1fr);
    gap: 0.5rem 1rem;
    padding-bottom: 1.5rem;
    scroll-margin-top: 4rem;
  }
  .answer-place {
    grid-column: 1 / -1;
  }
  .finish {
    margin-top: 1rem;
  }
  .foot {
    position: sticky;
    bottom: 0;
    z-index: 10;
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    align-items: center;
    gap: 0 1.5rem;
    padding: 0 1.5rem;
    background: var(--ground);
    border-top: 1px solid var(--line-strong);
  }
  .now {
    display: flex;
    align-items: center;
    gap: 0.6rem;
  }
  .now b {
    font-size: 1.6rem;
    white-space: nowrap;
  }
  .line {
    display: inline-flex;
    align-items: center;
    gap: 0.35rem;
  }
  .foot nav {
    display: flex;
    flex-wrap: wrap;
  }
  .foot nav a {
    display: inline-flex;
    align-items: center;
    gap: 0.3rem;
    min-height: 3rem;
    padding-inline: 0.85rem;
    border-bottom: 3px solid transparent;
  }
  .foot nav a[aria-current] {
    border-bottom-color: var(--next);
    font-weight: 700;
  }
  .tick {
    color: var(--fits);
    font-weight: 700;
  }
  @media (max-width: 900px) {
    .bench {
      padding-inline: 1rem;
    }
    .measure {
      grid-template-columns: minmax(0, 1fr);
    }
    .drawing {
      order: -1;
    }
    .foot nav a {
      padding-inline: 0.55rem;
    }
  }
  @media print {
    .bench {
      padding: 0;
    }
  }
</style>
