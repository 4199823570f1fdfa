<script lang="ts">
  import { changeSettings, db } from '$lib/data';
  import { attempt } from '$lib/ui/shell/attempt';
  import type { Bench } from './bench.svelte';
  import LimitChoice from './LimitChoice.svelte';

  /** The sizing school of the teacher, changed where its answer stands. */
  let { bench }: { bench: Bench } = $props();
</script>

<LimitChoice
  rule={bench.settings.rule}
  onrule={(rule) => attempt(() => changeSettings(db, 'Changed the sizing school', { rule }, 'rule'))}
/>
