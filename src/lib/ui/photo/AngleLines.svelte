<script lang="ts">
  import { anglesOf } from '$lib/core/progress';
  import type { CheckResult } from '$lib/data';
  import { angleSteps } from '$lib/words/photo';

  /** What was measured at a check: each angle as it is now, and as it was. */
  let { results }: { results: readonly CheckResult[] } = $props();

  const courses = $derived(anglesOf(results));
</script>

{#each courses as course (course.angle)}
  <p data-measured={course.angle}>Measured: {angleSteps(course)}</p>
{/each}
