<script lang="ts">
  import { DEFAULT_LANDING_SCHOOL, LANDING_SCHOOLS, ruleWith, type LandingRule } from '$lib/core/sizing';
  import Choice from '$lib/ui/Choice.svelte';
  import { SCHOOL_WORDS } from '$lib/words/sizing';
  import OwnLimit from './OwnLimit.svelte';

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

  const pick = (school: LandingRule['school']) => void onrule(ruleWith(school, rule));
</script>

<Choice
  label="The scroll may come up to"
  {hideLabel}
  value={rule.school ?? DEFAULT_LANDING_SCHOOL}
  {options}
  onpick={pick}
/>
{#if rule.school === 'own'}
  <OwnLimit limit={rule.limit} {onrule} />
{:else}
  <p class="text-sm soft mt-1">{SCHOOL_WORDS[rule.school].why}</p>
{/if}
