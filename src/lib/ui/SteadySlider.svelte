<script lang="ts">
  import { Slider } from '@skeletonlabs/skeleton-svelte';

  /**
   * A slider over a stored value. It stays where the teacher put it while the database answers, so that quick
   * presses of a key all count.
   */
  let {
    value,
    min,
    max,
    step = 1,
    label,
    onmove
  }: {
    value: number;
    min: number;
    max: number;
    step?: number;
    /** Says what the value means. */
    label: (value: number) => string;
    /** Resolves to whether the value was kept. */
    onmove: (value: number) => Promise<boolean>;
  } = $props();

  let moved = $state<number | null>(null);
  const shown = $derived(moved ?? value);

  $effect(() => {
    if (value === moved) moved = null;
  });

  async function move(to: number | undefined) {
    if (to === undefined || to === shown) return;
    moved = to;
    if (!(await onmove(to)) && moved === to) moved = null;
  }
</script>

<Slider
  value={[shown]}
  {min}
  {max}
  {step}
  onValueChange={({ value: [to] }) => void move(to)}
  class="mt-3 max-w-md"
>
  <Slider.Label class="text-sm">{label(shown)}</Slider.Label>
  <Slider.Control class="py-3">
    <Slider.Track><Slider.Range /></Slider.Track>
    <Slider.Thumb index={0}><Slider.HiddenInput /></Slider.Thumb>
  </Slider.Control>
</Slider>
