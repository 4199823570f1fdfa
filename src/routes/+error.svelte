<script lang="ts">
  import { page } from '$app/state';
  import CrashScreen from '$lib/ui/shell/CrashScreen.svelte';
</script>

{#if page.status === 404}
  <section class="p-6">
    <h1 class="text-2xl font-bold">There is no such page</h1>
    <p class="mt-2"><a class="underline" href="/">Go to Today</a></p>
  </section>
{:else}
  <CrashScreen path={page.url.pathname} error={page.error} />
{/if}
