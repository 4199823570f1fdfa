<script lang="ts" module>
  import {
    HeatmapChart,
    LineChart,
    ScatterChart,
    type HeatmapSeriesOption,
    type LineSeriesOption,
    type ScatterSeriesOption
  } from 'echarts/charts';
  import {
    AriaComponent,
    GridComponent,
    TooltipComponent,
    VisualMapComponent,
    type AriaComponentOption,
    type GridComponentOption,
    type TooltipComponentOption,
    type VisualMapComponentOption
  } from 'echarts/components';
  import { init, use, type ComposeOption, type ECharts } from 'echarts/core';
  import { LabelLayout } from 'echarts/features';
  import { SVGRenderer } from 'echarts/renderers';

  use([
    HeatmapChart,
    LineChart,
    ScatterChart,
    GridComponent,
    TooltipComponent,
    VisualMapComponent,
    AriaComponent,
    LabelLayout,
    SVGRenderer
  ]);

  export type ChartOption = ComposeOption<
    | HeatmapSeriesOption
    | LineSeriesOption
    | ScatterSeriesOption
    | GridComponentOption
    | TooltipComponentOption
    | AriaComponentOption
    | VisualMapComponentOption
  >;
</script>

<script lang="ts">
  import { onMount } from 'svelte';
  import { download } from '$lib/ui/download';

  /** A chart as vectors that follows its width and the theme. */
  let {
    option,
    label,
    height = 320,
    saveAs
  }: {
    /** What to draw, for an element from which the theme's colours can be read. */
    option: (host: HTMLElement) => ChartOption;
    /** What it shows, in a sentence. */
    label: string;
    height?: number;
    /** The name of the file when its picture is saved; it can't be where there is none. */
    saveAs?: string;
  } = $props();

  /** Saves what is drawn as vectors. */
  function savePicture() {
    const drawn = host.querySelector('svg');
    if (drawn && saveAs)
      download(`${saveAs}.svg`, 'image/svg+xml', new XMLSerializer().serializeToString(drawn));
  }

  let host: HTMLDivElement;
  let chart = $state.raw<ECharts | null>(null);
  let dark = $state(0);

  onMount(() => {
    const made = init(host, null, { renderer: 'svg' });
    chart = made;
    const sizes = new ResizeObserver(() => {
      // It reports once at the start, when nothing has changed: drawing anew costs as much as drawing.
      if (host.clientWidth !== made.getWidth() || host.clientHeight !== made.getHeight()) made.resize();
    });
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
    // It sets its own font else.
    const textStyle = { fontFamily: getComputedStyle(host).fontFamily };
    chart?.setOption({ textStyle, ...option(host) }, { notMerge: true });
  });
</script>

<div bind:this={host} role="img" aria-label={label} style:height="{height}px"></div>
{#if saveAs}
  <p class="no-print">
    <button type="button" class="act-quiet" onclick={savePicture}>Save the picture</button>
  </p>
{/if}

<style>
  /* Until it has followed a narrower page, the old drawing must not widen it. */
  [role='img'] {
    overflow-x: clip;
  }

  button {
    min-height: 2.75rem;
  }
</style>
