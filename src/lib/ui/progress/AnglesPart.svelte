<script lang="ts">
  import { bandOf } from '$lib/core/photo';
  import type { AngleCourse } from '$lib/core/progress';
  import { fileNamePart } from '$lib/ui/download';
  import Fold from '$lib/ui/Fold.svelte';
  import type { DrawnAs } from '$lib/ui/lesson/drawn-as';
  import { dayText } from '$lib/words/dates';
  import { agreedIn, angleName, angleSteps, angleText, errorText } from '$lib/words/photo';
  import AngleChart from './AngleChart.svelte';

  /** Angles that were measured on stills, each over time with what is right. */
  let { courses, who }: { courses: readonly AngleCourse[]; who: DrawnAs } = $props();
</script>

<section aria-labelledby="angles">
  <h2 id="angles">Angles</h2>
  <div class="angles">
    {#each courses as course (course.angle)}
      <figure data-angle-course={course.angle}>
        <figcaption>{angleSteps(course)}</figcaption>
        <AngleChart
          {course}
          band={bandOf(course.angle, agreedIn(who.setup))}
          label={angleSteps(course)}
          saveAs={fileNamePart(angleName(course.angle))}
        />
        <Fold name="angle-{course.angle}" title="As a table">
          <table>
            <tbody>
              {#each course.points as { day, deg, errorDeg } (day)}
                <tr
                  ><th scope="row">{dayText(day)}</th><td
                    >{angleText(course.angle, deg)} {errorText(errorDeg)}</td
                  ></tr
                >
              {/each}
            </tbody>
          </table>
        </Fold>
      </figure>
    {/each}
  </div>
</section>

<style>
  .angles {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(24rem, 100%), 1fr));
    gap: 1rem 2rem;
  }
</style>
