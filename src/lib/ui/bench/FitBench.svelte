<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { onMount, tick } from 'svelte';
  import type { Player } from '$lib/data';
  import { focusSoon } from '$lib/ui/focus';
  import ChildStrip from '$lib/ui/player/ChildStrip.svelte';
  import PainNotes from '$lib/ui/PainNotes.svelte';
  import { isTyping } from '$lib/ui/shortcuts';
  import Part from '$lib/ui/shell/Part.svelte';
  import { FIT_ORDER } from '$lib/core/body';
  import { isShoulderFamily } from '$lib/core/instruments';
  import Answer from './Answer.svelte';
  import type { Bench } from './bench.svelte';
  import BenchFoot from './BenchFoot.svelte';
  import CardStep from './CardStep.svelte';
  import CheckStep from './CheckStep.svelte';
  import DecideStep from './DecideStep.svelte';
  import FamilyFigure from './FamilyFigure.svelte';
  import Limit from './Limit.svelte';
  import MeasureStep from './MeasureStep.svelte';
  import { ALL_STEPS, stepOf, type StepId } from './steps';
  import KeepSetup from '$lib/ui/setup/KeepSetup.svelte';
  import SetupStep from '$lib/ui/setup/SetupStep.svelte';
  import TryStep from './TryStep.svelte';

  /**
   * The whole fit of one player, a step at a time in the order of work.
   */
  let { bench, player }: { bench: Bench; player: Player } = $props();

  const unit = $derived(bench.settings.unit);

  const STEPS = ALL_STEPS;
  /** A kept set-up of a cello, as it stands. */
  const settled = $derived.by(() => {
    const { laid, kept } = bench.setup;
    return kept && laid?.kind === 'seated' ? { size: kept.size, posture: laid.plan.posture } : null;
  });
  const fields = $derived(FIT_ORDER[player.family]);

  const done: Readonly<Record<StepId, boolean>> = $derived({
    measure: bench.proposal !== null,
    try: bench.tried !== null || bench.standing !== null,
    decide: bench.standing !== null,
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

  /** Where the teacher came in; a place of the address leads anywhere else. */
  // svelte-ignore state_referenced_locally
  const first: StepId = toMend() ? 'set-up' : bench.decided ? nextStep : 'measure';
  let step: StepId = $derived(stepOf(page.url.hash) ?? first);

  async function goTo(to: StepId) {
    if (to !== step) {
      // At once: what ends while the address is on its way must know that the teacher has gone.
      step = to;
      await goto(`#${to}`, { keepFocus: true, noScroll: true });
    }
    await tick();
    window.scrollTo({ top: 0 });
    enter();
  }

  /** Goes on from a step that is done, unless another was gone to meanwhile. */
  const onFrom = (from: StepId, to: StepId) => () => void (step === from && goTo(to));

  function enter() {
    // The bench may be left before its turn has come.
    if (!place) return;
    const waiting = step === 'measure' ? fieldOf(firstWaiting() ?? fields[0] ?? 'height') : null;
    const target = waiting ?? ENTRY[step].map(find).find((element) => element !== null);
    (target ?? find('h2'))?.focus({ preventScroll: true });
  }

  /** Enter beside everything that takes it goes on: with the one main action, else to the next step. */
  function keydown(event: KeyboardEvent) {
    if (event.key !== 'Enter' || event.repeat || event.defaultPrevented) return;
    const { target } = event;
    if (isTyping(target) || (target instanceof Element && target.closest('button, a, summary, [role=tab]')))
      return;
    event.preventDefault();
    const main = find('.act-next');
    if (main) main.click();
    else void goTo(STEPS[STEPS.findIndex(({ id }) => id === step) + 1]?.id ?? 'card');
  }

  /** What the set-up is asked to mend, by whoever comes from a fault. */
  function toMend() {
    return page.url.searchParams.has('mend');
  }

  onMount(() => {
    if (toMend() && step === 'set-up') focusSoon(() => find('[data-mend] [data-seen].asked'));
    else if (step === 'measure') focusSoon(() => place && fieldOf(firstWaiting() ?? 'height'));
    else setTimeout(enter, 0);
  });
</script>

<svelte:window onkeydown={keydown} />

<div class="bench" data-next={nextStep} bind:this={place}>
  <ChildStrip {player} here="fit" />
  <PainNotes {player} pains={bench.earlierPains} typed={bench.typed} />

  <section data-step={step} class="step {step}" aria-labelledby="step-title">
    <h2 id="step-title" class="sr-only" tabindex="-1">{STEPS.find(({ id }) => id === step)?.title}</h2>
    {#if step === 'measure'}
      <div class="list">
        <MeasureStep
          {bench}
          {player}
          ondone={onFrom('measure', bench.proposal?.betweenSizes ? 'try' : 'decide')}
        />
      </div>
      <div class="drawing">
        <Part name="The drawing">
          <FamilyFigure
            readings={bench.readings}
            family={player.family}
            proposal={bench.proposal}
            {unit}
            chosen={bench.decided?.size ?? bench.draft.overrideSize}
            {settled}
            onmeasure={(id) => fieldOf(id)?.focus()}
          />
        </Part>
      </div>
      <div class="answer-place">
        <Part name="The answer"><Answer {bench} {player} withSchool={false} /></Part>
      </div>
      {#if isShoulderFamily(player.family)}<div class="school"><Limit {bench} /></div>{/if}
    {:else}
      <Part name={STEPS.find(({ id }) => id === step)?.title ?? ''}>
        {#if step === 'try'}
          <TryStep
            {bench}
            {player}
            isNext={nextStep === 'try'}
            ondone={onFrom('try', 'decide')}
            ontaken={onFrom('try', 'set-up')}
          />
        {:else if step === 'decide'}
          <Answer {bench} {player} />
          <DecideStep
            {bench}
            {player}
            isNext={nextStep === 'decide'}
            ondone={onFrom('decide', 'set-up')}
            ontry={onFrom('decide', 'try')}
          />
        {:else if step === 'set-up'}
          <SetupStep {bench} {player} />
        {:else if step === 'check'}
          <CheckStep {bench} {player} isNext={nextStep === 'check'} ondone={onFrom('check', 'card')} />
        {:else}
          <CardStep {bench} {player} isNext={nextStep === 'card'} />
        {/if}
      </Part>
    {/if}
  </section>
  <BenchFoot {bench} {player} steps={STEPS} {done} {step} ongo={goTo}>
    {#if step === 'set-up'}
      <KeepSetup {bench} {player} isNext={nextStep === 'set-up'} ondone={onFrom('set-up', 'check')} />
    {/if}
  </BenchFoot>
</div>

<style>
  .bench {
    flex: 1;
    display: flex;
    flex-direction: column;
    max-width: 90rem;
    width: 100%;
  }
  .bench > :global(:not(footer)) {
    margin-inline: 1.5rem;
  }
  .step {
    flex: 1;
    padding-bottom: 0.25rem;
  }
  .measure {
    display: grid;
    grid-template:
      'list drawing' auto
      'list answer' auto
      'school answer' 1fr / 17.5rem minmax(0, 1fr);
    gap: 0.5rem 1rem;
  }
  .list {
    grid-area: list;
  }
  .drawing {
    grid-area: drawing;
  }
  .answer-place {
    grid-area: answer;
  }
  .school {
    grid-area: school;
    padding-left: 0.75rem;
  }
  @media (max-width: 900px) {
    .bench > :global(:not(footer)) {
      margin-inline: 1rem;
    }
    .measure {
      grid-template: 'drawing' 'list' 'answer' 'school' / minmax(0, 1fr);
    }
    .school {
      padding: 0;
    }
  }
</style>
