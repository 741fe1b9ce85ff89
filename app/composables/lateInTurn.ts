import { defineAsyncComponent, defineComponent, h, type Component } from 'vue'
import { useInTurn } from './useInTurn'

/** A component whose script comes late. Where several wait for it they are drawn one after another once it is here. */
export const lateInTurn = <C extends Component>(load: () => Promise<{ default: C }>) =>
  defineAsyncComponent(async () => {
    const { default: late } = await load()
    return defineComponent({
      inheritAttrs: false,
      setup(_, { attrs, slots }) {
        const here = useInTurn()
        return () => (here.value ? h(late as Component, attrs, slots) : null)
      },
    }) as unknown as C
  })
