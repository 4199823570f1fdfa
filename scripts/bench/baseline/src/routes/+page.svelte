<script lang="ts">
  import '../app.css';
  import Dexie from 'dexie';

  const db = new Dexie('empty');
  db.version(1).stores({ things: 'id' });
  let count = $state<number | null>(null);
  void db
    .table('things')
    .count()
    .then((found) => (count = found));
</script>

<p class="card preset-filled-surface-100-900 p-4">{count}</p>
