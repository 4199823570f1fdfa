<script lang="ts">
  import { goto } from '$app/navigation';
  import { Action } from '$lib/ui/action.svelte';

  const loading = new Action();

  const lookAround = () =>
    loading.run(async () => {
      const { bringDemo } = await import('$lib/ui/bring-demo');
      await bringDemo();
    });
</script>

<section class="welcome">
  <div class="words">
    <h1>From the tape to a set-up and a card, while the child waits.</h1>
    <p>
      Jarvel works out the size, the rest and the next look from a few lengths, and shows why. Everything
      stays in this browser; take a backup with you in Files.
    </p>
    <div class="ways">
      <button type="button" class="btn act-next" onclick={lookAround} disabled={loading.busy}>
        {loading.busy ? 'Bringing the class in…' : 'Look around with a made-up class'}
      </button>
      <button type="button" class="btn act" onclick={() => goto('/players/new')}
        >Start empty with your first player</button
      >
    </div>
    <p class="soft text-sm">
      The made-up class is 24 invented pupils. Settings removes all of them in one go.
    </p>
  </div>
  <div class="drawing">
    {#await import('./WelcomeFigure.svelte') then { default: WelcomeFigure }}
      <WelcomeFigure />
    {/await}
  </div>
</section>

<style>
  .welcome {
    padding: 1.5rem 1.5rem 3rem;
  }
  .words {
    max-width: 44rem;
    display: grid;
    gap: 1.25rem;
  }
  .drawing {
    margin-top: 2rem;
    max-width: 60rem;
    min-height: 22rem;
  }
  h1 {
    font-size: 2.4rem;
    line-height: 1.12;
    font-weight: 750;
    letter-spacing: -0.02em;
    text-wrap: balance;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
  }
</style>
