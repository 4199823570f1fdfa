<script lang="ts">
  import { SETUP_CHOICES } from '$lib/core/setup';
  import Choice from '$lib/ui/Choice.svelte';
  import { ANCHORING_WORDS, PLACING_WORDS } from '$lib/words/setup';
  import type { SetupWaysProps } from './setup-part';

  /** How the pin is held and how the cello stands. */
  let { laid, onchange }: SetupWaysProps<'seated'> = $props();

  const choices = $derived(laid.arrangement.choices);
</script>

<div class="flex flex-col gap-3">
  <Choice
    label="The pin is held by"
    value={choices.anchoring}
    options={SETUP_CHOICES.seated.anchoring.map((value) => ({ value, text: ANCHORING_WORDS[value] }))}
    onpick={(anchoring) =>
      onchange('Changed the anchor', ({ choices }) => ({ choices: { ...choices, anchoring } }))}
  />
  <Choice
    label="The cello stands"
    value={choices.placing}
    options={SETUP_CHOICES.seated.placing.map((value) => ({ value, text: PLACING_WORDS[value].name }))}
    onpick={(placing) =>
      onchange('Changed how the cello stands', ({ choices }) => ({ choices: { ...choices, placing } }))}
  />
  <p class="text-sm soft">{PLACING_WORDS[choices.placing].why}</p>
  <p class="text-sm soft">
    Drag seat, pin and scroll in the drawing, or use the arrow keys on them. A changed pin leaves seat and
    anchor where they are, and the cello turns a little; a turned cello takes its anchor along; a changed seat
    takes the whole cello along.
  </p>
</div>
