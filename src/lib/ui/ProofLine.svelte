<script lang="ts">
  /** Takes what the proof line of the last print really measured: by it the next one is corrected. */
  let {
    onread
  }: {
    /** In mm; null while it is no length that a print could have. */
    onread: (mm: number | null) => void;
  } = $props();

  const [LEAST_MM, TRUE_MM, MOST_MM] = [80, 100, 120];
  let wrong = $state(false);

  function read(text: string) {
    const mm = text.trim() === '' ? TRUE_MM : Number(text.replace(',', '.'));
    wrong = !(mm >= LEAST_MM && mm <= MOST_MM);
    onread(wrong ? null : mm);
  }
</script>

<label>
  The 100 mm line of the last print measures, mm
  <input
    class="field num"
    maxlength="6"
    placeholder={String(TRUE_MM)}
    inputmode="decimal"
    oninput={(event) => read(event.currentTarget.value)}
  />
  {#if wrong}<span class="warning" role="alert">
      The line measures {LEAST_MM} to {MOST_MM} mm; print again at 100 %.
    </span>{/if}
</label>

<style>
  label {
    display: grid;
    gap: 0.25rem;
    font-size: 0.9rem;
  }
  input {
    width: 8rem;
  }
  .warning {
    color: var(--stop);
    font-weight: 550;
  }
</style>
