import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import * as z from 'zod'
import FormField from '~/components/shared/FormField.vue'
import { useZodForm } from '~/composables/useZodForm'
import { numberField, RULES } from '~/words/fields'

/** A form of two fields, the second asked only when the first says so. */
function form(initial: Record<string, unknown>) {
  const saved: unknown[] = []
  const component = defineComponent({
    setup() {
      const f = useZodForm(
        values =>
          z.object({
            fry: numberField(RULES.fry),
            pH: values.fry === '7' ? numberField(RULES.pH) : z.unknown().transform(() => null),
          }),
        initial,
      )
      const submit = f.handleSubmit(v => {
        saved.push(v)
      })
      return () =>
        h('form', { onSubmit: submit }, [
          h(FormField, { name: 'fry', label: 'Number of fry', numeric: true }),
          h(FormField, { name: 'pH', label: 'pH' }),
        ])
    },
  })
  return { wrapper: mount(component), saved }
}
const settle = () => new Promise(resolve => setTimeout(resolve, 20))

describe('a form', () => {
  it('gives numbers, not text, when everything holds', async () => {
    const { wrapper, saved } = form({ fry: '120', pH: 'nonsense' })
    await wrapper.find('form').trigger('submit')
    await settle()
    expect(saved).toEqual([{ fry: 120, pH: null }])
  })
  it('says what is wrong at the field, marks it, saves nothing and loses nothing', async () => {
    const { wrapper, saved } = form({ fry: '7', pH: '99' })
    await wrapper.find('form').trigger('submit')
    await settle()
    const inputs = wrapper.findAll('input')
    expect(saved).toEqual([])
    expect(wrapper.find('[role=alert]').text()).toContain('pH of the water cannot be “99”')
    expect(inputs[1]!.attributes('aria-invalid')).toBe('true')
    expect(inputs[1]!.element.value).toBe('99')
    await inputs[1]!.setValue('7.5')
    await wrapper.find('form').trigger('submit')
    await settle()
    expect(saved).toEqual([{ fry: 7, pH: 7.5 }])
  })
})
