/** The views that exist, in the order of the spine. A group starts where `rule` is set. */
export const VIEWS = [
  { to: '/', name: 'Round', short: 'Round' },
  { to: '/broods', name: 'Broods', short: 'Broods' },
  { to: '/bench', name: 'Hatch bench', short: 'Bench', rule: true },
  { to: '/count', name: 'Count', short: 'Count' },
  { to: '/log', name: 'Log', short: 'Log', rule: true },
  { to: '/setup', name: 'Setup', short: 'Setup' },
] as const
