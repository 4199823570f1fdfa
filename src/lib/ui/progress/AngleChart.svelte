<script lang="ts">
  import type { AngleCourse } from '$lib/core/progress';
  import Chart, { type ChartOption } from '$lib/ui/chart/Chart.svelte';
  import { daysLater } from '$lib/core/time';
  import { tonesOf } from '$lib/ui/chart/tones';

  /** An angle over time: each reading with how far it may be off, and what is right. */
  let {
    course,
    band,
    label,
    saveAs
  }: {
    course: AngleCourse;
    /** Null where nothing was agreed. */
    band: readonly [number, number] | null;
    label: string;
    saveAs: string;
  } = $props();

  const points = $derived(course.points);
  /** The band begins before the first reading and ends after the last. */
  const AROUND_DAYS = 3;
  const DAY_MS = 86_400_000;
  /** How wide the ends of what may be off are drawn, px. */
  const CAP_PX = [12, 2];

  function option(host: HTMLElement): ChartOption {
    const tones = tonesOf(host, ['ink', 'line', 'fits']);
    const ends = [
      daysLater(points[0]?.day ?? '', -AROUND_DAYS),
      daysLater(points.at(-1)?.day ?? '', AROUND_DAYS)
    ];
    const all = [...points.flatMap(({ deg, errorDeg }) => [deg - errorDeg, deg + errorDeg]), ...(band ?? [])];
    const quiet = { symbol: 'none', silent: true, tooltip: { show: false } } as const;
    const flat = (name: string, value: number, more: object) => ({
      ...quiet,
      type: 'line' as const,
      name,
      data: ends.map((day): [string, number] => [day, value]),
      ...more
    });
    return {
      animation: false,
      grid: { left: 48, right: 24, top: 16, bottom: 32 },
      xAxis: { type: 'time', minInterval: DAY_MS, axisLabel: { color: tones.ink, hideOverlap: true } },
      yAxis: {
        type: 'value',
        min: Math.floor(Math.min(...all)) - 1,
        max: Math.ceil(Math.max(...all)) + 1,
        axisLabel: { color: tones.ink, formatter: '{value}°' },
        splitLine: { lineStyle: { color: tones.line } }
      },
      tooltip: { trigger: 'axis' },
      series: [
        // What is right, as a band between its ends.
        ...(band
          ? [
              flat('from', band[0], {
                stack: 'right',
                stackStrategy: 'all',
                lineStyle: { color: tones.fits, type: 'dashed', width: 2 }
              }),
              flat('right', band[1] - band[0], {
                stack: 'right',
                stackStrategy: 'all',
                lineStyle: { color: tones.fits, type: 'dashed', width: 2 },
                areaStyle: { color: tones.fits, opacity: 0.16 }
              })
            ]
          : []),
        ...points.map(({ day, deg, errorDeg }) => ({
          ...quiet,
          type: 'line' as const,
          name: `may be off ${day}`,
          data: [-1, 1].map((side): [string, number] => [day, deg + side * errorDeg]),
          symbol: 'rect',
          symbolSize: CAP_PX,
          lineStyle: { color: tones.ink, width: 1.25 },
          itemStyle: { color: tones.ink }
        })),
        {
          type: 'line',
          name: 'degrees',
          data: points.map(({ day, deg }): [string, number] => [day, deg]),
          symbolSize: 8,
          lineStyle: { color: tones.ink, width: 2 },
          itemStyle: { color: tones.ink }
        }
      ]
    };
  }
</script>

<Chart {option} {label} {saveAs} height={200} />
