<script lang="ts">
  import {
    DEFAULT_LANDING_SCHOOL,
    LANDING_SCHOOLS,
    landingLimit,
    OWN_LIMIT_RANGE,
    type LandingRule
  } from '$lib/core/sizing';
  import Choice from '$lib/ui/Choice.svelte';
  import SteadySlider from '$lib/ui/SteadySlider.svelte';
  import { SCHOOL_WORDS } from '$lib/words/sizing';

  /** The sizing school: how far the scroll may come along the hand. */
  let {
    rule,
    onrule,
    hideLabel = false
  }: { rule: LandingRule; onrule: (rule: LandingRule) => Promise<boolean>; hideLabel?: boolean } = $props();

  const options = [...LANDING_SCHOOLS, 'own' as const].map((value) => ({
    value,
    text: SCHOOL_WORDS[value].name
  }));

  function pick(school: LandingRule['school']) {
    void onrule(school === 'own' ? { school, limit: landingLimit(rule) } : { school });
  }
</script>

<Choice
  label="The scroll may come up to"
  {hideLabel}
  value={rule.school ?? DEFAULT_LANDING_SCHOOL}
  {options}
  onpick={pick}
/>
{#if rule.school === 'own'}
  <SteadySlider
    value={Math.round(rule.limit * 100)}
    min={OWN_LIMIT_RANGE[0] * 100}
    max={OWN_LIMIT_RANGE[1] * 100}
    step={5}
    label={(percent) => `Own limit: ${percent} % of the hand, 0 the wrist, 50 the palm centre`}
    onmove={(percent) => onrule({ school: 'own', limit: percent / 100 })}
  />
{:else}
  <p class="text-sm soft mt-1">{SCHOOL_WORDS[rule.school].why}</p>
{/if}
