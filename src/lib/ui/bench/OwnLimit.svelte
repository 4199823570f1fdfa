<script lang="ts">
  import { OWN_LIMIT_RANGE, type LandingRule } from '$lib/core/sizing';
  import SteadySlider from '$lib/ui/SteadySlider.svelte';

  /** A teacher's own limit for the scroll, anywhere along the hand. */
  let { limit, onrule }: { limit: number; onrule: (rule: LandingRule) => Promise<boolean> } = $props();
</script>

<SteadySlider
  value={Math.round(limit * 100)}
  min={OWN_LIMIT_RANGE[0] * 100}
  max={OWN_LIMIT_RANGE[1] * 100}
  step={5}
  label={(percent) => `Own limit: ${percent} % of the hand, 0 the wrist, 50 the palm centre`}
  onmove={(percent) => onrule({ school: 'own', limit: percent / 100 })}
/>
