<script lang="ts">
  import { heightRules } from '$lib/core/bass';
  import { averageSeatedBody } from '$lib/core/cello';
  import type { MeasurementId } from '$lib/core/body';
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
    unit,
    chosen,
    onmeasure
  }: {
    family: Family;
    proposal: Proposal | null;
    unit: LengthUnit;
    /** The size that was decided or thought of, when it is not the proposal. */
    chosen: string | null;
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
  const candidate = $derived(
    shown &&
      (shown.candidates.find(({ size }) => size === (looked ?? chosen ?? shown.careful)) ??
        shown.candidates.find(({ size }) => size === shown.proposal))
  );
</script>

{#if shown?.arithmetic.kind === 'seated' && candidate}
  <CelloFigure
    body={proposal ? shown.arithmetic.body : averageSeatedBody(WAITING_MM.cello)}
    {candidate}
    {unit}
    waiting={proposal === null}
    {onmeasure}
  />
{:else if shown?.arithmetic.kind === 'standing' && candidate}
  <BassFigure
    heightMm={shown.heightMm}
    heights={shown.arithmetic.heights}
    rules={heightRules(shown.arithmetic.heights, candidate.instrument)}
    {candidate}
    {unit}
    waiting={proposal === null}
    {onmeasure}
  />
{:else}
  <ArmFigure {proposal} {unit} {chosen} {onmeasure} />
{/if}
{#if proposal && candidate && proposal.arithmetic.kind !== 'landing'}
  <div class="looked">
    <Choice
      label="In the drawing"
      value={candidate.size}
      options={proposal.candidates.toReversed().map(({ size }) => ({ value: size, text: size }))}
      onpick={(size) => (looked = size)}
    />
  </div>
{/if}

<style>
  .looked {
    display: flex;
    justify-content: flex-end;
    padding-block: 0.25rem;
  }
</style>
