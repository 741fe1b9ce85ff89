import { useForm, type TypedSchema } from 'vee-validate'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import type { z } from 'zod'

/** vee-validate fed by a Zod schema: text in, the schema's output at submit, messages from the schema. */
export function useZodForm<Out>(schema: MaybeRefOrGetter<z.ZodType<Out>>, initialValues: Record<string, unknown>) {
  const validationSchema = computed((): TypedSchema<Record<string, unknown>, Out> => ({
    __type: 'VVTypedSchema',
    async parse(values) {
      const parsed = toValue(schema).safeParse(values)
      if (parsed.success) return { value: parsed.data, errors: [] }
      const byPath = new Map<string, string[]>()
      for (const issue of parsed.error.issues) byPath.set(issue.path.join('.'), [...(byPath.get(issue.path.join('.')) ?? []), issue.message])
      return { errors: [...byPath].map(([path, errors]) => ({ path, errors })) }
    },
  }))
  return useForm<Record<string, unknown>, Out>({ validationSchema, initialValues, validateOnMount: false })
}
