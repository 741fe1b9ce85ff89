<script setup lang="ts">
/** Five things that are taken for each other under a lens, drawn at their own scale, with what tells them apart. */
const KEY = [
  {
    id: 'ciliates',
    name: 'Ciliates',
    size: '0.05 to 0.3 mm',
    tells: 'A slipper without limbs: it glides in a line and turns about itself.',
  },
  {
    id: 'rotifers',
    name: 'Rotifers',
    size: '0.1 to 0.3 mm',
    tells: 'Two wheels turn at the head, a foot holds on behind; eggs hang at it.',
  },
  {
    id: 'copepods',
    name: 'Copepods',
    size: '0.1 to 2 mm',
    tells: 'Two long feelers, a forked tail, one eye: it rests, then darts.',
  },
  {
    id: 'nematodes',
    name: 'Nematodes',
    size: '0.3 to 2 mm',
    tells: 'A thread, pointed at both ends, without rings: it whips in an S.',
  },
  {
    id: 'bacteria',
    name: 'Bacteria',
    size: 'a thousandth of a mm',
    tells: 'No shapes: a haze that shimmers and smells. Fry cannot eat it.',
  },
] as const
const HAZE = Array.from(
  { length: 40 },
  (_, i) => [6 + ((i * i * 31 + i * 17) % 68), 6 + ((i * i * 13 + i * 23) % 38)] as const,
)
</script>

<template>
  <ul class="grid gap-4 sm:grid-cols-2 desk:grid-cols-5 py-2">
    <li v-for="k in KEY" :key="k.id" class="grid gap-1 content-start">
      <svg
        viewBox="0 0 80 50"
        class="w-28 h-[4.4rem] text-ink"
        fill="none"
        stroke="currentColor"
        stroke-width="2"
        stroke-linecap="round"
        aria-hidden="true"
      >
        <g v-if="k.id === 'ciliates'">
          <path d="M12 27c2-11 18-15 34-12 14 2 22 7 22 12s-10 10-26 10c-18 0-31-2-30-10z" />
          <path d="M26 22c6 4 12 5 18 4" />
          <path
            d="M16 18l-3-4M24 14l-2-5M34 12l-1-5M44 13l1-5M54 16l3-4M63 20l4-3M20 35l-3 4M32 38l-1 5M46 37l2 5M58 34l4 4"
            stroke-width="1.2"
          />
        </g>
        <g v-else-if="k.id === 'rotifers'">
          <path d="M22 16c-4 10-2 20 8 22 6 1 20-3 26-10" />
          <path d="M22 16c10-4 26 0 34 12" />
          <path d="M56 28l14 4M70 32l5-2M70 32l4 4" />
          <ellipse cx="18" cy="12" rx="7" ry="4" transform="rotate(-50 18 12)" />
          <ellipse cx="16" cy="26" rx="6" ry="3.6" transform="rotate(-70 16 26)" />
          <circle cx="58" cy="38" r="4" />
        </g>
        <g v-else-if="k.id === 'copepods'">
          <path d="M24 25c0-9 10-13 20-11 8 2 14 6 18 11-4 5-10 9-18 11-10 2-20-2-20-11z" />
          <path d="M62 25h8M70 25l7-4M70 25l7 4" />
          <path d="M27 17C18 12 10 9 4 8M27 33C18 38 10 41 4 42" />
          <circle cx="30" cy="25" r="2" fill="currentColor" />
          <path d="M40 15v20M48 16v18" stroke-width="1.2" />
        </g>
        <path
          v-else-if="k.id === 'nematodes'"
          d="M6 34c8-22 20-22 27-6s20 18 26 2c3-8 8-12 15-13"
          stroke-width="3"
        />
        <g v-else stroke="none" fill="currentColor">
          <circle v-for="([x, y], i) in HAZE" :key="i" :cx="x" :cy="y" r="1" />
        </g>
      </svg>
      <p>
        <strong>{{ k.name }}</strong>, {{ k.size }}
      </p>
      <p class="small">{{ k.tells }}</p>
    </li>
  </ul>
</template>
