<script lang="ts">
  import { PLACES, type Place } from './places';

  let { path }: { path: string } = $props();

  const isHere = ({ href, also = [] }: Place) =>
    href === '/' ? path === '/' : [href, ...also].some((one) => path.startsWith(one));
</script>

<nav aria-label="Places" class="no-print">
  <a href="/" class="name" tabindex="-1" aria-hidden="true">Jarvel</a>
  <ul>
    {#each PLACES as place (place.href)}
      {@const { href, name, icon: Icon } = place}
      <li>
        <a {href} aria-current={isHere(place) ? 'page' : undefined}>
          <Icon size={20} strokeWidth={1.75} aria-hidden="true" />
          <span>{name}</span>
        </a>
      </li>
    {/each}
  </ul>
</nav>

<style>
  nav {
    background: oklch(0.22 0.016 155);
    color: oklch(0.9 0.01 155);
    display: flex;
    flex-direction: column;
    gap: 1rem;
    padding: 1.1rem 0;
  }
  :global(.dark) nav {
    background: oklch(0.14 0.01 155);
  }
  .name {
    padding-inline: 0.9rem;
    font-weight: 750;
    font-size: 1.15rem;
    letter-spacing: -0.01em;
    color: inherit;
  }
  ul {
    display: flex;
    flex-direction: column;
    gap: 0.25rem;
  }
  li a {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 0.2rem;
    padding: 0.55rem 0.25rem;
    margin-left: 0.5rem;
    border-radius: 0.5rem 0 0 0.5rem;
    font-size: 0.85rem;
    color: inherit;
    min-height: 2.75rem;
  }
  li a:hover {
    background: oklch(0.32 0.016 155);
  }
  li a[aria-current] {
    background: var(--ground);
    color: var(--ink);
    font-weight: 650;
  }
  @media (max-width: 900px) {
    nav {
      flex-direction: row;
      padding: 0;
    }
    .name {
      display: none;
    }
    ul {
      flex: 1;
      flex-direction: row;
      justify-content: space-around;
      gap: 0;
    }
    li {
      flex: 1;
    }
    li a {
      margin: 0;
      border-radius: 0;
      padding-block: 0.45rem;
    }
  }
  @media (max-width: 480px) {
    li {
      flex: 1 1 auto;
    }
    li a {
      font-size: 0.7rem;
      padding-inline: 0.1rem;
      white-space: nowrap;
    }
  }
</style>
