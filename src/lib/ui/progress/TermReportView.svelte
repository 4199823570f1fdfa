<script lang="ts">
  import { VIEWS } from '$lib/core/figure/views';
  import type { TermReport } from '$lib/print/report';
  import SeenPicture from '$lib/ui/figure/SeenPicture.svelte';
  import PdfButton from '$lib/ui/PdfButton.svelte';

  /** A term's report on one page, to print. */
  let { report, file }: { report: TermReport; file: string } = $props();

  const parts = $derived(
    [
      { title: 'What is secure', lines: report.secure },
      { title: 'What has become better', lines: report.better },
      { title: 'Tests', lines: report.tests }
    ].filter(({ lines }) => lines.length > 0)
  );
</script>

<section aria-labelledby="report">
  <h2 id="report" class="no-print">The term’s report</h2>
  <p class="no-print flex flex-wrap items-center gap-x-4 gap-y-2 mb-3">
    <button type="button" class="btn act-next" onclick={() => print()}>Print the report</button>
    <PdfButton
      text="Save as PDF"
      fileName="{file}.pdf"
      ask={(door) => door.report($state.snapshot(report) as TermReport)}
    />
    <span class="soft">One page. Only the report is printed.</span>
  </p>
  <article data-report>
    <h3>{report.player}</h3>
    <p class="soft">{report.instrument}, {report.period}</p>
    {#each parts as { title, lines } (title)}
      <h4>{title}</h4>
      <ul>
        {#each lines as line (line)}<li>{line}</li>{/each}
      </ul>
    {/each}
    {#if report.next.length > 0}
      <h4>What comes next</h4>
      <div class="next">
        {#each report.next as { title, right, picture: { question, view } } (title)}
          <figure>
            <SeenPicture
              family={question.family}
              readings={question.readings}
              instrument={question.instrument}
              {...question.setup ? { setup: question.setup } : {}}
              pose={question.pose ?? 'playing'}
              view={VIEWS[view]}
              changes={question.changes ?? []}
              marked={[]}
            />
            <figcaption><b>{title}</b> {right}</figcaption>
          </figure>
        {/each}
      </div>
    {/if}
    <p class="soft">{report.signed}</p>
  </article>
</section>

<style>
  h2 {
    font-weight: 700;
    font-size: 1.1rem;
    border-bottom: 1px solid var(--ink);
    margin-bottom: 0.35rem;
  }
  article {
    max-width: 46rem;
    padding: 1.5rem;
    border: 1px solid var(--line-strong);
    display: grid;
    gap: 0.35rem;
  }
  h3 {
    font-size: 1.5rem;
    font-weight: 700;
  }
  h4 {
    font-weight: 700;
    margin-top: 0.5rem;
  }
  .next {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 1rem;
  }
  @media print {
    article {
      border: 0;
      padding: 0;
      max-width: none;
    }
  }
</style>
