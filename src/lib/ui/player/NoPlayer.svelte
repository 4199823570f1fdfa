<section class="p-6">
  <h1 class="text-2xl font-bold">This player is not here</h1>
  <p class="mt-2">
    Deleted, perhaps, or kept in another browser. Undo brings back what was deleted.
    <a class="underline" href="/players">All players</a>
  </p>
</section>
