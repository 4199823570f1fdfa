<script lang="ts">
  import { onMount, tick } from 'svelte';
  import { changesBetween } from '$lib/core/setup';
  import type { Player } from '$lib/data';
  import { focusSoon } from '$lib/ui/focus';
  import ChildStrip from '$lib/ui/player/ChildStrip.svelte';
  import PainNotes from '$lib/ui/PainNotes.svelte';
  import Part from '$lib/ui/shell/Part.svelte';
  import { FIT_ORDER } from '$lib/core/body';
  import Answer from './Answer.svelte';
  import type { Bench } from './bench.svelte';
  import BenchFoot from './BenchFoot.svelte';
  import CardStep from './CardStep.svelte';
  import CheckStep from './CheckStep.svelte';
  import DecideStep from './DecideStep.svelte';
  import FamilyFigure from './FamilyFigure.svelte';
  import MeasureStep from './MeasureStep.svelte';
  import SetupStep from './SetupStep.svelte';
  import Step from './Step.svelte';
  import { ALL_STEPS, type StepId } from './steps';
  import TryStep from './TryStep.svelte';

  /**
   * The whole fit of one player on one bench, in the order of work.
   */
  let { bench, player }: { bench: Bench; player: Player } = $props();

  const unit = $derived(bench.settings.unit);

  const STEPS = ALL_STEPS;
  const fields = $derived(FIT_ORDER[player.family]);

  const done: Readonly<Record<StepId, boolean>> = $derived({
    measure: bench.proposal !== null,
    try: bench.tried !== null || bench.decided !== null,
    decide: bench.decided !== null,
    'set-up': bench.setup.kept !== null && !bench.setup.changed,
    check: Object.keys(bench.seen).length > 0,
    card: false
  });
  /** A trial comes next where the tape does not settle it; else it may be left out. */
  const trialIsNext = $derived(bench.trial !== null || (bench.proposal?.betweenSizes ?? false));
  const nextStep: StepId = $derived(
    STEPS.find(({ id }) => !done[id] && (id !== 'try' || trialIsNext))?.id ?? 'card'
  );

  /** Where the focus lands when a step is gone to, the first that is there. */
  const ENTRY: Readonly<Record<StepId, readonly string[]>> = {
    measure: [],
    try: ['[data-look]', '[data-act="begin-trial"]'],
    decide: ['[data-act="accept-size"]'],
    'set-up': ['[data-act="keep-setup"]'],
    check: ['[data-act="to-looks"]'],
    card: ['[data-act="print-card"]']
  };

  let place: HTMLElement | undefined = $state();
  const find = (selector: string) => place?.querySelector<HTMLElement>(selector) ?? null;

  /** The first length that is still to be measured. */
  const fieldOf = (id: string) => find(`[data-measure="${id}"]`);
  const firstWaiting = () => fields.find((id) => bench.valueOf(id) === null);

  async function goTo(step: StepId) {
    looking = step;
    goingUntil = performance.now() + GOING_MS;
    await tick();
    const waiting = step === 'measure' ? fieldOf(firstWaiting() ?? fields[0] ?? 'height') : null;
    const target = waiting ?? ENTRY[step].map(find).find((element) => element !== null);
    document.getElementById(step)?.scrollIntoView({ block: 'start' });
    (target ?? document.getElementById(`${step}-title`))?.focus({ preventScroll: step !== 'measure' });
  }

  const sinceLast = $derived(
    bench.setup.kept && bench.setup.earlier ? changesBetween(bench.setup.earlier, bench.setup.kept).length : 0
  );

  /** What the set-up is asked to mend, by whoever comes from a fault. */
  const toMend = () => place?.querySelector<HTMLElement>('[data-mend] [data-seen].asked');

  /** The step that is looked at: the last one whose heading has passed the upper part of the screen. */
  let looking = $state<StepId>('measure');
  const PASSED = 0.2;
  /** A step that was gone to is lit, also where the page ends before its heading is up there. */
  const GOING_MS = 600;
  let goingUntil = 0;
  function follow() {
    if (performance.now() < goingUntil) return;
    const passed = STEPS.filter(({ id }) => {
      const top = document.getElementById(id)?.getBoundingClientRect().top;
      return top !== undefined && top <= window.innerHeight * PASSED;
    });
    looking = passed.at(-1)?.id ?? 'measure';
  }

  onMount(() => {
    // A link may lead to a part of the bench.
    const asked = STEPS.find(({ id }) => location.hash === `#${id}`);
    if (asked && !toMend()) setTimeout(() => void goTo(asked.id), 0);
    else if (toMend()) focusSoon(toMend);
    else if (nextStep === 'measure' || nextStep === 'decide' || nextStep === 'try')
      focusSoon(() => fieldOf(firstWaiting() ?? 'height'));
    else setTimeout(() => void goTo(nextStep), 0);
  });
</script>

<svelte:window onresize={follow} />
<!-- Whatever it is that scrolls. -->
<svelte:document onscrollcapture={follow} />

<div class="bench" data-next={nextStep} bind:this={place}>
  <ChildStrip {player} here="fit" />
  <PainNotes {player} pains={bench.earlierPains} typed={bench.typed} />

  <section id="measure" aria-labelledby="measure-title" class="measure">
    <h2 id="measure-title" class="sr-only" tabindex="-1">Measure</h2>
    <div class="list"><MeasureStep {bench} {player} ondone={() => goTo('decide')} /></div>
    <div class="drawing">
      <Part name="The drawing">
        <FamilyFigure
          readings={bench.readings}
          family={player.family}
          proposal={bench.proposal}
          {unit}
          chosen={bench.decided?.size ?? bench.draft.overrideSize}
          onmeasure={(id) => fieldOf(id)?.focus()}
        />
      </Part>
    </div>
    <div class="answer-place"><Part name="The answer"><Answer {bench} {player} /></Part></div>
  </section>

  <Step id="try" title="Try on" note="The trial on the body outranks the tape.">
    <TryStep {bench} {player} isNext={nextStep === 'try'} ondone={() => goTo('decide')} />
  </Step>
  <Step id="decide" title="Decide" note="The decision is yours.">
    <DecideStep
      {bench}
      {player}
      isNext={nextStep === 'decide' && bench.decided === null}
      ondone={() => goTo('set-up')}
    />
  </Step>
  <Step
    id="set-up"
    title="Set up"
    note={sinceLast > 0
      ? `${sinceLast} changes since the last set-up`
      : 'Stance first, then the support, then look again.'}
  >
    <SetupStep {bench} {player} isNext={nextStep === 'set-up'} ondone={() => goTo('check')} />
  </Step>
  <Step id="check" title="Check the hold" note="From the body outward.">
    <CheckStep {bench} {player} isNext={nextStep === 'check'} ondone={() => goTo('card')} />
  </Step>
  <Step id="card" title="Card" note="A6, to take home.">
    <CardStep {bench} {player} isNext={nextStep === 'card'} />
  </Step>
</div>

<BenchFoot {bench} {player} steps={STEPS} {done} {nextStep} {looking} ongo={goTo} />

<style>
  .bench {
    padding: 0.25rem 1.5rem 1rem;
    max-width: 90rem;
  }
  .measure {
    display: grid;
    grid-template-columns: 17.5rem minmax(0, 1fr);
    gap: 0.5rem 1rem;
    padding-bottom: 1.5rem;
  }
  .answer-place {
    grid-column: 1 / -1;
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
  }
  @media print {
    .bench {
      padding: 0;
    }
  }
</style>
