import { useForm, type GenericObject, type TypedSchema } from 'vee-validate'
import type * as z from 'zod'

/**
 * vee-validate fed by a Zod schema: text in, the schema's output at submit, messages from the schema.
 * @param schemaOf the schema for what stands in the form: a rule may depend on another field
 */
export function useZodForm<Out extends GenericObject>(
  schemaOf: (values: GenericObject) => z.ZodType<Out>,
  initialValues: GenericObject,
) {
  const validationSchema: TypedSchema<GenericObject, Out> = {
    __type: 'VVTypedSchema',
    async parse(values) {
      const parsed = schemaOf(values).safeParse(values)
      if (parsed.success) return { value: parsed.data, errors: [] }
      const byPath = new Map<string, string[]>()
      for (const issue of parsed.error.issues)
        byPath.set(issue.path.join('.'), [
          ...(byPath.get(issue.path.join('.')) ?? []),
          issue.message,
        ])
      return { errors: [...byPath].map(([path, errors]) => ({ path, errors })) }
    },
  }
  return useForm<GenericObject, Out>({
    validationSchema,
    initialValues,
    validateOnMount: false,
    keepValuesOnUnmount: true,
  })
}
