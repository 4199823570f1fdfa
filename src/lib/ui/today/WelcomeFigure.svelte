<script lang="ts">
  import { proposeSize } from '$lib/core/sizing';
  import ArmFigure from '$lib/ui/figure/ArmFigure.svelte';

  /** The drawing of the bench for an invented child of 120 cm. */
  const proposal = proposeSize({
    family: 'violin',
    readings: { height: [1205], armToPalm: [482], armToWrist: [421], handLength: [128] },
    rule: { school: 'palm-centre' }
  });
</script>

<ArmFigure {proposal} unit="cm" />
