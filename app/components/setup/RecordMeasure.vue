<script setup lang="ts">
import { computed } from 'vue'
import type { Lot, Tool } from '@renatus/core/records/records'
import { LOT_KEEPS, type LotKeep } from '@renatus/core/records/vocabulary'
import InlineWays from '~/components/shared/InlineWays.vue'
import type { InlineWay } from '~/components/shared/inlineWay'
import { LOT_KEEP_WORDS } from '~/words/cysts'
import { numberField, RULES } from '~/words/fields'

/** What can be measured of a record: grams left of a lot, lengths of its nauplii, fillings of a measure. */
const props = defineProps<{ record: Lot | Tool }>()
const number = (rule: Parameters<typeof numberField>[0], text: string) =>
  numberField(rule).safeParse(text)
const message = (r: { error?: { issues: { message: string }[] } }) => r.error!.issues[0]!.message
const ways = computed((): InlineWay[] => {
  const r = props.record
  const subject = { type: r.type, id: r.id }
  if (r.type === 'tool')
    return [
      {
        name: 'Weigh',
        fields: [
          { label: r.kind === 'drop' ? 'Drops' : 'Fillings', hint: 'Of plain water, onto a scale' },
          { label: 'Water, g' },
        ],
        read([times = '', grams = '']) {
          const n = number({ label: 'Number of fillings', min: 1, max: 1000, whole: true }, times)
          const g = number({ label: 'Water', min: 0.01, max: 100_000, unit: 'g' }, grams)
          if (!n.success) return message(n)
          if (!g.success) return message(g)
          return [
            {
              kind: 'tool.measured',
              subject,
              data: { toolId: r.id, times: n.data, grams: g.data as never },
            },
          ]
        },
      },
    ]
  return [
    {
      name: 'Weigh',
      fields: [{ label: 'Grams left now' }],
      read([text = '']) {
        const g = number(RULES.gramsLeft, text)
        return g.success
          ? [{ kind: 'lot.weighed', subject, data: { lotId: r.id, grams: g.data as never } }]
          : message(g)
      },
    },
    {
      name: 'Fill a box',
      fields: [
        { label: 'Grams into the box', hint: 'The tin stays shut; it is worked from the box' },
        {
          label: 'The box is kept',
          options: LOT_KEEPS.map(value => ({ value, label: LOT_KEEP_WORDS[value] })),
          initial: 'fridge',
        },
      ],
      read([text = '', kept = '']) {
        const g = number({ label: 'Grams into the box', min: 0.01, max: 1000, unit: 'g' }, text)
        return g.success
          ? [
              {
                kind: 'lot.boxed',
                subject,
                data: { lotId: r.id, grams: g.data as never, kept: kept as LotKeep },
              },
            ]
          : message(g)
      },
    },
    {
      name: 'Measure nauplii',
      fields: [{ label: 'Lengths, µm', hint: 'Newly hatched, such as 430 445 452' }],
      read([text = '']) {
        const parts = text.split(/[\s;,]+/).filter(Boolean)
        const all = parts.map(p =>
          number({ label: 'Length of a nauplius', min: 200, max: 1200, unit: 'µm' }, p),
        )
        const bad = all.find(x => !x.success)
        if (parts.length === 0 || parts.length > 100)
          return 'Lengths are empty or more than 100: enter micrometres with spaces between, such as 430 445 452.'
        return bad
          ? message(bad)
          : [
              {
                kind: 'lot.measured',
                subject,
                data: { lotId: r.id, lengthsUm: all.map(x => x.data!) },
              },
            ]
      },
    },
  ]
})
</script>

<template>
  <InlineWays :ways="ways" :name="record.name" />
</template>
