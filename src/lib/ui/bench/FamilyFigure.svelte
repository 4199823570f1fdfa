<script lang="ts">
  import { heightRules } from '$lib/core/bass';
  import { averageSeatedBody, solvePosture, type Posture } from '$lib/core/cello';
  import type { MeasurementId, Readings } from '$lib/core/body';
  import { proposeSize, type Proposal } from '$lib/core/sizing';
  import type { Family } from '$lib/core/instruments';
  import type { LengthUnit } from '$lib/core/length';
  import ArmFigure from '$lib/ui/figure/ArmFigure.svelte';
  import BassFigure from '$lib/ui/figure/BassFigure.svelte';
  import CelloFigure from '$lib/ui/figure/CelloFigure.svelte';
  import Choice from '$lib/ui/Choice.svelte';

  /** The player with the instrument, drawn as the family is sized; each size can be put into the drawing. */
  let {
    family,
    proposal,
    readings,
    unit,
    chosen,
    settled,
    onmeasure
  }: {
    family: Family;
    proposal: Proposal | null;
    readings: Readings;
    unit: LengthUnit;
    /** The size that was decided or thought of, when it is not the proposal. */
    chosen: string | null;
    /** The set-up that was kept, so that a place has one number wherever it stands. */
    settled: { readonly size: string; readonly posture: Posture } | null;
    onmeasure: (id: MeasurementId) => void;
  } = $props();

  /** Stands in until something is measured; drawn pale and never judged. */
  const WAITING_MM = { cello: 1300, bass: 1600 } as const;

  let looked = $state<string | null>(null);

  const shown = $derived(
    proposal ??
      (family === 'cello' || family === 'bass'
        ? proposeSize({ family, readings: { height: [WAITING_MM[family]] } })
        : null)
  );
  /** Of the player as far as read; of nobody in particular before. */
  const drawnWith: Readings = $derived(
    proposal ? readings : { height: [family === 'bass' ? WAITING_MM.bass : WAITING_MM.cello] }
  );
  const candidate = $derived(
    shown &&
      (shown.candidates.find(({ size }) => size === (looked ?? chosen ?? shown.careful)) ??
        shown.candidates.find(({ size }) => size === shown.proposal))
  );
</script>

{#snippet sizes()}
  {#if proposal && candidate}
    <Choice
      label="In the drawing"
      hideLabel
      value={candidate.size}
      options={proposal.candidates.toReversed().map(({ size }) => ({ value: size, text: size }))}
      onpick={(size) => (looked = size)}
    />
  {/if}
{/snippet}

{#if shown?.arithmetic.kind === 'seated' && candidate}
  {@const body = proposal ? shown.arithmetic.body : averageSeatedBody(WAITING_MM.cello)}
  <CelloFigure
    readings={drawnWith}
    instrument={candidate.instrument}
    tone={candidate.verdict}
    posture={settled?.size === candidate.size ? settled.posture : solvePosture(body, candidate.instrument)}
    heightMm={body.heightMm}
    {unit}
    waiting={proposal === null}
    {onmeasure}
  >
    {@render sizes()}
  </CelloFigure>
{:else if shown?.arithmetic.kind === 'standing' && candidate}
  <BassFigure
    heightMm={shown.heightMm}
    heights={shown.arithmetic.heights}
    rules={heightRules(shown.arithmetic.heights, candidate.instrument)}
    readings={drawnWith}
    {candidate}
    {unit}
    waiting={proposal === null}
    {onmeasure}
  >
    {@render sizes()}
  </BassFigure>
{:else if family === 'violin' || family === 'viola'}
  <ArmFigure {family} {proposal} {readings} {unit} {chosen} {onmeasure} />
{/if}
