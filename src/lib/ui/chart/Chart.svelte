<script lang="ts" module>
  import { LineChart, ScatterChart, type LineSeriesOption, type ScatterSeriesOption } from 'echarts/charts';
  import {
    AriaComponent,
    GridComponent,
    TooltipComponent,
    type AriaComponentOption,
    type GridComponentOption,
    type TooltipComponentOption
  } from 'echarts/components';
  import { init, use, type ComposeOption, type ECharts } from 'echarts/core';
  import { SVGRenderer } from 'echarts/renderers';

  use([LineChart, ScatterChart, GridComponent, TooltipComponent, AriaComponent, SVGRenderer]);

  export type ChartOption = ComposeOption<
    | LineSeriesOption
    | ScatterSeriesOption
    | GridComponentOption
    | TooltipComponentOption
    | AriaComponentOption
  >;
</script>

<script lang="ts">
  import { onMount } from 'svelte';

  /** A chart as vectors that follows its width and the theme. */
  let {
    option,
    label,
    height = 320
  }: {
    /** What to draw, for an element from which the theme's colours can be read. */
    option: (host: HTMLElement) => ChartOption;
    /** What it shows, in a sentence. */
    label: string;
    height?: number;
  } = $props();

  let host: HTMLDivElement;
  let chart = $state.raw<ECharts | null>(null);
  let dark = $state(0);

  onMount(() => {
    const made = init(host, null, { renderer: 'svg' });
    chart = made;
    const sizes = new ResizeObserver(() => made.resize());
    sizes.observe(host);
    const themes = new MutationObserver(() => dark++);
    themes.observe(document.documentElement, { attributes: true, attributeFilter: ['class'] });
    return () => {
      sizes.disconnect();
      themes.disconnect();
      made.dispose();
    };
  });

  $effect(() => {
    void dark;
    chart?.setOption(option(host), { notMerge: true });
  });
</script>

<div bind:this={host} role="img" aria-label={label} style:height="{height}px"></div>
