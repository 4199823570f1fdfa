<script lang="ts">
  import { Slider } from '@skeletonlabs/skeleton-svelte';
  import {
    DEFAULT_LANDING_SCHOOL,
    LANDING_SCHOOLS,
    landingLimit,
    OWN_LIMIT_RANGE,
    type LandingRule
  } from '$lib/core/sizing';
  import Choice from '$lib/ui/Choice.svelte';
  import { SCHOOL_WORDS } from '$lib/words/sizing';

  /** The sizing school: how far the scroll may come along the hand. */
  let {
    rule,
    onrule,
    hideLabel = false
  }: { rule: LandingRule; onrule: (rule: LandingRule) => void; hideLabel?: boolean } = $props();

  const options = [...LANDING_SCHOOLS, 'own' as const].map((value) => ({
    value,
    text: SCHOOL_WORDS[value].name
  }));

  function pick(school: LandingRule['school']) {
    onrule(school === 'own' ? { school, limit: landingLimit(rule) } : { school });
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
  <Slider
    value={[Math.round(rule.limit * 100)]}
    min={OWN_LIMIT_RANGE[0] * 100}
    max={OWN_LIMIT_RANGE[1] * 100}
    step={5}
    onValueChange={({ value: [percent] }) =>
      percent !== undefined && onrule({ school: 'own', limit: percent / 100 })}
    class="mt-3 max-w-md"
  >
    <Slider.Label class="text-sm"
      >Own limit: {Math.round(rule.limit * 100)} % of the hand, 0 the wrist, 50 the palm centre</Slider.Label
    >
    <Slider.Control class="py-3">
      <Slider.Track>
        <Slider.Range />
      </Slider.Track>
      <Slider.Thumb index={0}>
        <Slider.HiddenInput />
      </Slider.Thumb>
    </Slider.Control>
  </Slider>
{:else}
  <p class="text-sm soft mt-1">{SCHOOL_WORDS[rule.school].why}</p>
{/if}
