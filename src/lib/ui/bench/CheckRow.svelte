<script lang="ts">
  import { RATINGS, type Check, type Rating } from '$lib/core/checks';
  import type { CheckResult } from '$lib/data';
  import Choice from '$lib/ui/Choice.svelte';
  import { CAUSE_WORDS, RATING_WORDS, STANDPOINT_WORDS } from '$lib/words/checks';
  import type { Snippet } from 'svelte';

  /** One check: what right looks like, how far the player has it, and what was seen amiss with its remedies. */
  let {
    check,
    result,
    disabled,
    onrate,
    onfault,
    timer
  }: {
    check: Check;
    result: CheckResult | undefined;
    disabled: boolean;
    onrate: (rating: Rating) => void;
    onfault: (fault: string) => void;
    timer?: Snippet;
  } = $props();

  const rating = $derived(result?.outcome.kind === 'rating' ? result.outcome.rating : null);
  const faults = $derived(result?.faults ?? []);
  const seen = $derived(check.faults.filter(({ id }) => faults.includes(id)));

  function keydown(event: KeyboardEvent) {
    const picked = RATINGS[Number(event.key) - 1];
    if (!picked || timer || event.repeat || event.ctrlKey || event.altKey || event.metaKey) return;
    event.preventDefault();
    onrate(picked);
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
<li data-check={check.id} onkeydown={keydown}>
  <div class="what">
    <h3>{check.title}</h3>
    <p class="soft text-sm">{check.right} <em>Look {STANDPOINT_WORDS[check.standpoint]}.</em></p>
  </div>
  <fieldset {disabled}>
    <legend class="sr-only">{check.title}</legend>
    {#if timer}
      {@render timer()}
    {:else}
      <Choice
        label="How far: {check.title}"
        hideLabel
        value={rating}
        options={RATINGS.map((value) => ({ value, text: RATING_WORDS[value] }))}
        onpick={onrate}
      />
    {/if}
    <div class="faults">
      {#each check.faults as fault (fault.id)}
        <button type="button" aria-pressed={faults.includes(fault.id)} onclick={() => onfault(fault.id)}>
          {fault.text}
        </button>
      {/each}
    </div>
    {#each seen as fault (fault.id)}
      <ol class="remedies">
        {#each fault.causes as cause (cause.remedy)}
          <li><b>{CAUSE_WORDS[cause.cause]}</b> {cause.remedy}</li>
        {/each}
      </ol>
    {/each}
  </fieldset>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(14rem, 24rem) 1fr;
    gap: 0.5rem 2rem;
    padding-block: 0.75rem;
    border-bottom: 1px solid var(--line);
    /* What the bars cover does not exist. */
  }
  fieldset:disabled {
    opacity: 0.5;
  }
  h3 {
    font-weight: 650;
  }
  fieldset {
    min-width: 0;
    display: flex;
    flex-direction: column;
    gap: 0.4rem;
  }
  .faults {
    display: flex;
    flex-wrap: wrap;
    gap: 0.35rem;
  }
  .faults button {
    min-height: 2.75rem;
    padding-inline: 0.75rem;
    border: 1px dashed var(--line-strong);
    border-radius: var(--radius-base);
    font-size: 0.9rem;
    color: var(--ink-soft);
  }
  .faults button[aria-pressed='true'] {
    border: 2px solid var(--large);
    color: var(--large);
    font-weight: 600;
  }
  .remedies {
    font-size: 0.95rem;
    padding-left: 0.75rem;
    border-left: 3px solid var(--large);
  }
  .remedies li {
    display: block;
    border: 0;
    padding: 0.1rem 0;
  }
  .remedies b {
    font-weight: 650;
    color: var(--ink-soft);
    margin-right: 0.35rem;
  }
  @media (max-width: 900px) {
    li {
      grid-template-columns: 1fr;
    }
  }
</style>
