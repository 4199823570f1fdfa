<script lang="ts">
  import { setupReviewOf, type PlayerCase } from '$lib/data';
  import { setupReviewSentence } from '$lib/words/setup-review';

  /** How long the set-up in use stays right, in a sentence; nothing without one. */
  let { of }: { of: PlayerCase } = $props();

  const review = $derived(setupReviewOf(of));
</script>

{#if review}<p data-review>{setupReviewSentence(review, of.settings.unit, of.today)}</p>{/if}
