<script lang="ts">
  import type { LengthUnit } from '$lib/core/length';
  import type { Card } from '$lib/print/card';
  import { paperOf } from '$lib/print/papers';
  import { fileNamePart } from './download';
  import PdfButton from './PdfButton.svelte';

  /** A player's card, and the label of the case, each as a file. */
  let { card, unit }: { card: Card; unit: LengthUnit } = $props();

  const name = $derived(fileNamePart(card.player));
</script>

<PdfButton
  text="Save as PDF"
  fileName="card-{name}.pdf"
  ask={(door, report) => door.cards([card], 'a6', report)}
/>
<PdfButton
  text="Case label as PDF"
  fileName="label-{name}.pdf"
  ask={(door, report) => door.labels([card], paperOf(unit), report)}
/>
